<?php

declare(strict_types=1);

namespace Juramen\Wording;

/** What changed between two texts, word by word: runs that stayed, went and came. Longest common subsequence of words. */
final readonly class Difference
{
    /** @param  list<array{string, string}>  $runs of "same", "gone" or "new" with their words */
    private function __construct(public array $runs) {}

    /** Texts of up to some thousand words each. */
    public static function between(string $old, string $new): self
    {
        [$a, $b] = [self::words($old), self::words($new)];
        // What is alike at both ends needs no table.
        for ($head = 0; $head < min(count($a), count($b)) && $a[$head] === $b[$head]; $head++) {
        }
        for ($tail = 0; $tail < min(count($a), count($b)) - $head && $a[count($a) - 1 - $tail] === $b[count($b) - 1 - $tail]; $tail++) {
        }
        $middle = self::compare(array_slice($a, $head, count($a) - $head - $tail), array_slice($b, $head, count($b) - $head - $tail));
        $steps = [
            ...array_map(static fn (string $w): array => ['same', $w], array_slice($a, 0, $head)),
            ...$middle,
            ...array_map(static fn (string $w): array => ['same', $w], $tail === 0 ? [] : array_slice($a, -$tail)),
        ];
        $runs = [];
        foreach ($steps as [$what, $word]) {
            $last = count($runs) - 1;
            if ($last >= 0 && $runs[$last][0] === $what) {
                $runs[$last][1] .= $word;
            } else {
                $runs[] = [$what, $word];
            }
        }

        return new self($runs);
    }

    public function isEmpty(): bool
    {
        return array_filter($this->runs, static fn (array $run): bool => $run[0] !== 'same') === [];
    }

    /** @return list<string> words with the space behind them */
    private static function words(string $text): array
    {
        preg_match_all('/\S+\s*|\s+/u', $text, $m);

        return $m[0];
    }

    /**
     * @param  list<string>  $a
     * @param  list<string>  $b
     * @return list<array{string, string}>
     */
    private static function compare(array $a, array $b): array
    {
        $length = array_fill(0, count($a) + 1, array_fill(0, count($b) + 1, 0));
        for ($i = count($a) - 1; $i >= 0; $i--) {
            for ($j = count($b) - 1; $j >= 0; $j--) {
                $length[$i][$j] = $a[$i] === $b[$j] ? $length[$i + 1][$j + 1] + 1 : max($length[$i + 1][$j], $length[$i][$j + 1]);
            }
        }
        $steps = [];
        for ($i = 0, $j = 0; $i < count($a) || $j < count($b);) {
            if ($i < count($a) && $j < count($b) && $a[$i] === $b[$j]) {
                $steps[] = ['same', $a[$i]];
                $i++;
                $j++;
            } elseif ($i < count($a) && ($j === count($b) || $length[$i + 1][$j] >= $length[$i][$j + 1])) {
                $steps[] = ['gone', $a[$i++]];
            } else {
                $steps[] = ['new', $b[$j++]];
            }
        }

        return $steps;
    }
}
