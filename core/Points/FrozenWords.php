<?php

declare(strict_types=1);

namespace Juramen\Points;

/** One text of a mail, under its name. */
final readonly class FrozenWords
{
    public function __construct(public string $key, public string $text) {}
}
