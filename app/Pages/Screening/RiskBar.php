<?php

declare(strict_types=1);

namespace App\Pages\Screening;

/** A bar of risks, in pixels. */
final readonly class RiskBar
{
    public function __construct(public float $x, public float $width, public float $height, public float $spam, public float $ham, public string $says) {}
}
