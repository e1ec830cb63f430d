<?php

declare(strict_types=1);

namespace Juramen\Points;

/** What was typed into a field, or stands in a hidden one. */
final readonly class FieldValue
{
    public function __construct(public string $name, public string $value) {}
}
