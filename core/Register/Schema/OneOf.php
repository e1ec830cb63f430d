<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;

/** One of a closed set of names. */
final readonly class OneOf implements ValueType
{
    /** @param  non-empty-list<string>  $names */
    public function __construct(private array $names) {}

    public function read(mixed $sent, Place $place, Written $written): string
    {
        return is_string($sent) ? trim($sent) : '';
    }

    public function check(mixed $value, Place $place, string $what): void
    {
        if (! in_array($value, $this->names, true)) {
            throw Refused::because(DraftRefusal::NotOneOf, what: $what, names: implode(', ', $this->names));
        }
    }
}
