<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/**
 * How a language is written where its own letters are missing: "desinscription a tout moment", "fuer", "maaned". Its section [plain] says what stands for
 * each. A word by itself is read so only where that is no other word of the language ("dès" is not "des"); beside others it cannot be mistaken.
 */
final readonly class PlainLetters
{
    /** Letters of a word from which on it is hardly another. */
    private const SAFE = 5;

    /**
     * @param  array<string, string>  $letters
     * @param  array<string, true>  $words  of all entries, without marks for endings
     */
    private function __construct(private array $letters, private array $words) {}

    public static function in(Sections $sections): self
    {
        $letters = [];
        foreach ($sections->lines('plain') as $line) {
            [$own, $plain] = array_map(trim(...), explode('>', $line, 2)) + ['', ''];
            $letters[$own] = $plain;
        }
        if ($letters === []) {
            return new self([], []);
        }
        $lines = array_merge(...array_map(static fn (WordClass $c): array => $sections->lines($c->value), WordClass::cases()));
        preg_match_all('~[^\s/=*\'’-]+~u', mb_strtolower(implode("\n", $lines)), $words);

        return new self($letters, array_fill_keys($words[0], true));
    }

    /**
     * @param  non-empty-list<list<string>|null>  $entry  words, each with its alternatives; null for a gap
     * @return non-empty-list<list<string>|null> the same, and how they are written in plain letters
     */
    public function besides(array $entry): array
    {
        return $this->letters === [] ? $entry : array_map(
            fn (?array $words): ?array => $words === null ? null : [...$words, ...$this->plain($words, count($entry) === 1)], $entry
        );
    }

    /**
     * @param  list<string>  $words
     * @return list<string>
     */
    private function plain(array $words, bool $alone): array
    {
        $plain = [];
        foreach ($words as $word) {
            $written = strtr($word, $this->letters);
            // "Livré" would be a book.
            $bare = trim($written, '=*');
            $other = $alone && (mb_strlen($bare) < self::SAFE || preg_match('~ée?s?$~u', trim($word, '=*')) === 1 || isset($this->words[$bare]));
            if ($written !== $word && ! $other) {
                $plain[] = $written;
            }
        }

        return $plain;
    }
}
