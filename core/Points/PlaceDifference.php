<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Place;
use Juramen\Wording\Difference;

/** What changed in one place of a document. */
final readonly class PlaceDifference
{
    public function __construct(public Place $place, public Difference $words) {}
}
