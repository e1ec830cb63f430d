<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** A few words on the drawing. */
final readonly class DrawnText
{
    public function __construct(public float $x, public string $class, public string $anchor, public string $text) {}
}
