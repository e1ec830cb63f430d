<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;

/** One item of a list, or texts by language: can be taken away, but is written only by the places within. */
final readonly class Item implements ValueType
{
    public function read(mixed $sent, Place $place, Written $written): never
    {
        throw Refused::because(DraftRefusal::UnknownPlace);
    }

    public function check(mixed $value, Place $place, string $what): void
    {
        if (! is_array($value)) {
            throw Refused::because(DraftRefusal::UnknownPlace);
        }
    }
}
