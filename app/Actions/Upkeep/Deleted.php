<?php

declare(strict_types=1);

namespace App\Actions\Upkeep;

/** How many of something were deleted. */
final readonly class Deleted
{
    public function __construct(public string $what, public int $count) {}
}
