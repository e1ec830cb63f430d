<?php

declare(strict_types=1);

namespace App\Casts;

use Juramen\Canon\Instant;

/** Moments as the database's DATETIME(6), always in UTC. */
final class Instants
{
    public static function read(string $column): Instant
    {
        return Instant::parse(str_replace(' ', 'T', str_contains($column, '.') ? $column : $column.'.000000').'Z');
    }

    public static function write(Instant $instant): string
    {
        return $instant->utc->format('Y-m-d H:i:s.u');
    }
}
