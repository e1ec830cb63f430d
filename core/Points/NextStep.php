<?php

declare(strict_types=1);

namespace Juramen\Points;

/** What somebody can do next, and where. */
final readonly class NextStep
{
    public function __construct(public string $says, public string $to) {}
}
