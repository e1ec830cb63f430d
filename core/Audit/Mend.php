<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Document;
use Juramen\Canon\Place;

/** A change to what is written here that mends a finding. */
final readonly class Mend
{
    /**
     * @param  string  $label  what pressing it does, such as "Remove the field"
     * @param  string  $value  put in; empty where something is taken away
     * @param  string  $words  which it replaces or cuts
     */
    private function __construct(public string $label, public Place $place, private MendHow $how, private string $value, private string $words = '') {}

    public static function takeAway(string $label, Place $place): self
    {
        return new self($label, $place, MendHow::TakesAway, '');
    }

    public static function add(string $label, Place $place, string $text): self
    {
        return new self($label, $place, MendHow::Adds, $text);
    }

    public static function replace(string $label, Place $place, string $words, string $by): self
    {
        return new self($label, $place, MendHow::Replaces, $by, $words);
    }

    public static function endFirstSentence(string $label, Place $place, string $with): self
    {
        return new self($label, $place, MendHow::EndsFirstSentence, $with);
    }

    public static function cut(string $label, Place $place, string $words): self
    {
        return new self($label, $place, MendHow::Cuts, '', $words);
    }

    /** Mended; the same where the words do not stand there, or no whole sentence would be left. */
    public function apply(Document $document): Document
    {
        if ($this->how === MendHow::TakesAway) {
            return $document->without($this->place);
        }
        $there = $document->at($this->place);

        return is_string($there) ? $document->with($this->place, $this->mended($there)) : $document;
    }

    public function changes(Document $document): bool
    {
        return ! $this->apply($document)->equals($document);
    }

    private function mended(string $text): string
    {
        $words = preg_quote($this->words, '~');

        return match ($this->how) {
            MendHow::Replaces => preg_replace_callback("~$words~u", fn (): string => $this->value, $text, 1) ?? $text,
            MendHow::EndsFirstSentence => preg_replace_callback(
                '~\s*(?:[.!?](?=\s|$)|$)~u', fn (array $stop): string => " $this->value".trim($stop[0]), trim($text), 1
            ) ?? $text,
            MendHow::Cuts => $this->cutFrom($text, $words),
            default => trim($text).' '.$this->value,
        };
    }

    private function cutFrom(string $text, string $words): string
    {
        $rest = preg_replace("~(?<=^|[.!?]\s)[^.!?]*?$words\s*[,;.]*\s*(?:(?:and|und|et|och|og)\s+)?~u", '', $text, 1) ?? $text;
        $begins = '~^(?:\p{Lu}|\{|(?:i|ich|je|j[’\']|jag|jeg|you|sie|vous|du|may)\b)~u';

        // What is left must be a sentence by itself: it begins with a name, a placeholder, or somebody.
        return preg_match($begins, trim($rest)) === 1 ? mb_strtoupper(mb_substr(trim($rest), 0, 1)).mb_substr(trim($rest), 1) : $text;
    }
}
