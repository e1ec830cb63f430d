<?php

declare(strict_types=1);

namespace App\Pages\Desk;

/** A part of a day's column on the chart. */
final readonly class Bar
{
    public function __construct(public int $x, public float $y, public float $height, public string $class) {}
}
