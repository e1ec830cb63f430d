<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Points\FormWords;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;
use Juramen\Register\Language;
use Juramen\Wording\Statement;

/** What requirements say of something that is written here, in all its languages. */
final readonly class Judgement
{
    /**
     * @param  list<Note>  $notes  findings, most urgent first
     * @param  int  $checked  how many results there were
     * @param  int  $met  how many of them were met
     */
    private function __construct(public array $notes, public int $checked, public int $met) {}

    /** @param  callable(Language): FormWords  $words */
    public static function ofSheet(Sheet $sheet, Registers $registers, callable $words): self
    {
        $reader = new SheetReader($registers);
        $results = [];
        foreach ($sheet->languages as $language) {
            // A form that lacks words in a language is judged on that alone; what is not written cannot be judged.
            $unfinished = in_array($language, $sheet->missing(), true);
            $all = Requirements::judge($reader->read($sheet, $language, $words($language)));
            $results[] = [$language, array_map(self::withoutForeignMend(...), array_values(array_filter($all, static fn (Result $r): bool => ! $unfinished || $r->requirement->id() === 'language-offered')))];
        }

        return self::collect($results);
    }

    /** A statement as the register has it; its placeholders are filled as far as they can be. */
    public static function ofStatement(Statement $statement, Registers $registers): self
    {
        $reader = new SheetReader($registers);
        $filled = $registers->fillings($statement->purpose)->fill($statement);
        $results = [];
        foreach (Language::cases() as $language) {
            if ($filled->texts->has($language)) {
                $reading = $reader->statement($filled, $language);
                $all = array_merge(...array_map(static fn (Requirement $r): array => $r->judge($reading), Requirements::ofStatements()));
                $results[] = [$language, array_map(static fn (Result $r): Result => $r->change === null || $r->change->apply($statement->toArray()) !== $statement->toArray() ? $r : $r->withoutChange(), $all)];
            }
        }

        return self::collect($results);
    }

    /** @param  list<array{Language, list<Result>}>  $results */
    private static function collect(array $results): self
    {
        [$found, $checked, $met] = [[], 0, 0];
        foreach ($results as [$language, $each]) {
            foreach ($each as $result) {
                $checked += (int) ($result->verdict !== Verdict::NotApplicable);
                $met += (int) ($result->verdict === Verdict::Met);
                if ($result->verdict->isFinding()) {
                    // What does not hang on the language is the same finding in each.
                    $key = $result->requirement->id().' '.$result->where;
                    while (in_array($language, $found[$key][1] ?? [], true)) {
                        $key .= ' again';
                    }
                    $found[$key] ??= [$result, []];
                    $found[$key][1][] = $language;
                }
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[0]->verdict->urgency() <=> $b[0]->verdict->urgency());
        $notes = [];
        foreach ($found as $i => [$result, $languages]) {
            $notes[] = new Note($i + 1, $result, $languages);
        }

        return new self($notes, $checked, $met);
    }

    /** The words of a statement are mended in the register, not on the sheet. */
    private static function withoutForeignMend(Result $result): Result
    {
        return $result->change === null || ! str_starts_with($result->change->place, 'statements/') ? $result : $result->withoutChange();
    }

    /** @return list<Note> */
    public function breaches(): array
    {
        return array_values(array_filter($this->notes, static fn (Note $n): bool => $n->result->verdict === Verdict::Breach));
    }
}
