<?php

declare(strict_types=1);

namespace App\Pages\Office;

/** One thing that somebody wrote into a form. */
final readonly class KeptLine
{
    public function __construct(public string $name, public string $value) {}
}
