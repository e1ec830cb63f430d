<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** Keeps automated and abusive submissions out: a pure function of what is known of a submission. */
final readonly class Screen
{
    private Lines $lines;

    /** @var list<Signal> */
    private array $signals;

    /**
     * @param  Lines|null  $lines  null for ours
     * @param  Signal  ...$signals  none for all of them
     */
    public function __construct(?Lines $lines = null, Signal ...$signals)
    {
        $this->lines = $lines ?? Lines::ours();
        $this->signals = $signals === [] ? Signals::all() : array_values($signals);
    }

    public function assess(SubmissionFacts $facts): Assessment
    {
        return Assessment::of(Weights::noticed($facts, $this->signals), $this->lines);
    }
}
