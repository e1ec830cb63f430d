<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;

/** A whole number within a range. */
final readonly class Number implements ValueType
{
    public function __construct(private int $least, private int $most) {}

    public function read(mixed $sent, Place $place, Written $written): mixed
    {
        return is_string($sent) && preg_match('/^\s*\d{1,9}\s*$/D', $sent) === 1 ? (int) trim($sent) : $sent;
    }

    public function check(mixed $value, Place $place, string $what): void
    {
        if (! is_int($value) || $value < $this->least || $value > $this->most) {
            throw Refused::because(
                DraftRefusal::NotInRange, what: $what, least: $this->least, most: $this->most, given: is_scalar($value) ? (string) $value : ''
            );
        }
    }
}
