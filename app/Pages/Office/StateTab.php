<?php

declare(strict_types=1);

namespace App\Pages\Office;

/** One of the states that a list is shown by, with how many stand in it. */
final readonly class StateTab
{
    public function __construct(public string $name, public string $count, public string $url, public bool $current) {}
}
