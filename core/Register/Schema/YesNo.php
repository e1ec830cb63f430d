<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;

/** Yes or no; a browser sends "1" or "0". */
final readonly class YesNo implements ValueType
{
    public function read(mixed $sent, Place $place, Written $written): bool
    {
        return $sent === '1';
    }

    public function check(mixed $value, Place $place, string $what): void
    {
        if (! is_bool($value)) {
            throw Refused::because(DraftRefusal::NotYesNo, what: $what);
        }
    }
}
