<?php

declare(strict_types=1);

namespace App\Pages\Points;

use Juramen\Points\SheetPart;

/** A part of a sheet, read aloud. */
final readonly class WholePart
{
    /** @param  list<string>  $sentences */
    public function __construct(public SheetPart $part, public array $sentences) {}
}
