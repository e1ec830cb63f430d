<?php

declare(strict_types=1);

namespace Juramen\Wording;

use SebastianBergmann\Diff\Differ;
use SebastianBergmann\Diff\MemoryEfficientLongestCommonSubsequenceCalculator;
use SebastianBergmann\Diff\Output\DiffOnlyOutputBuilder;

/**
 * What changed between two texts: paragraphs are compared first, and word by word only what changed between those. Longest common
 * subsequence, by sebastian/diff in the variant that saves memory.
 */
final readonly class Difference
{
    /** Words that are no stretch of their own between two changes. */
    private const ISLAND = 2;

    /** @param  list<Run>  $runs */
    private function __construct(public array $runs) {}

    public static function between(string $old, string $new): self
    {
        $steps = [];
        [$gone, $came] = ['', ''];
        foreach ([...self::compare(self::paragraphs($old), self::paragraphs($new)), new Run(RunKind::Same, '')] as $paragraph) {
            if ($paragraph->kind === RunKind::Gone) {
                $gone .= $paragraph->words;
            } elseif ($paragraph->kind === RunKind::New) {
                $came .= $paragraph->words;
            } else {
                array_push($steps, ...self::compare(self::words($gone), self::words($came)), ...[$paragraph]);
                [$gone, $came] = ['', ''];
            }
        }

        return new self(self::joined($steps));
    }

    /**
     * The same for somebody who reads what will stand there, rather than what changed: of what stayed no more than so many characters on each
     * side, in whole words, and no word or two of it between changes.
     *
     * @param  positive-int  $characters
     */
    public function near(int $characters): self
    {
        $last = count($this->runs) - 1;
        $steps = [];
        foreach ($this->runs as $i => $run) {
            if ($run->kind !== RunKind::Same) {
                $steps[] = $run;
            } elseif ($i > 0 && $i < $last && count(self::words($run->words)) <= self::ISLAND && ! str_contains($run->words, "\n")) {
                array_push($steps, new Run(RunKind::Gone, $run->words), new Run(RunKind::New, $run->words));
            } else {
                $steps[] = new Run(RunKind::Same, self::cut($run->words, $i === 0 ? 0 : $characters, $i === $last ? 0 : $characters));
            }
        }

        return new self(self::joined($steps));
    }

    /** No more than so many characters of its beginning and its end, in whole words. */
    private static function cut(string $words, int $head, int $tail): string
    {
        if (mb_strlen($words) <= $head + $tail + 1) {
            return $words;
        }
        $begins = (string) preg_replace('/(?<=\s)\S+$/u', '', mb_substr($words, 0, $head));
        $ends = $tail === 0 ? '' : (string) preg_replace('/^\S+(?=\s)/u', '', mb_substr($words, -$tail));

        return "{$begins}…{$ends}";
    }

    public function isEmpty(): bool
    {
        return array_filter($this->runs, static fn (Run $run): bool => $run->kind !== RunKind::Same) === [];
    }

    /** @return list<string> paragraphs with the break behind them */
    private static function paragraphs(string $text): array
    {
        preg_match_all('/[^\n]*\n+|[^\n]+/u', $text, $m);

        return $m[0];
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
     * @return list<Run> one for each piece
     */
    private static function compare(array $a, array $b): array
    {
        $steps = (new Differ(new DiffOnlyOutputBuilder))->diffToArray($a, $b, new MemoryEfficientLongestCommonSubsequenceCalculator);

        return array_map(static fn (array $step): Run => new Run(match ($step[1]) {
            Differ::ADDED => RunKind::New,
            Differ::REMOVED => RunKind::Gone,
            default => RunKind::Same,
        }, (string) $step[0]), array_values($steps));
    }

    /**
     * @param  list<Run>  $steps
     * @return list<Run> with neighbours of a kind joined; between two that stayed, what went stands before what came
     */
    private static function joined(array $steps): array
    {
        [$runs, $same, $gone, $came] = [[], '', '', ''];
        foreach ([...$steps, null] as $step) {
            if ($step?->kind !== RunKind::Same && $same !== '') {
                $runs[] = new Run(RunKind::Same, $same);
                $same = '';
            }
            if ($step === null || $step->kind === RunKind::Same) {
                array_push($runs, ...($gone === '' ? [] : [new Run(RunKind::Gone, $gone)]), ...($came === '' ? [] : [new Run(RunKind::New, $came)]));
                [$gone, $came] = ['', ''];
            }
            match ($step?->kind) {
                RunKind::Same => $same .= $step->words,
                RunKind::Gone => $gone .= $step->words,
                RunKind::New => $came .= $step->words,
                null => null,
            };
        }

        return $runs;
    }
}
