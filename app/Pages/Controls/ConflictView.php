<?php

declare(strict_types=1);

namespace App\Pages\Controls;

use App\Pages\Registers\PlaceNames;
use Juramen\Canon\Conflict;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Points\Records;
use Juramen\Register\RecordKind;

/** Two people wrote different things in one place: both, and what a press on "Use mine" sends. */
final readonly class ConflictView
{
    /**
     * @param  string  $at  id of the control that it belongs to
     * @param  string|null  $settles  what was mine, as JSON; null where it cannot be set by one press
     */
    private function __construct(
        public string $at, public string $place, public string $name, public string $theirs, public string $mine, public ?string $settles
    ) {}

    /**
     * @param  list<Conflict>  $conflicts
     * @return list<self>
     */
    public static function all(RecordKind $kind, array $conflicts): array
    {
        return array_map(static fn (Conflict $c): self => new self(
            PlaceId::of($c->place->text()), $c->place->text(), self::name($kind, $c->place), self::says($c->theirs), self::says($c->mine),
            $c->place->first() === 'departures' ? null : self::settling($c->mine)
        ), $conflicts);
    }

    /** What both changed, as its schema calls it. */
    private static function name(RecordKind $kind, Place $place): string
    {
        try {
            return Records::schema($kind)->at($place)->named($place);
        } catch (Refused) {
            return lcfirst(PlaceNames::of($place));
        }
    }

    private static function settling(mixed $mine): ?string
    {
        return match (true) {
            is_bool($mine) => $mine ? '"1"' : '"0"',
            is_scalar($mine) => (string) json_encode((string) $mine),
            is_array($mine) && array_filter($mine, is_string(...)) === $mine && array_is_list($mine) => (string) json_encode($mine),
            default => null,
        };
    }

    private static function says(mixed $value): string
    {
        return match (true) {
            $value === null => 'taken away',
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value) => (string) $value === '' ? 'nothing' : (string) $value,
            is_array($value) => implode(', ', array_map(self::says(...), $value)) ?: 'nothing',
            default => '',
        };
    }
}
