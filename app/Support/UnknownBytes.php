<?php

declare(strict_types=1);

namespace App\Support;

use RuntimeException;

/** Bytes that are asked for by their digest and are not stored, or no longer what their name says. */
final class UnknownBytes extends RuntimeException
{
    public function __construct(string $digest, public readonly bool $changed)
    {
        parent::__construct($changed ? "The bytes $digest are no longer what their name says." : "The bytes $digest are not stored.");
    }
}
