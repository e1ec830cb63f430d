<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** A personal value that is kept with an act. */
final readonly class KeptValue
{
    public function __construct(public string $name, public string $value) {}
}
