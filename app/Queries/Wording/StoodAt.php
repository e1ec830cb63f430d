<?php

declare(strict_types=1);

namespace App\Queries\Wording;

/** An edition of a point in which a statement stood. */
final readonly class StoodAt
{
    public function __construct(public string $point, public int $edition) {}
}
