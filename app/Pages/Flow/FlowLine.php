<?php

declare(strict_types=1);

namespace App\Pages\Flow;

/** A number with what it is of. */
final readonly class FlowLine
{
    public function __construct(public string $name, public int $count, public string $share = '', public ?string $link = null) {}
}
