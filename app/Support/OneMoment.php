<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\DB;

/**
 * Reads several tables as they were together at one moment, however much is written meanwhile. Each statement otherwise sees what
 * was committed before it, and what is compared with a signature would be half of before a sealing and half of after it.
 */
final class OneMoment
{
    /**
     * @template T
     *
     * @param  callable(): T  $read  writes nothing: the database refuses it; called outside every transaction
     * @return T
     */
    public function read(callable $read): mixed
    {
        // For the next transaction alone; its first reading statement sets the moment.
        DB::unprepared('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ, READ ONLY');

        return DB::transaction(static fn () => $read());
    }
}
