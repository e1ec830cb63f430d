<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** A row of the grid. */
final readonly class GridRow
{
    /** @param  list<GridCell>  $cells */
    public function __construct(public GridHead $head, public array $cells) {}
}
