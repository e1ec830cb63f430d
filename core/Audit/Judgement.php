<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Document;
use Juramen\Canon\Refused;
use Juramen\Points\FormWords;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;
use Juramen\Register\Language;
use Juramen\Wording\Difference;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Understanding;
use Juramen\Wording\Statement;

/** What requirements say of something that is written here, in all its languages. */
final readonly class Judgement
{
    /** Characters of what stays that are shown on each side of what a mend changes. */
    private const BESIDE = 60;

    /**
     * @param  list<Note>  $notes  findings, most urgent first
     * @param  list<Result>  $unwritten  what is still to be written, which is judged once it is
     * @param  int  $checked  how many results there were besides
     * @param  int  $met  how many of them were met
     * @param  list<Standing>  $standings  of every requirement that was asked
     * @param  list<Result>  $forPeople  what only a person can say, which is asked in audits
     * @param  list<DrawnPart>  $drawn  its fields and boxes in its first language, from which a picture is made
     */
    private function __construct(
        public array $notes, public array $unwritten, public int $checked, public int $met, public array $standings, public array $forPeople,
        public array $drawn
    ) {}

    /** @param  callable(Language): FormWords  $words */
    public static function ofSheet(Sheet $sheet, Registers $registers, callable $words): self
    {
        $reader = new SheetReader($registers);
        [$results, $forPeople, $drawn] = [[], [], []];
        foreach ($sheet->draft->languages as $n => $language) {
            $reading = $reader->read($sheet, $language, $words($language));
            [$forPeople, $drawn] = $n === 0 ? [Requirements::askPeople($reading), DrawnPart::of($reading)] : [$forPeople, $drawn];
            $judged = self::placed($reading, $sheet, $language);
            $second = $sheet->draft->differsIn($language) ? $sheet->second() : null;
            $more = $second === null ? []
                : self::ofSecond(self::placed($reader->read($second, $language, $words($language)), $second, $language), $judged);
            $more = array_map(static fn (Result $r): Result => $r->withinSecond($sheet->draft->second, $language), $more);
            foreach ([...$judged, ...$more] as $result) {
                // The words of a statement are mended in the register, not on the sheet.
                $results[] = new ResultIn($language, $result->change?->place->first() === 'statements' ? $result->withChange(null) : $result);
            }
        }

        return self::collect($results, $forPeople, $drawn);
    }

    /** @return list<Result> of what a sheet's form says, each where it is written */
    private static function placed(Reading $reading, Sheet $sheet, Language $language): array
    {
        $draft = $sheet->filled()->draft;

        return array_map(static fn (Result $r): Result => SheetParts::placed($r, $draft, $language), Requirements::judge($reading));
    }

    /**
     * What is found of the second version alone, where it is written.
     *
     * @param  list<Result>  $second
     * @param  list<Result>  $first
     * @return list<Result>
     */
    private static function ofSecond(array $second, array $first): array
    {
        $key = static fn (Result $r): string => "{$r->requirement->id()} {$r->verdict->value} {$r->where?->text()}";
        $known = array_count_values(array_map($key, $first));
        $only = [];
        foreach (array_filter($second, static fn (Result $r): bool => $r->verdict->isFinding() && ! $r->unwritten) as $result) {
            $known[$key($result)] = ($known[$key($result)] ?? 0) - 1;
            if ($known[$key($result)] < 0) {
                $only[] = $result;
            }
        }

        return $only;
    }

    /** A statement as the register has it; its placeholders are filled as far as they can be. */
    public static function ofStatement(Statement $statement, Registers $registers): self
    {
        $reader = new SheetReader($registers);
        $fillings = $registers->fillings($statement->purpose);
        $filled = $fillings->fill($statement);
        $results = [];
        foreach ($filled->texts->languages() as $language) {
            [$shown, $written] = [$filled->words($language), $statement->texts->in($language)];
            $judged = Requirements::judge($reader->statement($filled, $language));
            foreach ($judged as $result) {
                $change = self::sound($result, $judged, $statement->document(), $language, $shown, static function (Document $document) use (
                    $fillings, $reader, $language
                ): Mended {
                    $mended = $fillings->fill(Statement::from($document));

                    return new Mended($mended->words($language), Requirements::judge($reader->statement($mended, $language)));
                });
                $results[] = new ResultIn($language, $result->withChange($change)->in($shown, $written));
            }
        }

        foreach (Comparison::of($filled, $registers) as $each) {
            $language = $each->language;
            $results[] = new ResultIn($language, $each->result->in($filled->words($language), $statement->texts->in($language)));
        }

        return self::collect($results);
    }

    /**
     * A mend that mends: it changes something, what it is for is gone then, and nothing new is found; nor does it hide another finding, unless
     * it takes away what that one speaks of. Null where it is not such.
     *
     * @param  list<Result>  $before
     * @param  string  $shown  the words as people read them now
     * @param  callable(Document): Mended  $judge
     */
    private static function sound(Result $result, array $before, Document $document, Language $language, string $shown, callable $judge): ?Mend
    {
        $mend = $result->change;
        if ($mend === null || ! $mend->changes($document)) {
            return null;
        }
        try {
            $mended = $judge($mend->apply($document));
        } catch (Refused) {
            return null;
        }
        // Whoever read by which channel it comes must read it still.
        if (self::namesChannel($shown, $language) && ! self::namesChannel($mended->words, $language)) {
            return null;
        }
        $own = $result->requirement->id();
        [$was, $is] = [self::found($before), self::found($mended->results)];
        $fewer = ($is[$own] ?? 0) < ($was[$own] ?? 0);
        unset($was[$own], $is[$own]);
        $new = array_filter($is, static fn (int $n, string $id): bool => $n > ($was[$id] ?? 0), ARRAY_FILTER_USE_BOTH);

        return $fewer && $new === [] && ($mend->takes() || $was === $is)
            ? $mend->becoming(Difference::between($shown, $mended->words)->near(self::BESIDE)) : null;
    }

    private static function namesChannel(string $text, Language $language): bool
    {
        return Understanding::of($text, $language)->has(Meaning::ByChannel);
    }

    /**
     * @param  list<Result>  $results
     * @return array<string, int> how many findings of each requirement
     */
    private static function found(array $results): array
    {
        return array_count_values(array_map(
            static fn (Result $r): string => $r->requirement->id(), array_filter($results, static fn (Result $r): bool => $r->verdict->isFinding())
        ));
    }

    /**
     * @param  list<ResultIn>  $results
     * @param  list<Result>  $forPeople
     * @param  list<DrawnPart>  $drawn
     */
    private static function collect(array $results, array $forPeople = [], array $drawn = []): self
    {
        [$found, $unwritten, $times, $checked, $met] = [[], [], [], 0, 0];
        foreach ($results as $each) {
            $result = $each->result;
            if ($result->unwritten) {
                // Every language's reading tells of all that the sheet lacks.
                $unwritten[(string) $result->where?->text()] = $result;

                continue;
            }
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

        $written = array_values(array_filter($results, static fn (ResultIn $r): bool => ! $r->result->unwritten));

        return new self(
            $notes, array_values($unwritten), $checked, $met, Standing::all(array_map(static fn (ResultIn $r): Result => $r->result, $written)),
            $forPeople, $drawn
        );
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
