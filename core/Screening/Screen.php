<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** Keeps automated and abusive submissions out: a pure function of what is known of a submission. */
final readonly class Screen
{
    public Lines $lines;

    public Weights $weights;

    /**
     * @param  int  $leastSeconds  between serving a form and its sending (common practice: two to three seconds)
     * @param  int  $mostForAddress  sign-ups with one mailbox within 24 hours, each of which sends a mail; what is more is held
     */
    public function __construct(private int $leastSeconds = 2, private int $mostForAddress = 5, ?Lines $lines = null, ?Weights $weights = null)
    {
        $this->lines = $lines ?? Lines::ours();
        $this->weights = $weights ?? Weights::ours();
    }

    public function assess(SubmissionFacts $facts): Assessment
    {
        $noticed = $this->weights->noticed($facts->by($this->leastSeconds, $this->mostForAddress));

        return Assessment::of($noticed, $this->weights->base, $this->lines);
    }
}
