<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Signup\HoldSubmission;
use App\Models\HeldSubmission;
use App\Queries\Registers\RegistersInForce;
use App\Support\Csv;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Register\Retention;

/** What screening held: looked at, released or deleted by a person. */
final class HeldController
{
    public function index(Request $request, RegistersInForce $inForce): View|Response
    {
        if ($request->query('as') === 'csv') {
            // Addresses stand in no file.
            $rows = HeldSubmission::query()->with('edition.point')->orderByDesc('received_at')->limit(20_000)->get()->map(static fn (HeldSubmission $h): array => [
                $h->received_at->text(), $h->edition->point->slug, (string) $h->edition->number, $h->language->value, $h->signals, $h->deleted_at->text(),
            ]);

            return Csv::respond('held.csv', ['received', 'point', 'edition', 'language', 'signals', 'deleted_by_itself'], array_values($rows->all()));
        }

        return view(
            'office.held',
            [
                'days' => $inForce->registers()->house->daysKept(Retention::Held),
                'held' => HeldSubmission::query()->with('edition.point')->orderByDesc('received_at')->paginate(50),
            ]
        );
    }

    public function release(HeldSubmission $held, HoldSubmission $hold): RedirectResponse
    {
        return redirect()->route('held')->with('said', $hold->release($held)->says());
    }

    public function delete(HeldSubmission $held): RedirectResponse
    {
        $held->delete();

        return redirect()->route('held')->with('said', 'Deleted. Nothing is kept of it.');
    }
}
