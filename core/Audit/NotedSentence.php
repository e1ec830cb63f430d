<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Digest;
use Juramen\Canon\Document;
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
        [$at, $from] = [0, $note->result->words?->from];
        foreach ($from === null ? [] : ReadingEase::sentences($written) as $sentence) {
            $begins = mb_strpos($written, $sentence, $at);
            $at = $begins === false ? $at : $begins + mb_strlen($sentence);
            if ($begins !== false && $from < $at) {
                return new self($language, $sentence);
            }
        }

        return new self($language, trim($written));
    }

    public function digest(): Digest
    {
        return Digest::of($this->text);
    }
}
