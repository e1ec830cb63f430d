<?php

declare(strict_types=1);

namespace App\Queries\Points;

use App\Models\Point;

/** A signup point by its number. */
final class FindPoint
{
    public function byId(int $id): ?Point
    {
        return Point::query()->find($id);
    }
}
