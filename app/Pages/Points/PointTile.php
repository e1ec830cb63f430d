<?php

declare(strict_types=1);

namespace App\Pages\Points;

/** A signup point in the picture of the whole. */
final readonly class PointTile
{
    /**
     * @param  int  $x  in the picture's own units, as the others
     * @param  string  $verdict  the worst that was found: "breach", "weakness", "open" or "met"
     * @param  string  $state  as PointLife says it
     * @param  string  $says  for whoever does not see the picture
     */
    public function __construct(
        public int $x, public int $y, public int $width, public int $bar, public string $name, public string $place, public string $verdict,
        public string $state, public string $link, public string $says
    ) {}
}
