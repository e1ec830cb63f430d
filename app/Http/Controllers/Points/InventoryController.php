<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Actions\Points\BeginPoint;
use App\Actions\Points\CopyPoint;
use App\Http\RefusedAnswer;
use App\Models\Point;
use App\Models\Subscriber;
use App\Pages\Controls\Option;
use App\Pages\Points\PointRow;
use App\Queries\Points\PointStatus;
use App\Queries\Points\PointStatuses;
use App\Queries\Registers\RegistersInForce;
use App\Support\Csv;
use App\Support\SignedIn;
use App\Support\Sorting;
use App\Support\SystemClock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Refused;
use Juramen\Register\Language;
use Juramen\Wording\Statement;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Every signup point in one list. */
final class InventoryController
{
    private const COLUMNS = ['point', 'name', 'place', 'languages', 'double_opt_in', 'edition', 'draft', 'breaches', 'weaknesses', 'signups_30_days', 'paused'];

    public function index(Request $request, PointStatuses $statuses, RegistersInForce $inForce, SystemClock $clock): View|StreamedResponse
    {
        $search = $request->string('q')->trim()->toString();
        $sorting = Sorting::parse($request->query('sort'), PointRow::COLUMNS, 'name');
        $points = $sorting->sort($statuses($search), PointRow::sortsBy(...));
        if ($request->query('as') === 'csv') {
            return Csv::respond('signup-points.csv', self::COLUMNS, array_map(self::line(...), $points));
        }
        $user = SignedIn::user($request);

        return view('points.index', [
            'rows' => array_map(PointRow::of(...), $points), 'sorting' => $sorting, 'search' => $search,
            'statements' => array_map(static fn (Statement $s): Option => new Option(
                $s->id->text, $inForce->nameOfStatement($s->id), $request->old('statement') === $s->id->text
            ), $inForce->registers()->statements->all()),
            'may' => $user->can('change', Point::class), 'seesPeople' => $user->can('viewAny', Subscriber::class), 'since' => $clock->today()->plus(-30)->text,
        ]);
    }

    public function begin(Request $request, BeginPoint $begin): RedirectResponse
    {
        try {
            $point = $begin($request->string('name')->trim()->toString(), $request->string('statement')->toString(), SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('points'), 'name', $e);
        }

        return redirect()->route('points.sheet', $point->slug);
    }

    public function copy(Request $request, Point $point, CopyPoint $copy): RedirectResponse
    {
        try {
            $made = $copy($point->load('record'), $request->string('copy')->trim()->toString(), SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('points.sheet', $point->slug), 'copy', $e);
        }

        return redirect()->route('points.sheet', $made->slug)->with('said', 'Copied. It follows the house: departures and exceptions are not taken along.');
    }

    /** @return list<string> */
    private static function line(PointStatus $status): array
    {
        $draft = $status->sheet->draft;
        $yes = static fn (bool $is): string => $is ? 'yes' : 'no';

        return [
            $status->point->slug, $draft->name, $draft->place, implode(' ', array_map(static fn (Language $l): string => $l->value, $draft->languages)),
            $yes($status->sheet->rules->doubleOptIn), (string) $status->edition, $yes($status->draft), (string) $status->breaches, (string) $status->weaknesses,
            (string) $status->signups, $yes($status->isPaused()),
        ];
    }
}
