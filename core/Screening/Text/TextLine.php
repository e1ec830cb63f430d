<?php

declare(strict_types=1);

namespace Juramen\Screening\Text;

/** Where to call a text spam: where both mistakes together cost least, and a person's words taken for spam cost as much as many spams let through. */
final class TextLine
{
    /** Spams let through that cost as much as one person's message called spam. */
    public const HAM_COSTS = 50;

    /**
     * @param  list<ScoredText>  $scored
     * @return float the middle of the stretch of scores in which a line costs least; 0 of no texts
     */
    public static function of(array $scored): float
    {
        if ($scored === []) {
            return 0.0;
        }
        usort($scored, static fn (ScoredText $a, ScoredText $b): int => $b->score <=> $a->score);
        // The line comes down from above all: nothing is called spam, and every spam is let through.
        $cost = count(array_filter($scored, static fn (ScoredText $s): bool => $s->spam));
        $least = $cost;
        $line = $scored[0]->score + 1;
        foreach ($scored as $i => $text) {
            $cost += $text->spam ? -1 : self::HAM_COSTS;
            if ($cost < $least) {
                $least = $cost;
                $line = ($text->score + ($scored[$i + 1]->score ?? $text->score - 2)) / 2;
            }
        }

        return $line;
    }
}
