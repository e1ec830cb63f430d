<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;
use PDOException;
use Throwable;

/**
 * Writes down that something failed: what, where, and the way there. Messages of the database carry the values of
 * statements, so of those only the state and the statement with its question marks are kept; lines go through
 * ScrubbedLog besides.
 */
final class QuietReport
{
    public static function write(Throwable $e): void
    {
        $way = [];
        foreach (array_slice($e->getTrace(), 0, 12) as $frame) {
            $way[] = basename($frame['file'] ?? '').':'.($frame['line'] ?? 0);
        }
        Log::error(self::line($e), ['way' => implode(' < ', $way)]);
    }

    /** @return string what failed and where, without values */
    public static function line(Throwable $e): string
    {
        $what = match (true) {
            $e instanceof QueryException => 'SQLSTATE '.$e->getCode().' in '.$e->getSql(),
            $e instanceof PDOException => 'SQLSTATE '.$e->getCode(),
            default => $e->getMessage(),
        };

        return $e::class.' at '.basename($e->getFile()).':'.$e->getLine().' '.$what;
    }
}
