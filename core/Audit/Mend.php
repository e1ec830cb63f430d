<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Document;

/** A change to what is written here that mends a finding. */
final readonly class Mend
{
    /**
     * @param  string  $label  what pressing it does, such as "Remove the field"
     * @param  string  $place  a path in the document
     * @param  string  $words  which it replaces or cuts
     */
    private function __construct(public string $label, public string $place, private MendHow $how, private mixed $value, private string $words = '') {}

    /** @param  mixed  $value  the new value; null takes the place away */
    public static function set(string $label, string $place, mixed $value): self
    {
        return new self($label, $place, MendHow::Sets, $value);
    }

    public static function add(string $label, string $place, string $text): self
    {
        return new self($label, $place, MendHow::Adds, $text);
    }

    public static function replace(string $label, string $place, string $words, string $by): self
    {
        return new self($label, $place, MendHow::Replaces, $by, $words);
    }

    public static function endFirstSentence(string $label, string $place, string $with): self
    {
        return new self($label, $place, MendHow::EndsFirstSentence, $with);
    }

    public static function cut(string $label, string $place, string $words): self
    {
        return new self($label, $place, MendHow::Cuts, null, $words);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed> mended; the same where the words do not stand there, or no whole sentence would be left
     */
    public function apply(array $document): array
    {
        $there = Document::at($document, $this->place);
        if ($this->how === MendHow::Sets) {
            return Document::with($document, $this->place, $this->value);
        }

        return is_string($there) ? Document::with($document, $this->place, $this->mended($there, is_string($this->value) ? $this->value : '')) : $document;
    }

    private function mended(string $text, string $value): string
    {
        $words = preg_quote($this->words, '~');

        return match ($this->how) {
            MendHow::Replaces => preg_replace_callback("~$words~u", static fn (): string => $value, $text, 1) ?? $text,
            MendHow::EndsFirstSentence => preg_replace_callback('~\s*(?:[.!?](?=\s|$)|$)~u', static fn (array $stop): string => " $value".trim($stop[0]), trim($text), 1) ?? $text,
            MendHow::Cuts => $this->cutFrom($text, $words),
            default => trim($text).' '.$value,
        };
    }

    private function cutFrom(string $text, string $words): string
    {
        $rest = preg_replace("~(?<=^|[.!?]\s)[^.!?]*?$words\s*[,;.]*\s*(?:(?:and|und|et|och|og)\s+)?~u", '', $text, 1) ?? $text;

        // What is left must be a sentence by itself: it begins with a name, a placeholder, or somebody.
        return preg_match('~^(?:\p{Lu}|\{|(?:i|ich|je|j[’\']|jag|jeg|you|sie|vous|du|may)\b)~u', trim($rest)) === 1 ? mb_strtoupper(mb_substr(trim($rest), 0, 1)).mb_substr(trim($rest), 1) : $text;
    }
}
