<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Refused;

/** One text in one or more languages; where it is empty, it is not there yet. */
final readonly class Texts
{
    /** @param  array<string, string>  $byLanguage BCP 47 tag to text */
    private function __construct(private array $byLanguage) {}

    /** @param  mixed  $given  language tag to text, as a document carries it; what is no text, or in no language of ours, is passed over */
    public static function from(mixed $given): self
    {
        $texts = [];
        foreach (is_array($given) ? $given : [] as $tag => $text) {
            $language = Language::tryFrom((string) $tag);
            if ($language !== null && is_string($text) && trim($text) !== '') {
                $texts[$language->value] = $text;
            }
        }

        return new self($texts);
    }

    public static function none(): self
    {
        return new self([]);
    }

    public function has(Language $language): bool
    {
        return isset($this->byLanguage[$language->value]);
    }

    /** @throws Refused where it is not written in that language */
    public function in(Language $language): string
    {
        return $this->byLanguage[$language->value] ?? throw Refused::because(DraftRefusal::NotWritten, language: $language->endonym());
    }

    /** Empty where it is not written in that language. */
    public function orNothing(Language $language): string
    {
        return $this->byLanguage[$language->value] ?? '';
    }

    /** @return list<Language> in which it is written, in the document's order */
    public function languages(): array
    {
        return array_map(static fn (string $tag): Language => Language::from($tag), array_keys($this->byLanguage));
    }

    /** The languages in which it is written, by their own names. */
    public function endonyms(): string
    {
        return implode(', ', array_map(static fn (Language $l): string => $l->endonym(), $this->languages()));
    }

    /** In English, where it is; else as it was written first. */
    public function model(): string
    {
        return $this->byLanguage['en'] ?? (array_values($this->byLanguage)[0] ?? '');
    }

    /** The same with a stand-in wherever one of the languages is missing. */
    public function filled(string $standIn, Language ...$languages): self
    {
        $all = $this->byLanguage;
        foreach ($languages as $language) {
            $all[$language->value] ??= $standIn;
        }

        return new self($all);
    }

    /** The same without other languages than these. */
    public function only(Language ...$languages): self
    {
        return new self(array_intersect_key($this->byLanguage, array_flip(array_map(static fn (Language $l): string => $l->value, $languages))));
    }

    /** @param  callable(string, Language): string  $change */
    public function map(callable $change): self
    {
        $all = [];
        foreach ($this->byLanguage as $tag => $text) {
            $all[$tag] = $change($text, Language::from($tag));
        }

        return new self($all);
    }

    public function equals(self $other): bool
    {
        return $this->byLanguage == $other->byLanguage;
    }

    /** @return array<string, string> language tag to text */
    public function toArray(): array
    {
        return $this->byLanguage;
    }
}
