<?php

declare(strict_types=1);

namespace App\Http\Controllers\Points;

use App\Actions\Points\Standing;
use App\Actions\Points\TakeStock;
use App\Actions\Registers\ChangeRecord;
use App\Models\Point;
use App\Support\Csv;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Canon\Document;
use Juramen\Register\Regime;
use Juramen\Register\Rule;

/** The table of points by rules: what holds where, what departs from the house, and mending several at once. */
final class RulesController
{
    public function table(Request $request, TakeStock $stock): View|Response
    {
        $only = $request->string('only')->toString();
        $rows = array_values(array_filter($stock($request->string('q')->trim()->toString()), static fn (Standing $row): bool => match ($only) {
            'departures' => $row->sheet->departures !== [],
            'unconfirmed' => ! $row->sheet->rules->doubleOptIn,
            default => true,
        }));
        if ($request->query('as') === 'csv') {
            $lines = [];
            foreach ($rows as $row) {
                foreach ($row->holdings as $holding) {
                    $lines[] = [$row->point->slug, $holding->rule->value, is_bool($holding->value) ? ($holding->value ? 'yes' : 'no') : (string) $holding->value, $holding->origin(), $holding->why()];
                }
            }

            return Csv::respond('points-by-rules.csv', ['point', 'rule', 'value', 'origin', 'why'], $lines);
        }

        return view('points.rules', ['rows' => $rows, 'only' => $only, 'search' => $request->string('q')->toString(), 'rules' => Rule::cases(), 'regimes' => static fn (array $countries): array => Regime::ofAll($countries)]);
    }

    /** The chosen departures end; each sheet gets a revision and waits on the desk to be published. */
    public function follow(Request $request, ChangeRecord $change): RedirectResponse
    {
        $user = SignedIn::user($request);
        $chosen = [];
        foreach ((array) $request->input('follow', []) as $each) {
            [$slug, $rule] = [...explode('/', is_string($each) ? $each : '', 2), ''];
            if (Rule::tryFrom($rule) !== null) {
                $chosen[$slug][] = $rule;
            }
        }
        $count = 0;
        foreach (Point::query()->with('record')->whereIn('slug', array_keys($chosen))->get() as $point) {
            $change->change($point->record, $user, (int) $point->record->revisions()->max('number'), 'follows the house again: '.implode(', ', $chosen[$point->slug]), static function (array $document) use ($chosen, $point): array {
                foreach ($chosen[$point->slug] as $rule) {
                    $document = Document::with($document, "departures/$rule", null);
                }

                return $document;
            });
            $count++;
        }

        return redirect()->route('rules')->with('said', match (true) {
            $count === 0 => 'Nothing was chosen.',
            $count === 1 => 'One sheet follows the house again; publish it to make it so.',
            default => "$count sheets follow the house again; publish them to make it so.",
        });
    }
}
