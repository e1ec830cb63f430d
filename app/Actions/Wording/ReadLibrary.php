<?php

declare(strict_types=1);

namespace App\Actions\Wording;

use App\Models\Record;
use App\Queries\Registers\RegistersInForce;
use JsonException;
use Juramen\Canon\ById;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Refused;
use Juramen\Register\RecordKind;
use Juramen\Wording\Library;
use Juramen\Wording\LibraryText;
use Juramen\Wording\Statement;

/** Reads a file of texts, CSV or JSON, and compares it with the register. */
final class ReadLibrary
{
    private const MEGABYTES = 2;

    private const COLUMNS = ['statement', 'language', 'text'];

    /** @throws Refused where the file cannot be read */
    public function __invoke(string $file): Library
    {
        if (strlen($file) > self::MEGABYTES * 1_000_000) {
            throw Refused::because(DraftRefusal::FileTooLarge, most: self::MEGABYTES);
        }
        $file = trim((string) preg_replace('/^\xEF\xBB\xBF/', '', $file));
        if ($file === '' || ! mb_check_encoding($file, 'UTF-8')) {
            throw Refused::because($file === '' ? DraftRefusal::FileEmpty : DraftRefusal::FileNotUtf8);
        }

        return Library::compare(self::register(), in_array($file[0], ['{', '['], true) ? self::json($file) : self::csv($file));
    }

    /** @return ById<Statement> the newest words of each statement that is not retired */
    public static function register(): ById
    {
        $records = RegistersInForce::records(RecordKind::Statement)->with('newest')->get();

        return ById::of(
            $records->map(static fn (Record $r): ?Statement => $r->newest === null ? null : Statement::from($r->newest->document))->filter()->values()->all(),
            static fn (Statement $s) => $s->id
        );
    }

    /** @return list<LibraryText> */
    private static function json(string $file): array
    {
        try {
            $data = json_decode($file, true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw Refused::because(DraftRefusal::FileNotJson, why: $e->getMessage());
        }
        $list = is_array($data) ? $data['statements'] ?? null : null;
        $texts = [];
        foreach (is_array($list) ? array_values($list) : throw Refused::because(DraftRefusal::FileWithoutStatements) as $i => $each) {
            if (! is_array($each) || ! is_string($each['id'] ?? null) || ! is_array($each['texts'] ?? null)) {
                throw Refused::because(DraftRefusal::FileStatementBroken, number: $i + 1);
            }
            foreach ($each['texts'] as $language => $text) {
                $texts[] = new LibraryText($each['id'], (string) $language, is_string($text) ? $text : '');
            }
        }

        return $texts;
    }

    /** @return list<LibraryText> */
    private static function csv(string $file): array
    {
        $lines = self::lines($file);
        $columns = array_map(static fn (?string $name): string => mb_strtolower(trim((string) $name)), array_shift($lines) ?? []);
        $missing = array_diff(self::COLUMNS, $columns);
        if ($missing !== []) {
            throw Refused::because(DraftRefusal::FileColumns, names: implode(', ', self::COLUMNS), missing: implode(', ', $missing));
        }
        [$statement, $language, $text] = array_map(static fn (string $name): int => (int) array_search($name, $columns, true), self::COLUMNS);
        // A spreadsheet is kept from taking a text for a formula by an apostrophe before it.
        $cell = static fn (array $line, int $at): string => (string) preg_replace("/^'(?=[=+\\-@])/", '', (string) ($line[$at] ?? ''));

        return array_map(static fn (array $line): LibraryText => new LibraryText($cell($line, $statement), $cell($line, $language), $cell($line, $text)),
            array_values(array_filter($lines, static fn (array $line): bool => $line !== [null])));
    }

    /** @return list<list<string|null>> */
    private static function lines(string $file): array
    {
        $stream = fopen('php://memory', 'w+') ?: throw Refused::because(DraftRefusal::FileEmpty);
        fwrite($stream, $file);
        rewind($stream);
        $head = strtok($file, "\r\n") ?: '';
        $separator = substr_count($head, ';') > substr_count($head, ',') ? ';' : (str_contains($head, "\t") ? "\t" : ',');
        $lines = [];
        while (($line = fgetcsv($stream, null, $separator, '"', '')) !== false) {
            $lines[] = $line;
        }
        fclose($stream);

        return $lines;
    }
}
