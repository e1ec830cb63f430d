<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Actions\Points\FollowHouse;
use App\Http\RefusedAnswer;
use App\Models\Point;
use App\Pages\Controls\Option;
use App\Pages\Points\PointRow;
use App\Queries\Points\PointStatus;
use App\Queries\Points\PointStatuses;
use App\Support\Csv;
use App\Support\SignedIn;
use App\Support\Sorting;
use App\Support\SystemClock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Juramen\Canon\Refused;
use Juramen\Register\AppliedRule;
use Juramen\Register\Rule;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The table of points by rules: what holds where, what departs from the house, and mending several at once. */
final class RulesController
{
    private const FILTERS = ['' => 'every point', 'departures' => 'departures only', 'unconfirmed' => 'without confirmation only'];

    public function table(Request $request, PointStatuses $statuses, SystemClock $clock): View|StreamedResponse
    {
        $only = $request->string('only')->toString();
        $search = $request->string('q')->trim()->toString();
        $points = array_values(array_filter($statuses($search), static fn (PointStatus $p): bool => match ($only) {
            'departures' => $p->sheet->draft->departures !== [],
            'unconfirmed' => ! $p->sheet->rules->doubleOptIn,
            default => true,
        }));
        $sorting = Sorting::parse($request->query('sort'), ['name', ...array_column(Rule::cases(), 'value')], 'name');
        $points = $sorting->sort($points, PointRow::sortsBy(...));
        if ($request->query('as') === 'csv') {
            return Csv::respond('points-by-rules.csv', ['point', 'rule', 'value', 'origin', 'why'], array_merge([], ...array_map(self::lines(...), $points)));
        }
        $today = $clock->today();
        $rows = array_map(static fn (PointStatus $s): PointRow => PointRow::of($s, $today), $points);

        return view('points.rules', [
            'rows' => $rows, 'sorting' => $sorting, 'only' => $only, 'search' => $search, 'filters' => Option::all(self::FILTERS, [$only]),
            'departing' => match ($n = count(array_filter($rows, static fn (PointRow $r): bool => $r->departs))) {
                0 => 'every point follows the house',
                1 => 'one point departs from the house',
                default => "$n points depart from the house",
            },
            'may' => SignedIn::user($request)->can('change', Point::class),
        ]);
    }

    /** The chosen departures end; each sheet gets a revision and waits on the desk to be published. */
    public function follow(Request $request, FollowHouse $follow): RedirectResponse
    {
        try {
            $count = $follow(array_values(array_filter((array) $request->input('follow', []), is_string(...))), SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('rules'), 'follow', $e);
        }

        return redirect()->route('rules')->with('said', match ($count) {
            0 => 'Nothing was chosen.',
            1 => 'One sheet follows the house again; publish it to make it so.',
            default => "$count sheets follow the house again; publish them to make it so.",
        });
    }

    /** @return list<list<string>> one line for each rule */
    private static function lines(PointStatus $status): array
    {
        return array_map(static fn (AppliedRule $a): array => [
            $status->point->slug, $a->rule->value, is_bool($a->value) ? ($a->value ? 'yes' : 'no') : (string) $a->value, $a->origin(), $a->why(),
        ], $status->rules);
    }
}
