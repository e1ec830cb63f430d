<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/**
 * What to look for in a text before it is read: of every entry of some classes a few letters that stand wherever it does. Most lines of a page and
 * most links have none, and need not be read to know that they have no such words.
 */
final readonly class Clues
{
    private function __construct(private string $pattern) {}

    /**
     * @param  list<string>  $clues
     * @param  string  $begins  what clues begin with where no letter stands before them
     */
    public static function of(array $clues, string $begins): self
    {
        [$first, $anywhere] = [[], []];
        foreach ($clues as $clue) {
            str_starts_with($clue, $begins) ? $first[substr($clue, strlen($begins))] = true : $anywhere[$clue] = true;
        }
        $parts = [...($first === [] ? [] : [$begins.'(?:'.self::either($first).')']), ...($anywhere === [] ? [] : [self::either($anywhere)])];

        return new self('~'.($parts === [] ? '(?!)' : implode('|', $parts)).'~u');
    }

    /**
     * Of several words that an entry needs the one to look for: that of which the shortest alternative is longest.
     *
     * @param  list<list<string>>  $words  each with the clues to its alternatives
     * @return list<string>
     */
    public static function longest(array $words): array
    {
        $best = [[], 0];
        foreach ($words as $alternatives) {
            $length = min([PHP_INT_MAX, ...array_map(strlen(...), $alternatives)]);
            $best = $length > $best[1] ? [$alternatives, $length] : $best;
        }

        return $best[0];
    }

    /**
     * Clues by what they begin with, so that few are tried at each place.
     *
     * @param  array<int|string, true>  $clues
     */
    private static function either(array $clues): string
    {
        $by = [];
        foreach (array_keys($clues) as $clue) {
            $clue = (string) $clue;
            $head = $clue[0] === '\\' ? 2 : 1;
            $by[mb_substr($clue, 0, $head)][] = mb_substr($clue, $head);
        }

        return implode('|', array_map(
            static fn (int|string $head, array $tails): string => $head.(in_array('', $tails, true) ? '' : '(?:'.implode('|', $tails).')'), array_keys($by), $by
        ));
    }

    /** A text as it is looked at. */
    public static function plain(string $text): string
    {
        $text = preg_match('~[\x80-\xFF<&]~', $text) === 1 ? mb_strtolower(Folded::plain($text)) : strtolower($text);

        // "E-mail" is one word, and where something stands right before it, two.
        return str_contains($text, '-') ? (string) preg_replace('~e\s*-\s*((?:mail|post)\p{L}*)~u', 'e-$1 e$1', $text) : $text;
    }

    /**
     * Whether a text may have such words. Where it says no, it has none.
     *
     * @param  string  $text  as plain() gives it
     */
    public function areIn(string $text): bool
    {
        return preg_match($this->pattern, $text) !== 0;
    }
}
