<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\DB;

/**
 * Leaves the database connection after a failure, so that the next statement opens a new one. The connection stays the same object:
 * others hold it, the queue for one, and where it were replaced, as purging does, the old one would open itself again in the middle of the new
 * one's transaction and break that off unseen. Nothing that was noted for after a commit outlives it.
 */
final class FreshConnection
{
    public static function next(): void
    {
        DB::disconnect();
        app('db.transactions')->rollback(DB::getDefaultConnection(), 0);
    }
}
