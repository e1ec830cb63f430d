<?php

declare(strict_types=1);

namespace Juramen\Canon;

/** Two people wrote different things in one place. */
final readonly class Conflict
{
    public function __construct(public Place $place, public mixed $mine, public mixed $theirs) {}
}
