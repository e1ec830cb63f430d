<?php

declare(strict_types=1);

namespace App\Pages\Flow;

/** A step as it is drawn: how many came so far, and behind it those who did not. */
final readonly class FlowBar
{
    /**
     * @param  float  $height  of those who came so far
     * @param  float  $before  of those who came to the step before
     * @param  string  $link  corners of what leads there from the step before; empty at the first
     */
    public function __construct(
        public FlowStep $step, public int $x, public float $height, public float $before, public string $link, public ?FlowWords $said
    ) {}

    public function isKnown(): bool
    {
        return $this->step->count !== null;
    }
}
