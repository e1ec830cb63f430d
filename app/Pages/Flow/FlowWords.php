<?php

declare(strict_types=1);

namespace App\Pages\Flow;

/** What is said beside a bar of those who did not come so far, and where. */
final readonly class FlowWords
{
    /** @param  string  $anchor  which end of the words stands at $x: start or end */
    public function __construct(public string $words, public int $x, public float $y, public string $anchor) {}
}
