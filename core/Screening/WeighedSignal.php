<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** A signal, how much of it was noticed, and its weight. */
final readonly class WeighedSignal
{
    /** @param  float  $amount  0 to 1 */
    public function __construct(public Signal $signal, public float $amount, public float $weight) {}

    /** What it adds to the log-odds that a submission is unwanted. */
    public function part(): float
    {
        return $this->amount * $this->weight;
    }

    /** As it is stored: "trap-touched", or "spam-text=0.64" where it was noticed in part. */
    public function text(): string
    {
        return $this->signal->id().($this->amount >= 0.995 ? '' : sprintf('=%.2f', $this->amount));
    }
}
