<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use Juramen\Audit\Deeds;
use Juramen\Canon\Instant;

/** What was done at all points, and when it was counted. */
final readonly class CountedDeeds
{
    /** @param  array<string, Deeds>  $byPoint  by the slug of a point; whoever is not among them did nothing */
    public function __construct(public Instant $when, private array $byPoint) {}

    public function at(string $point): Deeds
    {
        return $this->byPoint[$point] ?? Deeds::none();
    }
}
