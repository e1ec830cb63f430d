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
        foreach ($sheet->draft->languages as $language) {
            foreach (Requirements::judge($reader->read($sheet, $language, $words($language))) as $result) {
                // The words of a statement are mended in the register, not on the sheet.
                $results[] = new ResultIn($language, $result->change?->place->first() === 'statements' ? $result->withChange(null) : $result);
            }
        }

        return self::collect($results);
    }

    /** A statement as the register has it; its placeholders are filled as far as they can be. */
    public static function ofStatement(Statement $statement, Registers $registers): self
    {
        $reader = new SheetReader($registers);
        $filled = $registers->fillings($statement->purpose)->fill($statement);
        $document = $statement->document();
        $results = [];
        foreach ($filled->texts->languages() as $language) {
            [$shown, $written] = [$filled->words($language), $statement->texts->in($language)];
            foreach (Requirements::judge($reader->statement($filled, $language)) as $result) {
                $change = $result->change?->changes($document) === true ? $result->change : null;
                $results[] = new ResultIn($language, $result->withChange($change)->in($shown, $written));
            }
        }

        return self::collect($results);
    }

    /** @param  list<ResultIn>  $results */
    private static function collect(array $results): self
    {
        [$found, $times, $checked, $met] = [[], [], 0, 0];
        foreach ($results as $each) {
            $result = $each->result;
            $checked += (int) ($result->verdict !== Verdict::NotApplicable);
            $met += (int) ($result->verdict === Verdict::Met);
            if ($result->verdict->isFinding()) {
                // What does not hang on the language is the same finding in each; the second at a place is another.
                $place = $result->requirement->id().' '.$result->where?->text();
                $nth = $times[$place][$each->language->value] = ($times[$place][$each->language->value] ?? 0) + 1;
                $found["$place $nth"] ??= [$result, []];
                $found["$place $nth"][1][] = $each->language;
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[0]->verdict->urgency() <=> $b[0]->verdict->urgency());
        $notes = [];
        foreach ($found as $i => [$result, $languages]) {
            $notes[] = new Note($i + 1, $result, $languages);
        }

        return new self($notes, $checked, $met);
    }

    /** @return list<Note> */
    public function breaches(): array
    {
        return array_values(array_filter($this->notes, static fn (Note $n): bool => $n->result->verdict === Verdict::Breach));
    }

    public function count(Verdict $verdict): int
    {
        return count(array_filter($this->notes, static fn (Note $n): bool => $n->result->verdict === $verdict));
    }
}
