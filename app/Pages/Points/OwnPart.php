<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Line;

/** Something that only a field's kind has, with the lines in which it is written. */
final readonly class OwnPart
{
    /** @param  list<Line>  $lines */
    public function __construct(public string $says, public array $lines) {}
}
