<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Wording\Difference;

/** What changed in one part of a sheet. */
final readonly class PartDifference
{
    /** @param  non-empty-list<Difference>  $sentences */
    public function __construct(public SheetPart $part, public array $sentences) {}
}
