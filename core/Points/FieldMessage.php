<?php

declare(strict_types=1);

namespace Juramen\Points;

/** What is wrong with an answer, beside its field or control. */
final readonly class FieldMessage
{
    public function __construct(public string $name, public string $says) {}
}
