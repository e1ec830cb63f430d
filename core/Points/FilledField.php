<?php

declare(strict_types=1);

namespace Juramen\Points;

/** A field of a destination with what goes into it for one person. */
final readonly class FilledField
{
    public function __construct(public string $name, public string $value) {}
}
