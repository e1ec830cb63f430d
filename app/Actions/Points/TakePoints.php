<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActRefusal;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Ground;
use Juramen\Canon\Refused;

/** Takes stock from a file: a signup point for each of its rows, or, where any row is damaged, none. */
final class TakePoints
{
    public const COLUMNS = ['name', 'starter', 'statement', 'place', 'elsewhere'];

    private const NEEDED = ['name', 'starter', 'statement'];

    private const MEGABYTES = 1;

    private const MOST = 500;

    public function __construct(private readonly BeginPoint $begin) {}

    /**
     * @return int how many were begun
     *
     * @throws Refused with a ground for each damaged row
     */
    public function __invoke(string $file, User $author): int
    {
        $rows = self::rows($file);

        return DB::transaction(function () use ($rows, $author): int {
            $grounds = [];
            foreach ($rows as $line => $row) {
                try {
                    $this->take($row, $author);
                } catch (Refused $e) {
                    $grounds[] = new Ground(ActRefusal::RowOfPoints, line: (string) $line, says: $e->getMessage());
                }
            }
            if ($grounds !== []) {
                throw new Refused(...$grounds);
            }

            return count($rows);
        }, 3);
    }

    /** @param  array<string, string>  $row */
    private function take(array $row, User $author): void
    {
        $cell = static fn (string $column): string => trim($row[$column] ?? '');
        ($this->begin)($cell('name'), $cell('starter'), $cell('statement'), $author, $cell('elsewhere'), $cell('place'));
    }

    /**
     * @return array<int, array<string, string>> number of a line to its cells by their columns
     *
     * @throws Refused
     */
    private static function rows(string $file): array
    {
        $file = (string) preg_replace('/^\xEF\xBB\xBF/', '', $file);
        if (strlen($file) > self::MEGABYTES * 1_000_000) {
            throw Refused::because(DraftRefusal::FileTooLarge, most: self::MEGABYTES);
        }
        if (trim($file) === '' || ! mb_check_encoding($file, 'UTF-8')) {
            throw Refused::because(trim($file) === '' ? DraftRefusal::FileEmpty : DraftRefusal::FileNotUtf8);
        }
        $lines = preg_split('/\r\n|\n|\r/', rtrim($file)) ?: [];
        $head = array_map(static fn (?string $cell): string => trim((string) $cell), str_getcsv(array_shift($lines) ?? '', escape: ''));
        $missing = array_diff(self::NEEDED, $head);
        if ($missing !== []) {
            throw Refused::because(DraftRefusal::FileColumns, names: implode(', ', self::NEEDED), missing: implode(', ', $missing));
        }
        if (count($lines) > self::MOST) {
            throw Refused::because(DraftRefusal::TooMany, most: self::MOST, what: 'rows of a file');
        }
        $rows = [];
        foreach ($lines as $i => $line) {
            $cells = array_map(strval(...), str_getcsv($line, escape: ''));
            if (trim(implode('', $cells)) !== '') {
                $rows[$i + 2] = array_combine($head, array_slice(array_pad($cells, count($head), ''), 0, count($head)));
            }
        }

        return $rows === [] ? throw Refused::because(DraftRefusal::FileEmpty) : $rows;
    }
}
