<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Language;
use Juramen\Wording\Words\Folded;
use Juramen\Wording\Words\Kept;
use LogicException;

/**
 * How easily a text reads, by the formula published for its language. Higher is easier for Flesch 1948 (English), Amstad
 * 1978 (German), Kandel and Moles 1958 (French); lower is easier for Björnsson's LIX 1968 (Swedish, Danish). All from memory.
 */
final readonly class ReadingEase
{
    /** Bytes of texts whose ease is kept: those of a house's forms come back. */
    private const KEPT = 100_000;

    private const LONGEST_KEPT = 10_000;

    /**
     * @param  float  $score  mostly 0 to 100; what is plain and what is hard, see scale()
     * @param  int  $longest  words of the longest sentence
     * @param  string  $hardest  the sentence that reads hardest by itself
     */
    private function __construct(
        public Language $language, public int $sentences, public int $words, public int $syllables, public float $score, public int $longest,
        public string $hardest
    ) {}

    public static function of(string $text, Language $language): self
    {
        /** @var Kept<self>|null $kept */
        static $kept = null;
        $kept ??= new Kept(self::class, self::KEPT, self::LONGEST_KEPT);

        return $kept->find($language->value, $text) ?? $kept->keep($language->value, $text, self::measure($text, $language));
    }

    private static function measure(string $text, Language $language): self
    {
        [$words, $syllables, $longWords, $longest] = [0, 0, 0, 0];
        [$hardest, $worst] = ['', INF];
        $sentences = self::sentences($text);
        foreach ($sentences as $sentence) {
            [$count, $sounds, $long] = self::count($sentence, $language);
            $words += $count;
            $syllables += $sounds;
            $longWords += $long;
            $longest = max($longest, $count);
            $score = self::usesLix($language) ? -self::lix(1, $count, $long) : self::formula($language, 1, $count, $sounds);
            if ($score < $worst) {
                [$hardest, $worst] = [$sentence, $score];
            }
        }
        $score = self::usesLix($language) ? self::lix(count($sentences), $words, $longWords) : self::formula($language, count($sentences), $words, $syllables);

        return new self($language, count($sentences), $words, $syllables, $score, $longest, $hardest);
    }

    /** The published formula by itself; 100 where there is nothing to read. */
    public static function formula(Language $language, int $sentences, int $words, int $syllables): float
    {
        if ($sentences === 0 || $words === 0) {
            return 100.0;
        }
        [$length, $sounds] = [$words / $sentences, $syllables / $words];

        return match ($language) {
            Language::English => 206.835 - 1.015 * $length - 84.6 * $sounds,
            Language::German => 180.0 - $length - 58.5 * $sounds,
            Language::French => 207.0 - 1.015 * $length - 73.6 * $sounds,
            Language::Swedish, Language::Danish => throw new LogicException('Swedish and Danish are measured by LIX, which counts no syllables.'),
        };
    }

    /**
     * Björnsson's LIX: words to a sentence, and the share of words longer than six letters in percent. Lower is easier;
     * below 30 is for children, 40 a novel, above 50 officialese. 0 where there is nothing to read.
     */
    public static function lix(int $sentences, int $words, int $longWords): float
    {
        return $sentences === 0 || $words === 0 ? 0.0 : $words / $sentences + 100 * $longWords / $words;
    }

    private static function usesLix(Language $language): bool
    {
        return in_array($language, [Language::Swedish, Language::Danish], true);
    }

    /** Whether it is hard for most readers (common practice: Flesch below 35, LIX above 52). */
    public function isHard(): bool
    {
        return self::usesLix($this->language) ? $this->score > 52 : $this->score < 35;
    }

    /** Whether it is hard far beyond that: Flesch below 10, LIX above 65. */
    public function isVeryHard(): bool
    {
        return self::usesLix($this->language) ? $this->score > 65 : $this->score < 10;
    }

    /** The score in words, with what it is measured against. */
    public function says(): string
    {
        return self::usesLix($this->language)
            ? sprintf('LIX %d, where 40 is plain and above 52 hard', (int) round($this->score))
            : sprintf('reading ease %d of 100, where 60 is plain and below 35 hard', (int) round(max(0, min(100, $this->score))));
    }

    /**
     * @return list<string> sentences with at least one word; a single letter ("z. B.") or a short title ("Dr.") does not end one, a placeholder
     *                      may begin one
     */
    public static function sentences(string $text): array
    {
        $letters = '(?<!^\p{L}\.)(?<![\s.("“„«]\p{L}\.)(?<!^\p{Lu}\p{L}\.)(?<![\s.("“„«]\p{Lu}\p{L}\.)';
        $parts = preg_split('/(?<=[.!?…]|\{withdrawal\})'.$letters.'[\s"”»’)]+(?=[\p{Lu}\d"“«„({\[*])|\n+/u', $text) ?: [];

        return array_values(array_filter(array_map(trim(...), $parts), static fn (string $s): bool => preg_match('/\p{L}/u', $s) === 1));
    }

    /** @return array{int, int, int} words, syllables, and words of more than six letters */
    private static function count(string $sentence, Language $language): array
    {
        preg_match_all('/\p{L}[\p{L}\'’-]*/u', Folded::plain($sentence), $m);
        [$syllables, $long] = [0, 0];
        foreach ($m[0] as $word) {
            $long += (int) (mb_strlen($word) > 6);
            foreach (preg_split('/[-’\']/u', $word, -1, PREG_SPLIT_NO_EMPTY) ?: [$word] as $part) {
                // What stands apart by an apostrophe alone ("can't", "l'e-mail") is no syllable unless it has a vowel.
                $syllables += preg_match('/[aeiouyàâäåéèêëîïôöøùûüœæ]/iu', $part) === 1 ? Syllables::of($part, $language) : 0;
            }
        }

        return [count($m[0]), max(count($m[0]) > 0 ? 1 : 0, $syllables), $long];
    }
}
