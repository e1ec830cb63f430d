<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Collection;
use UnexpectedValueException;

/** Values of columns that are read without a model, each of the sort that its column holds. */
final class Stored
{
    /** @throws UnexpectedValueException where it is no text */
    public static function text(mixed $value): string
    {
        return is_string($value) ? $value : throw new UnexpectedValueException('A column holds no text where it must.');
    }

    public static function textOrNull(mixed $value): ?string
    {
        return $value === null ? null : self::text($value);
    }

    /** @throws UnexpectedValueException where it is no number */
    public static function number(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : throw new UnexpectedValueException('A column holds no number where it must.');
    }

    /**
     * @param  Collection<array-key, mixed>  $values
     * @return list<string>
     */
    public static function texts(Collection $values): array
    {
        return array_map(self::text(...), array_values($values->all()));
    }
}
