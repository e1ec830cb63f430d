<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** A month on the drawing's axis. */
final readonly class DrawnTick
{
    public function __construct(public float $x, public string $text) {}
}
