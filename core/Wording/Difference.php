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

    /** The same with no more of what stayed than so many characters on each side of what changed, in whole words. @param  positive-int  $characters */
    public function near(int $characters): self
    {
        $last = count($this->runs) - 1;
        $runs = [];
        foreach ($this->runs as $i => $run) {
            $head = $i === 0 ? '' : mb_substr($run->words, 0, $characters);
            $tail = $i === $last ? '' : mb_substr($run->words, -$characters);
            $short = $run->kind === RunKind::Same && mb_strlen($run->words) > mb_strlen($head.$tail) + 1;
            $runs[] = $short ? new Run(RunKind::Same, preg_replace('/(?<=\s)\S+$/u', '', $head).'…'.preg_replace('/^\S+(?=\s)/u', '', $tail)) : $run;
        }

        return new self($runs);
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
        $steps = self::withoutIslands($steps);
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

    /**
     * A word or two that stayed between words that changed are shown as changed, too: a sentence is read whole, and not in shreds.
     *
     * @param  list<Run>  $steps
     * @return list<Run>
     */
    private static function withoutIslands(array $steps): array
    {
        [$kept, $island, $changed] = [[], [], false];
        foreach ($steps as $step) {
            if ($step->kind === RunKind::Same) {
                $island[] = $step;

                continue;
            }
            foreach ($island as $same) {
                $isShort = $changed && count($island) <= self::ISLAND && ! str_contains($same->words, "\n");
                array_push($kept, ...($isShort ? [new Run(RunKind::Gone, $same->words), new Run(RunKind::New, $same->words)] : [$same]));
            }
            [$island, $changed] = [[], true];
            $kept[] = $step;
        }

        return [...$kept, ...$island];
    }
}
