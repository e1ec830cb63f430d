<?php

declare(strict_types=1);

namespace App\Pages\Points;

/** A controller's points in the picture of the whole, in rows. */
final readonly class PictureBand
{
    /** @param  list<PointTile>  $tiles */
    public function __construct(public string $name, public int $y, public array $tiles) {}
}
