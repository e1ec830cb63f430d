<?php

declare(strict_types=1);

namespace App\Pages\Screening;

use App\Models\AssessedSubmission;
use App\Models\DrawnLines;
use App\Models\Point;
use App\Pages\Controls\Option;
use App\Queries\Registers\RegistersInForce;
use App\Queries\Screening\CountRisks;
use App\Queries\Screening\LinesInForce;
use App\Support\Moments;
use Illuminate\Pagination\LengthAwarePaginator;
use Juramen\Consent\Share;
use Juramen\Screening\Band;
use Juramen\Screening\Lines;
use Juramen\Screening\Tuning;
use Juramen\Screening\WeighedSignal;
use Juramen\Screening\Weights;

/** Where to draw the lines: what came in, what other lines would have done to it, and what either mistake costs. */
final readonly class LinesPage
{
    /**
     * @param  list<Option>  $days
     * @param  list<Option>  $points
     * @param  list<string>  $says  what follows from the lines, a sentence each
     * @param  int|null  $least  from which risk on holding costs least; null where that is what is shown, or nothing came
     * @param  list<MovedRow>  $moved
     * @param  LengthAwarePaginator<int, AssessedSubmission>  $pages
     * @param  list<DrawnRow>  $before  lines that were drawn here, the newest first
     * @param  list<DrawnRow>  $departures  the newest of each point that departs from the house
     * @param  bool  $departs  whether the point in view has lines of its own
     * @param  string  $at  what the lines are drawn for
     * @param  bool  $isElsewhere  whether they were drawn for another when the page was asked for: then its button is another
     */
    private function __construct(
        public LinesView $view, public string $state, public array $days, public array $points, public RiskDrawing $drawing, public array $says,
        public ?int $least, public array $moved, public LengthAwarePaginator $pages, public array $before, public Lines $inForce, public bool $isAnother,
        public Lines $ours, public array $departures, public bool $departs, public string $at,
        public string $back, public bool $isElsewhere
    ) {}

    /** @param  array<array-key, mixed>  $asked  query of a request */
    public static function of(array $asked, LinesInForce $inForce, CountRisks $count, RegistersInForce $registers): self
    {
        $view = LinesView::from($asked, $inForce);
        $held = $inForce->of($view->point);
        $lines = $held->lines;
        $counts = $count->of($view->days, $view->point?->id);
        $tuning = new Tuning($counts, $view->costs);
        $pages = $count->moved($view->days, $view->point?->id, $lines, $view->lines);
        // The part that comes while lines are moved has an address of its own, and the page is turned on the page.
        $pages->withPath(route('screening.lines'))->getCollection()->load('edition.point');
        // Where another line costs no less, there is none to look at.
        $least = $tuning->cost($tuning->least()) < $tuning->cost($view->lines->hold) ? $tuning->least() : null;
        $points = Point::query()->orderBy('slug')->pluck('slug')->all();
        $decided = $tuning->ham() + $tuning->spam();

        return new self(
            $view, 'Of '.($view->point === null ? 'all points' : $registers->nameOf($view->point->slug)).", in the last $view->days days: "
                .number_format($tuning->all()).' submissions, of which a person decided '.number_format($decided).'.',
            Option::all(array_combine(LinesView::DAYS, array_map(static fn (int $d): string => "$d days", LinesView::DAYS)), [(string) $view->days]),
            Option::all(['' => 'all points'] + array_combine($points, array_map($registers->nameOf(...), $points)), [$view->point->slug ?? '']),
            new RiskDrawing($counts, $view->lines, $lines, $tuning), self::says($tuning, $view, $lines, $least),
            $least,
            array_values(array_map(
                static fn (AssessedSubmission $a): MovedRow => self::row($a, $lines, $view->lines, $registers), $pages->items()
            )), $pages, array_map(
                static fn (DrawnLines $d): DrawnRow => DrawnRow::before($d, $view), $inForce->drawn($view->point)->values()->all()
            ), $lines,
            $view->lines != $lines || $view->costs != $held->costs, Lines::ours(), array_values($inForce->departures()->map(
                static fn (DrawnLines $d): DrawnRow => DrawnRow::departure($d, $registers)
            )->all()), $held->departs !== null,
            $view->point === null ? 'the house' : $registers->nameOf($view->point->slug),
            route('screening.lines', array_filter(['point' => $view->point?->slug])), ($asked['draws'] ?? '') !== ($view->point->slug ?? '')
        );
    }

    /** @return list<string> */
    private static function says(Tuning $tuning, LinesView $view, Lines $inForce, ?int $least): array
    {
        if ($tuning->all() === 0) {
            return ['Nothing came in these days, so nothing can be said of any line.'];
        }
        $months = $view->days / 30;
        $money = static fn (int $hold): string => number_format($tuning->cost($hold) / $months, 2);
        $stops = static fn (Lines $l): int => $tuning->in(Band::Hold, $l) + $tuning->in(Band::Refuse, $l);
        [$new, $old] = [$stops($view->lines), $stops($inForce)];
        $puzzled = $tuning->in(Band::Puzzle, $view->lines);
        $hold = $view->lines->hold;
        $people = static fn (int $n): string => $n === 1 ? '1 submission' : number_format($n).' submissions';

        [$waited, $through] = [$tuning->peopleStopped($view->lines), $tuning->botsThrough($view->lines)];

        return [
            "In these $view->days days ".($waited === 1 ? 'one person' : number_format($waited).' people').' would have waited or been turned away, and '
                .($through === 1 ? 'one bot' : number_format($through).' bots').' come in, as far as risks and decisions tell.',
            $view->lines == $inForce ? 'These are the lines in force: they keep '.$people($old).' from going on by themselves.'
                : 'These lines keep '.$people($new).' from going on by themselves, those in force '.number_format($old).'.'
                    .($puzzled === 0 ? '' : ' A puzzle would have been put to '.$people($puzzled).' more.'),
            "Holding from $hold % on costs {$money($hold)} a month".($inForce->hold === $hold ? '' : ", in force are {$money($inForce->hold)}")
                .($least === null ? ', and no other line costs less.'
                    : "; the least, {$money($least)}, is at ".($least > 100 ? 'no line at all' : "$least %").'.'),
            self::rates($tuning, $view->lines),
        ];
    }

    /** How right the lines are, by what people decided. */
    private static function rates(Tuning $tuning, Lines $lines): string
    {
        if ($tuning->ham() + $tuning->spam() === 0) {
            return 'Nobody has decided about any of them, so it cannot be said how right the lines are.';
        }
        [$spam, $ham] = [$tuning->spamStopped($lines), $tuning->hamStopped($lines)];
        $said = static fn (Share $share): string => $share->of === 0 ? 'nothing' : sprintf(
            '%d in 100 (with 95 %% confidence %d to %d)', round(100 * (float) $share->rate()), round(100 * $share->interval()->from),
            round(100 * $share->interval()->to)
        );

        return 'Of what these lines hold or refuse, '.$said(new Share($spam, $spam + $ham)).' is spam; of all spam they stop '
            .$said(new Share($spam, $tuning->spam())).'. Judged on the '.number_format($tuning->ham() + $tuning->spam()).' that a person decided.';
    }

    private static function row(AssessedSubmission $a, Lines $from, Lines $to, RegistersInForce $registers): MovedRow
    {
        $solved = str_contains($a->signals, 'puzzle-solved');

        return new MovedRow(
            Moments::exact($a->assessed_at), $registers->nameOf($a->edition->point->slug), $a->risk, $from->band($a->risk, $solved)->value,
            $to->band($a->risk, $solved)->value,
            match ($a->decided) {
                AssessedSubmission::HAM => 'accepted by a person',
                AssessedSubmission::SPAM => 'refused by a person',
                default => 'not decided',
            }, implode(', ', array_map(
                static fn (WeighedSignal $s): string => mb_strtolower(mb_substr($s->signal->says(), 0, 1)).mb_substr($s->signal->says(), 1),
                Weights::ours()->stored($a->signals)
            )) ?: 'nothing noticed'
        );
    }
}
