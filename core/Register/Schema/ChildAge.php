<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Register\Country;

/** The age from which a child consents alone, for the country that the place ends with; never below that country's own. */
final readonly class ChildAge implements ValueType
{
    private const MOST = 18;

    public function read(mixed $sent, Place $place, Written $written): mixed
    {
        return (new Number(0, self::MOST))->read($sent, $place, $written);
    }

    public function check(mixed $value, Place $place, string $what): void
    {
        $country = Country::parse($place->last());
        if (! is_int($value) || $value < $country->childAge() || $value > self::MOST) {
            throw Refused::because(
                DraftRefusal::ChildAge, country: $country->code, least: $country->childAge(), most: self::MOST,
                given: is_scalar($value) ? (string) $value : ''
            );
        }
    }
}
