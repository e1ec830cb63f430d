<?php

declare(strict_types=1);

namespace App\Actions\Wording;

use App\Actions\Registers\InForce;
use App\Models\RecordKind;
use JsonException;
use Juramen\Canon\InvalidDocument;
use Juramen\Wording\Library;
use Juramen\Wording\Statement;

/** Reads a file of texts, CSV or JSON, and compares it with the register. */
final class ReadLibrary
{
    /** Octets of a file. */
    private const LARGEST = 2_000_000;

    private const COLUMNS = ['statement', 'language', 'text'];

    /** @throws InvalidDocument where the file cannot be read */
    public function __invoke(string $file): Library
    {
        if (strlen($file) > self::LARGEST) {
            throw new InvalidDocument('The file is larger than 2 MB.');
        }
        $file = trim((string) preg_replace('/^\xEF\xBB\xBF/', '', $file));
        if ($file === '' || ! mb_check_encoding($file, 'UTF-8')) {
            throw new InvalidDocument($file === '' ? 'The file is empty.' : 'The file is not in UTF-8; save it as "CSV UTF-8" or as JSON.');
        }

        return Library::compare(self::register(), in_array($file[0], ['{', '['], true) ? self::json($file) : self::csv($file));
    }

    /** @return array<string, Statement> the newest words of each statement that is not retired */
    public static function register(): array
    {
        $register = [];
        foreach (InForce::records(RecordKind::Statement)->with('newest')->get() as $record) {
            $register[$record->slug] = Statement::from($record->newest->document ?? []);
        }

        return $register;
    }

    /** @return list<array{statement: string, language: string, text: string}> */
    private static function json(string $file): array
    {
        try {
            $data = json_decode($file, true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw new InvalidDocument('The file is not whole JSON: '.$e->getMessage().'.');
        }
        $list = is_array($data) ? $data['statements'] ?? null : null;
        if (! is_array($list)) {
            throw new InvalidDocument('The JSON has no "statements"; it looks like {"statements":[{"id":"...","texts":{"en":"..."}}]}.');
        }
        $rows = [];
        foreach ($list as $i => $each) {
            if (! is_array($each) || ! is_string($each['id'] ?? null) || ! is_array($each['texts'] ?? null)) {
                throw new InvalidDocument('Statement '.((int) $i + 1).' of the JSON has no id, or no texts by language.');
            }
            foreach ($each['texts'] as $language => $text) {
                $rows[] = ['statement' => $each['id'], 'language' => (string) $language, 'text' => is_string($text) ? $text : ''];
            }
        }

        return $rows;
    }

    /** @return list<array{statement: string, language: string, text: string}> */
    private static function csv(string $file): array
    {
        $stream = fopen('php://memory', 'w+') ?: throw new InvalidDocument('The file cannot be read just now.');
        fwrite($stream, $file);
        rewind($stream);
        $head = strtok($file, "\r\n") ?: '';
        $separator = substr_count($head, ';') > substr_count($head, ',') ? ';' : (str_contains($head, "\t") ? "\t" : ',');
        $lines = [];
        while (($line = fgetcsv($stream, null, $separator, '"', '')) !== false) {
            $lines[] = $line;
        }
        fclose($stream);
        $columns = array_map(static fn (mixed $name): string => mb_strtolower(trim((string) $name)), array_shift($lines) ?? []);
        $places = array_map(static fn (string $name): int|false => array_search($name, $columns, true), array_combine(self::COLUMNS, self::COLUMNS));
        if (in_array(false, $places, true)) {
            throw new InvalidDocument('The first line of the CSV names the columns; these are needed: '.implode(', ', self::COLUMNS).'. Missing: '.implode(', ', array_keys($places, false, true)).'.');
        }
        $rows = [];
        foreach ($lines as $line) {
            if ($line !== [null]) {
                // A spreadsheet is kept from taking a text for a formula by an apostrophe before it.
                $rows[] = array_map(static fn (int|false $at): string => (string) preg_replace("/^'(?=[=+\\-@])/", '', (string) ($line[(int) $at] ?? '')), $places);
            }
        }

        return $rows;
    }
}
