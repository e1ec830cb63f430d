<?php

declare(strict_types=1);

namespace App\Queries\Screening;

use App\Models\DrawnLines;
use Juramen\Screening\Costs;
use Juramen\Screening\Lines;

/** Lines that hold somewhere, and where they come from. */
final readonly class PointLines
{
    /** @param  DrawnLines|null  $departs  what a point's own lines were drawn with; null where it follows the house */
    public function __construct(public Lines $lines, public Costs $costs, public ?DrawnLines $departs = null) {}
}
