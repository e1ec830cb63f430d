<?php

declare(strict_types=1);

namespace Juramen\Audit;

use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Wording\Difference;

/**
 * A change to what is written here that mends a finding. It touches whole words only, and leaves whole sentences; where it could do neither
 * it changes nothing.
 */
final readonly class Mend
{
    /**
     * @param  string  $label  what pressing it does, such as "Remove the field"
     * @param  string  $value  put in; empty where something is taken away
     * @param  string  $words  which it replaces or cuts
     * @param  int  $sentence  number of the sentence that it rewrites
     * @param  Difference|null  $becomes  what it makes of the words as people read them; null where it changes none
     */
    private function __construct(
        public string $label, public Place $place, private MendHow $how, private string $value, private string $words = '', public ?Difference $becomes = null,
        private int $sentence = 0
    ) {}

    /** The same, with what it makes of the words as people read them. */
    public function becoming(Difference $becomes): self
    {
        return new self($this->label, $this->place, $this->how, $this->value, $this->words, $becomes, $this->sentence);
    }

    /** Whether other findings may go with it, because what they speak of goes. */
    public function takes(): bool
    {
        return in_array($this->how, [MendHow::Cuts, MendHow::TakesAway, MendHow::Rewrites], true);
    }

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

    /**
     * Another sentence in place of the one in which certain words stand, or none.
     *
     * @param  string  $shown  the text as people read it, its placeholders filled
     * @param  int  $at  where in it the words begin
     */
    public static function rewrite(string $label, Place $place, string $shown, int $at, string $value): self
    {
        [$n, $behind] = [0, 0];
        foreach (self::sentences($shown) as $i => $sentence) {
            $begins = mb_strpos($shown, $sentence, $behind);
            if ($begins !== false && $begins <= $at) {
                [$n, $behind] = [$i, $begins + mb_strlen($sentence)];
            }
        }

        return new self($label, $place, MendHow::Rewrites, $value, sentence: $n);
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
        $words = '(?<![\p{L}\p{N}])'.preg_quote($this->words, '~').'(?![\p{L}\p{N}])';

        return match ($this->how) {
            MendHow::Replaces => $this->replaced($text, $words),
            MendHow::EndsFirstSentence => $this->ended(trim($text)),
            MendHow::Cuts => $this->cutFrom(trim($text), $words),
            MendHow::Rewrites => $this->rewritten(trim($text)),
            default => trim($text).' '.$this->value,
        };
    }

    /** What comes in place of words that begin a sentence begins it. */
    private function replaced(string $text, string $words): string
    {
        if (preg_match("~$words~u", $text, $m, PREG_OFFSET_CAPTURE) !== 1) {
            return $text;
        }
        $before = substr($text, 0, $m[0][1]);
        $begins = preg_match('~(?:^|[.!?]\s+)$~u', $before) === 1;
        $value = $begins ? mb_strtoupper(mb_substr($this->value, 0, 1)).mb_substr($this->value, 1) : $this->value;

        return $before.$value.substr($text, $m[0][1] + strlen($m[0][0]));
    }

    private function rewritten(string $text): string
    {
        $sentences = self::sentences($text);
        if (! isset($sentences[$this->sentence]) || ($this->value === '' && count($sentences) < 2)) {
            return $text;
        }
        $sentences[$this->sentence] = $this->value;

        return implode(' ', array_filter($sentences, static fn (string $s): bool => $s !== ''));
    }

    /** @return list<string> sentences; a placeholder may begin one, or be one */
    private static function sentences(string $text): array
    {
        return preg_split('~(?<=[.!?…]|\{withdrawal\})\s+(?=[\p{Lu}\d"“«„(\[{*])~u', $text) ?: [$text];
    }

    /** A full stop ends a sentence behind a word or placeholder and before a new beginning: "approx. 5" and "Yes!" are no sentences. */
    private function ended(string $text): string
    {
        $stop = '~(?<=[\p{L}\p{N}]{4}|[})”“»])\s*([.!?])(?=\s+[\p{Lu}{*]|$)~u';
        if (preg_match($stop, $text) === 1) {
            return preg_replace_callback($stop, fn (array $found): string => " $this->value$found[1]", $text, 1) ?? $text;
        }

        return preg_match('~[.!?]~u', $text) === 1 ? $text : "$text $this->value";
    }

    private function cutFrom(string $text, string $words): string
    {
        $and = '(?:and|und|et|och|og)';
        // Behind the last "and" of its sentence: what stands before is a sentence already.
        $tail = "~\s*,?\s+$and\s+(?:(?!\s$and\s)[^.!?])*?$words\s*(?=[.!?]|$)~u";
        if (preg_match($tail, $text) === 1) {
            return preg_replace($tail, '', $text, 1) ?? $text;
        }
        $rest = trim(preg_replace("~(?<=^|[.!?]\s)[^.!?]*?$words\s*[,;.]*\s*(?:$and\s+)?~u", '', $text, 1) ?? $text);
        // What is left must be a sentence by itself: it begins with a placeholder, with somebody who says it, or with a name that may do something.
        $name = '\p{Lu}[\p{L}&’\'-]+(?:\s\p{Lu}[\p{L}&’\'-]+){0,3}\s(?:may|can|will|darf|dürfen|wird|peut|pourra|får|kan|ska|må|vil)\b';
        $begins = "~^(?:(?i:yes|ja|oui)[,:]?\s+)?(?:\{|$name|(?i:i|ich|je|j[’']|jag|jeg|you|sie|vous|du)\b)~u";

        return preg_match($begins, $rest) === 1 ? mb_strtoupper(mb_substr($rest, 0, 1)).mb_substr($rest, 1) : $text;
    }
}
