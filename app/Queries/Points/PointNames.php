<?php

declare(strict_types=1);

namespace App\Queries\Points;

use App\Models\Point;
use App\Support\Stored;

/** How the signup points are called, for lists to choose from. */
final class PointNames
{
    /** @return list<string> */
    public function __invoke(): array
    {
        return Stored::texts(Point::query()->orderBy('slug')->pluck('slug'));
    }
}
