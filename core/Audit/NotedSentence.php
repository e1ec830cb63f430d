<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;
use Juramen\Register\Language;
use Juramen\Wording\ReadingEase;

/** The sentence of a statement that a note speaks of: an answer to the note holds for it, and ends when it changes. */
final readonly class NotedSentence
{
    private function __construct(public Language $language, public string $text) {}

    /** Null where the note speaks of no words of a statement, or of something that is not read in them. */
    public static function of(Note $note, Document $statement): ?self
    {
        $place = $note->result->requirement->reach()->covers(ReadingOf::Words) ? $note->result->place() : null;
        $language = $place === null || $place->first() !== 'texts' ? null : Language::tryFrom($place->last());
        $written = $place === null || $language === null ? null : $statement->at($place);
        if ($language === null || ! is_string($written)) {
            return null;
        }
        $number = self::numberOf($note, $written);

        return new self($language, $number === null ? trim($written) : ReadingEase::sentences($written)[$number]);
    }

    /**
     * The same of a note on a sheet, as the sentence is written in the register: on the sheet its placeholders are filled. Null also where its
     * sentences do not stand one beside the other any more.
     */
    public static function onSheet(Note $note, Sheet $sheet, Registers $registers): ?self
    {
        $place = $note->result->requirement->reach()->covers(ReadingOf::Words) ? $note->result->place() : null;
        $filled = $place === null || $place->first() !== 'statements' ? null : $sheet->statement($place->steps[1] ?? '');
        $language = $place === null || $filled === null || ($place->steps[2] ?? '') !== 'texts' ? null : Language::tryFrom($place->last());
        if ($filled === null || $language === null) {
            return null;
        }
        $written = $registers->statement($filled->id)->texts->orNothing($language);
        $sentences = ReadingEase::sentences($written);
        $number = self::numberOf($note, $filled->words($language));
        if ($number === null) {
            return new self($language, trim($written));
        }

        return count($sentences) === count(ReadingEase::sentences($filled->words($language))) ? new self($language, $sentences[$number]) : null;
    }

    /** Which sentence of a text a note speaks of; null where it speaks of them all. */
    private static function numberOf(Note $note, string $text): ?int
    {
        [$at, $from] = [0, $note->result->words?->from];
        foreach ($from === null ? [] : ReadingEase::sentences($text) as $number => $sentence) {
            $begins = mb_strpos($text, $sentence, $at);
            $at = $begins === false ? $at : $begins + mb_strlen($sentence);
            if ($begins !== false && $from < $at) {
                return $number;
            }
        }

        return null;
    }

    public function digest(): Digest
    {
        return Digest::of($this->text);
    }
}
