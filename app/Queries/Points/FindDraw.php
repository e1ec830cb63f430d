<?php

declare(strict_types=1);

namespace App\Queries\Points;

use App\Models\Draw;
use App\Models\Point;

/** The prize draw of a signup point. */
final class FindDraw
{
    public function __invoke(Point $point): ?Draw
    {
        return Draw::query()->where('point_id', $point->id)->first();
    }
}
