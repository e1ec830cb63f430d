<?php

declare(strict_types=1);

namespace App\Pages\Screening;

/** What stands over a band. */
final readonly class BandLabel
{
    public function __construct(public float $x, public string $text) {}
}
