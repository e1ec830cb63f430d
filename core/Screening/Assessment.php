<?php

declare(strict_types=1);

namespace Juramen\Screening;

use Juramen\Screening\Signals\PuzzleSolved;

/** What screening makes of a submission: the signals it noticed, each with its part, the risk they come to, and what follows. */
final readonly class Assessment
{
    /**
     * @param  list<WeighedSignal>  $signals  the heaviest first
     * @param  float  $base  log-odds that everybody starts with
     * @param  float  $sum  of the parts and the base
     * @param  int  $risk  in percent
     */
    private function __construct(public array $signals, public float $base, public float $sum, public int $risk, public Band $band) {}

    /** @param  list<WeighedSignal>  $signals */
    public static function of(array $signals, Lines $lines, Weights $weights): self
    {
        $sum = $weights->base + array_sum(array_map(static fn (WeighedSignal $s): float => $s->part(), $signals));
        $risk = (int) round(100 / (1 + exp(-$sum)));

        $solved = array_filter($signals, static fn (WeighedSignal $s): bool => $s->signal instanceof PuzzleSolved) !== [];

        return new self($signals, $weights->base, $sum, $risk, $lines->band($risk, $solved));
    }

    /** Of what was noticed once, as stored() gave it. */
    public static function again(string $stored, Lines $lines, Weights $weights): self
    {
        return self::of($weights->stored($stored), $lines, $weights);
    }

    /** What was noticed, as it is stored. */
    public function stored(): string
    {
        return implode(' ', array_map(static fn (WeighedSignal $s): string => $s->text(), $this->signals));
    }
}
