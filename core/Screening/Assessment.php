<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** What screening makes of a submission: the signals it noticed, each with its weight, the risk they come to, and what follows. */
final readonly class Assessment
{
    /** Log-odds of a submission of which nothing is noticed (ours to start with: about one in a hundred). */
    private const BASE = -4.6;

    /** @param  list<WeighedSignal>  $signals */
    private function __construct(public array $signals, public int $risk, public Band $band) {}

    /** @param  list<WeighedSignal>  $signals */
    public static function of(array $signals): self
    {
        $sum = self::BASE + array_sum(array_map(static fn (WeighedSignal $s): float => $s->weight, $signals));
        $risk = (int) round(100 / (1 + exp(-$sum)));

        return new self($signals, $risk, Band::ofRisk($risk));
    }

    /** Names of the signals, as they are stored. */
    public function named(): string
    {
        return implode(' ', array_map(static fn (WeighedSignal $s): string => $s->signal->value, $this->signals));
    }
}
