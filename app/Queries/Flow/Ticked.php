<?php

declare(strict_types=1);

namespace App\Queries\Flow;

/** How many said yes to one statement. */
final readonly class Ticked
{
    public function __construct(public string $statement, public int $count) {}
}
