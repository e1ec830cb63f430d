<?php

declare(strict_types=1);

namespace Juramen\Points;

/** A group of a destination, as it said itself. */
final readonly class GroupThere
{
    public function __construct(public string $id, public string $title) {}
}
