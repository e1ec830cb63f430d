<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Language;

/**
 * How easily a text reads, by the formula published for its language; higher is easier. Sources: Flesch 1948 (English),
 * Amstad 1978 (German), Kandel and Moles 1958 (French); all from memory.
 */
final readonly class ReadingEase
{
    /**
     * @param  float  $score  mostly 0 to 100; 60 is plain, below 30 is for specialists
     * @param  int  $longest  words of the longest sentence
     * @param  string  $hardest  the sentence that reads hardest by itself
     */
    private function __construct(public int $sentences, public int $words, public int $syllables, public float $score, public int $longest, public string $hardest) {}

    public static function of(string $text, Language $language): self
    {
        [$words, $syllables, $longest] = [0, 0, 0];
        [$hardest, $lowest] = ['', INF];
        $sentences = self::sentences($text);
        foreach ($sentences as $sentence) {
            [$count, $sounds] = self::count($sentence, $language);
            $words += $count;
            $syllables += $sounds;
            $longest = max($longest, $count);
            $score = self::formula($language, 1, $count, $sounds);
            if ($score < $lowest) {
                [$hardest, $lowest] = [$sentence, $score];
            }
        }

        return new self(count($sentences), $words, $syllables, self::formula($language, count($sentences), $words, $syllables), $longest, $hardest);
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
        };
    }

    /** @return list<string> sentences with at least one word; abbreviations of a letter or two do not end one */
    public static function sentences(string $text): array
    {
        $parts = preg_split('/(?<=[.!?…])(?<!\b\p{L}\.)(?<!\b\p{L}\p{L}\.)[\s"”»’)]+(?=[\p{Lu}\d"“«„(])|\n+/u', $text) ?: [];

        return array_values(array_filter(array_map(trim(...), $parts), static fn (string $s): bool => preg_match('/\p{L}/u', $s) === 1));
    }

    /** @return array{int, int} words and syllables */
    private static function count(string $sentence, Language $language): array
    {
        preg_match_all('/\p{L}[\p{L}\'’-]*/u', $sentence, $m);
        $syllables = 0;
        foreach ($m[0] as $word) {
            foreach (preg_split('/[-’\']/u', $word, -1, PREG_SPLIT_NO_EMPTY) ?: [$word] as $part) {
                // What stands apart by an apostrophe alone ("can't", "l'e-mail") is no syllable unless it has a vowel.
                $syllables += preg_match('/[aeiouyàâäéèêëîïôöùûüœæ]/iu', $part) === 1 ? Syllables::of($part, $language) : 0;
            }
        }

        return [count($m[0]), max(count($m[0]) > 0 ? 1 : 0, $syllables)];
    }
}
