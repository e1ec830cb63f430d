<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** One purpose by one channel on the drawing. */
final readonly class DrawnLine
{
    /** @param  list<DrawnSpan>  $spans */
    public function __construct(public int $y, public string $purpose, public string $channel, public array $spans) {}
}
