<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Canon\CanonicalJson;
use Juramen\Register\Language;
use Juramen\Register\Texts;

/** Texts that come back from translation, compared with what stands in the register, before anything is changed. */
final readonly class Library
{
    /**
     * @param  list<LibraryRow>  $rows
     * @param  list<string>  $missing  texts that stand in the register and not in the file
     */
    private function __construct(public array $rows, public array $missing) {}

    /**
     * @param  array<string, Statement>  $register  the newest words of each statement, by id
     * @param  list<array{statement: string, language: string, text: string}>  $read  as a file gave them
     */
    public static function compare(array $register, array $read): self
    {
        $rows = [];
        $seen = [];
        foreach ($read as $i => ['statement' => $id, 'language' => $tag, 'text' => $text]) {
            $twice = isset($seen["$id $tag"]);
            $seen["$id $tag"] = true;
            $rows[] = self::row($register[$id] ?? null, $id, $tag, trim($text), $twice, $i + 1);
        }
        $missing = [];
        foreach ($register as $id => $statement) {
            foreach (array_keys($statement->texts->toArray()) as $tag) {
                if (! isset($seen["$id $tag"])) {
                    $missing[] = "$id, ".Language::from($tag)->endonym();
                }
            }
        }

        return new self($rows, $missing);
    }

    /** @return list<LibraryRow> that keep the whole file from being taken */
    public function faults(): array
    {
        return array_values(array_filter($this->rows, static fn (LibraryRow $r): bool => $r->fault !== null));
    }

    /** @return list<LibraryRow> */
    public function changes(): array
    {
        return array_values(array_filter($this->rows, static fn (LibraryRow $r): bool => $r->fault === null && $r->isChange()));
    }

    /** @return array<string, mixed> one statement as the library writes it out in JSON */
    public static function export(Statement $statement): array
    {
        return json_decode(CanonicalJson::encode($statement->toArray()), true);
    }

    private static function row(?Statement $statement, string $id, string $tag, string $text, bool $twice, int $line): LibraryRow
    {
        $language = Language::tryFrom($tag);
        $old = $statement !== null && $language !== null && $statement->texts->has($language) ? $statement->texts->in($language) : '';
        $fault = match (true) {
            $statement === null => "There is no statement \"$id\" in the register.",
            $language === null => "\"$tag\" is not a language we know; those are ".implode(', ', array_column(Language::cases(), 'value')).'.',
            $twice => 'It stands in the file twice.',
            $text === '' => null,
            mb_strlen($text) > 5000 => 'It has more than 5000 characters.',
            default => self::damage($text, $old !== '' ? $old : self::model($statement->texts)),
        };

        return new LibraryRow($line, $id, $tag, $old, $text, $fault);
    }

    /** The text that a new language is a translation of. */
    private static function model(Texts $texts): string
    {
        $all = $texts->toArray();

        return $all['en'] ?? (array_values($all)[0] ?? '');
    }

    /** What became of the placeholders between the text they stood in and the one that came back; null where all are whole. */
    private static function damage(string $text, string $model): ?string
    {
        $names = Placeholder::namesIn($text);
        $unknown = array_values(array_filter($names, static fn (string $n): bool => Placeholder::tryFrom($n) === null));
        $rest = (string) preg_replace('/\{[^{}\s]{1,40}\}/u', '', $text);
        $lost = array_values(array_diff(Placeholder::namesIn($model), $names));
        $added = array_values(array_diff($names, Placeholder::namesIn($model), $unknown));

        return match (true) {
            $unknown !== [] => '{'.implode('}, {', $unknown).'} is no placeholder; it should be one of {'.implode('}, {', array_column(Placeholder::cases(), 'value')).'}.',
            preg_match('/[{}]/', $rest) === 1 => 'A placeholder is damaged: a brace is left alone, or there are spaces within.',
            $lost !== [] => '{'.implode('}, {', $lost).'} is gone, which the text had.',
            $added !== [] => '{'.implode('}, {', $added).'} has come in, which the text did not have.',
            default => null,
        };
    }
}
