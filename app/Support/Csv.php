<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Http\Response;

/** Lists as CSV (RFC 4180). Cells that a spreadsheet would take for a formula are led by an apostrophe. */
final class Csv
{
    /**
     * @param  list<string>  $head
     * @param  list<list<string>>  $rows
     */
    public static function respond(string $name, array $head, array $rows): Response
    {
        $lines = array_map(static fn (array $row): string => implode(',', array_map(self::cell(...), $row))."\r\n", [$head, ...$rows]);

        return response(
            implode('', $lines), 200, ['Content-Type' => 'text/csv; charset=utf-8; header=present', 'Content-Disposition' => "attachment; filename=\"$name\""]
        );
    }

    private static function cell(string $text): string
    {
        $text = preg_match('/^[=+\-@\t\r]/', $text) === 1 ? "'".$text : $text;

        return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}
