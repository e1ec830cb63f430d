<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** A month on the drawing's axis. */
final readonly class DrawnTick
{
    /** @param  string  $anchor  "start", "middle" or "end": at an edge the text keeps within the drawing */
    public function __construct(public float $x, public string $text, public string $anchor = 'middle') {}
}
