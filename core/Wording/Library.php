<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Canon\ById;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Ground;
use Juramen\Register\Language;

/** Texts that come back from translation, compared with what stands in the register, before anything is changed. */
final readonly class Library
{
    /**
     * @param  list<LibraryRow>  $rows
     * @param  list<string>  $missing  texts that stand in the register and not in the file
     */
    private function __construct(public array $rows, public array $missing) {}

    /**
     * @param  ById<Statement>  $register  the newest words of each statement
     * @param  list<LibraryText>  $read  as a file gave them
     */
    public static function compare(ById $register, array $read): self
    {
        $rows = [];
        $seen = [];
        foreach ($read as $i => $given) {
            $twice = isset($seen["$given->statement $given->language"]);
            $seen["$given->statement $given->language"] = true;
            $rows[] = self::row($register->get($given->statement), $given, $twice, $i + 1);
        }
        $missing = [];
        foreach ($register->all() as $statement) {
            foreach ($statement->texts->languages() as $language) {
                if (! isset($seen["$statement->id $language->value"])) {
                    $missing[] = "$statement->id, ".$language->endonym();
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

    private static function row(?Statement $statement, LibraryText $given, bool $twice, int $line): LibraryRow
    {
        $language = Language::tryFrom($given->language);
        $text = trim($given->text);
        $old = $statement !== null && $language !== null ? $statement->texts->orNothing($language) : '';
        $fault = match (true) {
            $statement === null => new Ground(DraftRefusal::RowNoStatement, id: $given->statement),
            $language === null => new Ground(
                DraftRefusal::RowNoLanguage, given: $given->language, names: implode(', ', array_column(Language::cases(), 'value'))
            ),
            $twice => new Ground(DraftRefusal::RowTwice),
            $text === '' => null,
            mb_strlen($text) > Statement::LONGEST => new Ground(DraftRefusal::RowTooLong, most: Statement::LONGEST),
            default => self::damage($text, $old !== '' ? $old : $statement->texts->model()),
        };

        return new LibraryRow($line, $given->statement, $given->language, $old, $text, $fault);
    }

    /** What became of the placeholders between the text they stood in and the one that came back; null where all are whole. */
    private static function damage(string $text, string $model): ?Ground
    {
        $names = Placeholder::namesIn($text);
        $unknown = array_values(array_filter($names, static fn (string $n): bool => Placeholder::tryFrom($n) === null));
        $rest = (string) preg_replace('/\{[^{}\s]{1,40}\}/u', '', $text);
        $lost = array_values(array_diff(Placeholder::namesIn($model), $names));
        $added = array_values(array_diff($names, Placeholder::namesIn($model), $unknown));
        $said = static fn (array $names): string => '{'.implode('}, {', $names).'}';

        return match (true) {
            $unknown !== [] => new Ground(DraftRefusal::RowUnknownPlaceholder, given: $said($unknown), names: Placeholder::list()),
            preg_match('/[{}]/', $rest) === 1 => new Ground(DraftRefusal::RowDamagedPlaceholder),
            $lost !== [] => new Ground(DraftRefusal::RowLostPlaceholder, given: $said($lost)),
            $added !== [] => new Ground(DraftRefusal::RowAddedPlaceholder, given: $said($added)),
            default => null,
        };
    }
}
