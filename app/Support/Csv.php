<?php

declare(strict_types=1);

namespace App\Support;

use Symfony\Component\HttpFoundation\StreamedResponse;

/** Lists as CSV (RFC 4180), sent row by row. Cells that a spreadsheet would take for a formula are led by an apostrophe. */
final class Csv
{
    /**
     * @param  list<string>  $head
     * @param  iterable<list<string>>  $rows
     */
    public static function respond(string $name, array $head, iterable $rows): StreamedResponse
    {
        $send = static function () use ($head, $rows): void {
            echo self::line($head);
            foreach ($rows as $row) {
                echo self::line($row);
            }
        };

        return response()->streamDownload($send, $name, ['Content-Type' => 'text/csv; charset=utf-8; header=present']);
    }

    /** @param  list<string>  $row */
    private static function line(array $row): string
    {
        return implode(',', array_map(self::cell(...), $row))."\r\n";
    }

    private static function cell(string $text): string
    {
        $text = preg_match('/^[=+\-@\t\r]/', $text) === 1 ? "'".$text : $text;

        return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}
