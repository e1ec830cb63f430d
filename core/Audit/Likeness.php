<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** How like two texts of a form are, by the words that they share. */
final class Likeness
{
    /** Share of words that two texts have in common at least where one is taken for the other in other words. */
    public const ALIKE = 0.4;

    /** @return float from 0 to 1: the share of words that both have, of all that either has; 1 only where they are the same in their order */
    public static function of(string $a, string $b): float
    {
        [$x, $y] = [self::words($a), self::words($b)];
        $all = count(array_unique([...$x, ...$y]));
        $both = count(array_intersect(array_unique($x), $y));

        return $x === $y ? 1.0 : ($all === 0 ? 0.0 : min(0.99, $both / $all));
    }

    /**
     * @param  list<string>  $texts
     * @return string|null the first of those that are likest to a text; null where none is like it
     */
    public static function likest(array $texts, string $text, float $least = self::ALIKE): ?string
    {
        [$best, $most] = [null, $least];
        foreach ($texts as $each) {
            $alike = self::of($each, $text);
            if ($alike >= $most && ($best === null || $alike > $most)) {
                [$best, $most] = [$each, $alike];
            }
        }

        return $best;
    }

    /** @return list<string> in small letters */
    public static function words(string $text): array
    {
        return preg_split('~[^\p{L}\p{N}%]+~u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
