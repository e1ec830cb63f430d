<?php

declare(strict_types=1);

namespace Juramen\Canon;

/** Two people wrote different things in one place. */
final readonly class Conflict
{
    /** @param  string  $place in the document that both began from */
    public function __construct(public string $place, public mixed $mine, public mixed $theirs) {}
}
