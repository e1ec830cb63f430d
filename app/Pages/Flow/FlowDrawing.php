<?php

declare(strict_types=1);

namespace App\Pages\Flow;

/** The way from a form to a permission that lasts, drawn from left to right: what goes on stands solid, what was lost is outlined beneath. */
final readonly class FlowDrawing
{
    public const HEIGHT = 190;

    public const TOP = 44;

    public const WIDE = 46;

    private const APART = 128;

    /** The least height of what is there at all, so that it can be seen. */
    private const LEAST = 2.0;

    /** @param  non-empty-list<FlowStep>  $steps */
    public function __construct(public array $steps) {}

    /** Of a line of words beneath a bar. */
    private const LINE = 16;

    public function width(): int
    {
        return (count($this->steps) - 1) * self::APART + self::WIDE;
    }

    /** With room beneath for what is said of those who were lost last. */
    public function height(): int
    {
        return self::TOP + self::HEIGHT + 2 * self::LINE + 6;
    }

    /** @return list<FlowBar> */
    public function bars(): array
    {
        $most = max(1, ...array_map(static fn (FlowStep $s): int => $s->count ?? 0, $this->steps));
        $height = static fn (int $count): float => $count === 0 ? 0.0 : max(self::LEAST, round($count / $most * self::HEIGHT, 1));
        [$bars, $before] = [[], null];
        foreach ($this->steps as $i => $step) {
            $x = $i * self::APART;
            $here = $height($step->count ?? $before->count ?? 0);
            $was = $height($before->count ?? $step->count ?? 0);
            $left = $before === null || $before->count === null || $step->count === null ? null : max(0, $before->count - $step->count);
            $bars[] = new FlowBar(
                $step, $x, $here, max($here, $was), $i === 0 ? '' : self::corners($x, min($was, $here)),
                $left === null || $left === 0 || $step->lost === '' ? null : $this->said($i, $here, max($here, $was), number_format($left).' '.$step->lost)
            );
            $before = $step->count === null ? $before : $step;
        }

        return $bars;
    }

    /** All of it in a sentence, for whoever does not see it. */
    public function title(): string
    {
        $said = array_map(static fn (FlowStep $s): string => "$s->name: ".($s->count === null ? 'not known' : number_format($s->count)), $this->steps);

        return implode(', ', $said).'.';
    }

    /** To the right of a bar's end; at the last, which has nothing to its right, beneath it, under what the one before says. */
    private function said(int $i, float $here, float $before, string $words): FlowWords
    {
        $right = $i * self::APART + self::WIDE;

        return $i === count($this->steps) - 1 ? new FlowWords($words, $right, self::TOP + $before + 2 * self::LINE, 'end')
            : new FlowWords($words, $right + 6, self::TOP + min($here + self::LINE - 2, self::HEIGHT), 'start');
    }

    private static function corners(int $x, float $height): string
    {
        [$from, $to, $top, $bottom] = [$x - self::APART + self::WIDE, $x, self::TOP, self::TOP + $height];

        return "$from,$top $to,$top $to,$bottom $from,$bottom";
    }
}
