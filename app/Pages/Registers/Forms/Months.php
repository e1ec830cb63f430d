<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Option;

/** Numbers of months or days to choose from, whatever is chosen now among them. */
final class Months
{
    /**
     * @param  list<int>  $some
     * @param  string|null  $none  what 0 says; null where it is none of them
     * @return list<Option>
     */
    public static function options(array $some, int $now, ?string $none = null): array
    {
        return self::of([...($none === null ? [] : [0]), ...$some], $now, static fn (int $n): string => $n === 0 ? (string) $none : "$n months");
    }

    /**
     * @param  list<int>  $some
     * @return list<Option>
     */
    public static function days(array $some, int $now): array
    {
        return self::of($some, $now, static fn (int $n): string => match (true) {
            $n === 1 => '1 day',
            $n === 365 => '1 year',
            $n % 365 === 0 => ($n / 365).' years',
            default => "$n days",
        });
    }

    /**
     * @param  list<int>  $some
     * @param  callable(int): string  $says
     * @return list<Option>
     */
    public static function of(array $some, int $now, callable $says): array
    {
        $all = array_unique([...$some, $now]);
        sort($all);

        return array_map(static fn (int $n): Option => new Option((string) $n, $says($n), $n === $now), $all);
    }
}
