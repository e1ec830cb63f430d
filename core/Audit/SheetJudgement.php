<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Points\FormWords;
use Juramen\Points\Sheet;
use Juramen\Register\Language;

/** What all requirements say of a sheet in all its languages. */
final readonly class SheetJudgement
{
    /**
     * @param  list<Note>  $notes  findings, most urgent first
     * @param  int  $checked  how many results there were
     * @param  int  $met  how many of them were met
     */
    private function __construct(public array $notes, public int $checked, public int $met) {}

    /** @param  callable(Language): FormWords  $words */
    public static function of(Sheet $sheet, SheetReader $reader, callable $words): self
    {
        [$found, $checked, $met] = [[], 0, 0];
        foreach ($sheet->languages as $language) {
            // A form that lacks words in a language is judged on that alone; what is not written cannot be judged.
            $unfinished = in_array($language, $sheet->missing(), true);
            foreach (Requirements::judge($reader->read($sheet, $language, $words($language))) as $result) {
                if ($unfinished && $result->requirement->id() !== 'language-offered') {
                    continue;
                }
                $checked += (int) ($result->verdict !== Verdict::NotApplicable);
                $met += (int) ($result->verdict === Verdict::Met);
                if ($result->verdict->isFinding()) {
                    // What does not hang on the language is the same finding in each.
                    $key = $result->requirement->id().' '.$result->where;
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

    /** @return list<Note> */
    public function breaches(): array
    {
        return array_values(array_filter($this->notes, static fn (Note $n): bool => $n->result->verdict === Verdict::Breach));
    }
}
