<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;

/** A list of items, each with an id of its own; items are added, moved and removed, never sent as a whole. */
final readonly class Items implements ValueType
{
    private const MOST = 60;

    public function read(mixed $sent, Place $place, Written $written): never
    {
        throw Refused::because(DraftRefusal::UnknownPlace);
    }

    public function check(mixed $value, Place $place, string $what): void
    {
        if (! is_array($value) || $value === []) {
            throw Refused::because(DraftRefusal::NoneGiven, what: $what);
        }
        $ids = array_map(static fn (mixed $item): mixed => is_array($item) ? $item['id'] ?? null : null, $value);
        if (array_filter($ids, is_string(...)) !== $ids) {
            throw Refused::because(DraftRefusal::ItemWithoutId, what: $what);
        }
        if (count(array_unique($ids)) !== count($ids)) {
            throw Refused::because(DraftRefusal::GivenTwice, what: $what);
        }
        if (count($ids) > self::MOST) {
            throw Refused::because(DraftRefusal::TooMany, what: $what, most: self::MOST);
        }
    }
}
