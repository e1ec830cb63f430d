<?php

declare(strict_types=1);

namespace Juramen\Audit\Mail;

use Juramen\Register\Language;
use Juramen\Wording\LanguageGuess;
use Juramen\Wording\Words\WordLists;

/** What the words of a mail do: it asks to confirm, says what happens to whoever does nothing, or sells. */
final readonly class MailWords
{
    /** Sums and shares of a price. */
    private const PRICE = '~\d+\s?%|[€£$]\s?\d+|\d+\s?(?:€|EUR|kr\b)~u';

    /** A word to be typed in a shop; a number is what confirms. */
    private const CODE = '~\b(?i:code|koden?)\s\p{Lu}{3,}\d*\b~u';

    /** What a company owns stands at its foot by law, and sells nothing. */
    private const CAPITAL = '~(?:capital|kapital)\p{L}*[^;\n]{0,30}~iu';

    /** @param  non-empty-list<Language>  $languages */
    private function __construct(private string $text, private array $languages) {}

    /** @param  string  $text  subject and text of the mail */
    public static function of(string $text): self
    {
        $language = LanguageGuess::of($text);

        return new self($text, $language === null ? Language::cases() : [$language]);
    }

    public function confirm(): bool
    {
        return $this->first('mail-asks', $this->text) !== '';
    }

    public function sayWhatIfIgnored(): bool
    {
        return $this->first('mail-idle', $this->text) !== '';
    }

    /**
     * @param  string  $statement  that it repeats: what was asked for is no advertising
     * @return string the first words that sell something; empty where none do
     */
    public function sell(string $statement): string
    {
        $text = str_ireplace(array_filter(preg_split('~(?<=[.!?])\s+|\n~u', $statement) ?: []), ' ', (string) preg_replace(self::CAPITAL, ' ', $this->text));
        foreach ([self::PRICE, self::CODE] as $pattern) {
            if (preg_match($pattern, $text, $m) === 1) {
                return $m[0];
            }
        }

        return $this->first('mail-sells', $text);
    }

    /** @return float from 0 to 1: how many of a statement's words stand in the mail */
    public function repeat(string $statement): float
    {
        $words = static fn (string $text): array => array_unique(preg_split('~[^\p{L}]+~u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: []);
        $said = array_filter($words($statement), static fn (string $w): bool => mb_strlen($w) > 3);

        return $said === [] ? 1.0 : count(array_intersect($said, $words($this->text))) / count($said);
    }

    /** @return string the first words of a list in any of the languages; empty where there are none */
    private function first(string $list, string $text): string
    {
        foreach ($this->languages as $language) {
            $words = WordLists::first($language, $list, $text);
            if ($words !== '') {
                return $words;
            }
        }

        return '';
    }
}
