<?php

declare(strict_types=1);

namespace App\Pages\Flow;

use App\Queries\Flow\TrialRun;
use Juramen\Consent\Interval;
use Juramen\Consent\Share;
use Juramen\Consent\Trial;
use Juramen\Consent\TrialSide;

/** Two wordings beside each other, in figures and in a sentence. */
final readonly class TrialView
{
    /**
     * @param  list<TrialRow>  $rows
     * @param  string  $says  what follows, plainly
     * @param  string  $needed  how many people it takes; may be empty
     */
    private function __construct(public TrialOf $of, public array $rows, public string $says, public string $needed, public string $open) {}

    public static function of(TrialOf $of, TrialRun $run): self
    {
        $trial = $run->trial;
        $rows = array_map(static fn (string $name, TrialSide $s): TrialRow => new TrialRow(
            "$name {$of->noun()}", $s->people, $s->confirmed, self::percent($s->confirms()->rate()), $s->confirms()->interval(), $s->withdrawn,
            self::share($s->withdraws())
        ), ['First', 'Second'], [$trial->first, $trial->second]);
        $open = $run->open;

        return new self(
            $of, $run->isKnown ? $rows : [],
            $run->isKnown ? self::sentence($trial, $of->noun()) : 'How often each was shown was not counted all the time, so nothing can be compared.',
            $run->isKnown ? self::needed($trial, $of) : '',
            $open === 0 ? '' : ($open === 1 ? '1 sign-up has' : "$open sign-ups have").' time left and '.($open === 1 ? 'is' : 'are').' not counted yet, '
                .'so that whoever is quick does not count for more.'
        );
    }

    public static function percent(?float $rate): string
    {
        return $rate === null ? 'nobody yet' : round(100 * $rate).' %';
    }

    private static function share(Share $share): string
    {
        return $share->of === 0 ? 'nobody confirmed' : "$share->count of $share->of";
    }

    private static function sentence(Trial $trial, string $noun): string
    {
        $difference = $trial->confirming()->difference();
        if ($difference === null) {
            return 'Nobody’s time is over yet, so nothing can be said.';
        }
        $points = static fn (float $d): string => (string) abs((int) round(100 * $d));
        $interval = $trial->confirming()->interval();
        $better = $trial->better();
        $which = $difference >= 0 ? 'first' : 'second';
        if (round(100 * $difference) == 0.0) {
            return "As many confirm after either $noun; with 95 % confidence after the first it is between ".self::signed($interval, 'fewer', 'more')
                .' in a hundred. There is no winner.';
        }
        if (! $trial->confirming()->isMoreThanChance()) {
            return "More confirm after the $which $noun, by {$points($difference)} in a hundred; that may be chance: with 95 % confidence the first is "
                .'between '.self::signed($interval, 'fewer', 'more').'. There is no winner.';
        }
        if ($trial->isEarly()) {
            return "More confirm after the $which $noun, by {$points($difference)} in a hundred. With fewer than ".Trial::LEAST.' people on a side it is '
                .'too early to say more: whoever looks every day finds such a difference by chance sooner or later. There is no winner.';
        }
        $bounds = [$points($interval->from), $points($interval->to)];
        sort($bounds, SORT_NUMERIC);
        $says = "More confirm after the $which $noun, by {$points($difference)} in a hundred (with 95 % confidence $bounds[0] to $bounds[1]), which is more "
            .'than chance.';

        return $better !== null ? $says.' Not more of them withdraw, so it is the better one.'
            : $says.' But not more of them stay: within '.TrialSide::DAYS.' days they withdraw, so it has not won.';
    }

    private static function signed(Interval $interval, string $less, string $more): string
    {
        $says = static fn (float $d): string => abs((int) round(100 * $d)).' '.($d < 0 ? $less : $more);

        return $says($interval->from).' and '.$says($interval->to);
    }

    private static function needed(Trial $trial, TrialOf $of): string
    {
        $needed = $trial->needed();
        if ($needed === null || $trial->better() !== null) {
            return '';
        }
        $least = min($trial->first->people, $trial->second->people);
        $worth = (int) round(100 * Trial::WORTH);

        return $least >= $needed ? "A difference of $worth in a hundred would have been found by now, four times out of five."
            : "To find a difference of $worth in a hundred, four times out of five, each {$of->noun()} needs {$of->times($needed)}; the smaller side has "
                .number_format($least).'.';
    }
}
