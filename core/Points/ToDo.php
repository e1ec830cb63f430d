<?php

declare(strict_types=1);

namespace Juramen\Points;

/** What only the organisation can fill in and nobody has yet; nothing is published before. */
final readonly class ToDo
{
    /** @param  string  $says  a sentence for the office */
    public function __construct(public string $says) {}
}
