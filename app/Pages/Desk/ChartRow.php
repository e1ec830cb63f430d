<?php

declare(strict_types=1);

namespace App\Pages\Desk;

/** A day in the table beside the chart. */
final readonly class ChartRow
{
    /** @param  list<Counted>  $counts */
    public function __construct(public string $day, public array $counts) {}
}
