<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** Keeps automated and abusive submissions out: a pure function of what is known of a submission. */
final readonly class Screen
{
    /** @var list<Signal> */
    private array $signals;

    private Lines $lines;

    private Weights $weights;

    /**
     * @param  Lines|null  $lines  null for ours
     * @param  Weights|null  $weights  null for ours
     * @param  Signal  ...$signals  none for all of them
     */
    public function __construct(?Lines $lines = null, ?Weights $weights = null, Signal ...$signals)
    {
        $this->lines = $lines ?? Lines::ours();
        $this->weights = $weights ?? Weights::ours();
        $this->signals = $signals === [] ? Signals::all() : array_values($signals);
    }

    public function assess(SubmissionFacts $facts): Assessment
    {
        return Assessment::of($this->weights->noticed($facts, $this->signals), $this->lines, $this->weights);
    }
}
