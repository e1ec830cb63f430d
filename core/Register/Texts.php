<?php

declare(strict_types=1);

namespace Juramen\Register;

/** One text in one or more languages. */
final readonly class Texts
{
    /** @param  array<string, string>  $byLanguage BCP 47 tag to text; empty only in a draft */
    private function __construct(private array $byLanguage) {}

    /**
     * @param  mixed  $given  language tag to text, as a document carries it
     * @param  string  $what  names the text in messages, such as "the button"
     * @param  int  $longest  in characters
     *
     * @throws InvalidRegister
     */
    public static function from(mixed $given, string $what, int $longest = 5000): self
    {
        $texts = self::draft($given, $what, $longest);

        return $texts->byLanguage === [] ? throw new InvalidRegister("The text of $what is missing; give it in at least one language.") : $texts;
    }

    /**
     * A text that is still being written: languages in which it is empty count as missing.
     *
     * @param  mixed  $given  language tag to text
     *
     * @throws InvalidRegister where it is no such thing, too long, or in a language we do not know
     */
    public static function draft(mixed $given, string $what, int $longest = 5000): self
    {
        if (! is_array($given)) {
            throw new InvalidRegister("The text of $what is not given by language.");
        }
        $texts = [];
        foreach ($given as $tag => $text) {
            $language = Language::tryFrom((string) $tag) ?? throw new InvalidRegister("The text of $what is given in \"$tag\", which is not a language we know.");
            if (! is_string($text)) {
                throw new InvalidRegister("The text of $what is no text in {$language->endonym()}.");
            }
            if (trim($text) === '') {
                continue;
            }
            if (mb_strlen($text) > $longest) {
                throw new InvalidRegister("The text of $what has more than $longest characters in {$language->endonym()}.");
            }
            $texts[$language->value] = $text;
        }

        return new self($texts);
    }

    public function has(Language $language): bool
    {
        return isset($this->byLanguage[$language->value]);
    }

    /** @throws InvalidRegister where it does not exist in that language */
    public function in(Language $language): string
    {
        return $this->byLanguage[$language->value] ?? throw new InvalidRegister("A text is missing in {$language->endonym()}".($this->byLanguage === [] ? '.' : ': "'.array_values($this->byLanguage)[0].'".'));
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

    /** @return array<string, string> */
    public function toArray(): array
    {
        return $this->byLanguage;
    }
}
