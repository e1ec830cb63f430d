<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lists;

use App\Actions\ActLog;
use App\Actions\Handover\FetchService;
use App\Actions\Handover\TryDestination;
use App\Http\RefusedAnswer;
use App\Models\ActKind;
use App\Models\Record;
use App\Pages\Registers\Forms\DestinationForm;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Juramen\Canon\Refused;
use Juramen\Register\Destination;
use Juramen\Register\RecordKind;

/** A destination is asked what it has, and tried. */
final class DestinationController
{
    public function __construct(private readonly ActLog $log) {}

    public function fetch(Request $request, string $slug, FetchService $fetch): RedirectResponse
    {
        return $this->say($request, $slug, ActKind::FetchedFields, static function (Destination $destination) use ($fetch): string {
            $there = $fetch($destination);

            return "It has {$there->fields->count()} fields and {$there->groups->count()} groups.";
        });
    }

    public function try(Request $request, string $slug, TryDestination $try): RedirectResponse
    {
        $user = SignedIn::user($request);

        return $this->say($request, $slug, ActKind::TriedDestination, static function (Destination $destination) use ($try, $user): string {
            $outcome = $try($destination, $user);

            return DestinationForm::tested($outcome->says ?? (string) $outcome->problem)
                .($outcome->isAccepted() ? '. It was taken back.' : '. Nothing was handed over.');
        });
    }

    /** @param  callable(Destination): string  $do  says what came of it */
    private function say(Request $request, string $slug, ActKind $act, callable $do): RedirectResponse
    {
        $record = Record::named(RecordKind::Destination, $slug);
        $back = redirect()->route('records.show', ['destination', $slug]);
        try {
            $said = $do(Destination::from($record->newestRevision()->document));
        } catch (Refused $e) {
            return RefusedAnswer::onForm($back, 'service', $e);
        }
        $this->log->write(SignedIn::user($request), $act, "destination $slug");

        return $back->with('said', $said);
    }
}
