<?php

declare(strict_types=1);

namespace Juramen\Canon;

use InvalidArgumentException;

/** A value that has no canonical form, or text that is not the canonical form of anything. */
final class InvalidCanonicalData extends InvalidArgumentException
{
    public static function at(string $path, string $wrong, string $right): self
    {
        return new self(sprintf('At %s: %s; %s.', $path === '' ? 'the top' : $path, $wrong, $right));
    }
}
