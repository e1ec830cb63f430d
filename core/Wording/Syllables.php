<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Language;

/**
 * Counts the syllables of a word by the spelling rules of its language: groups of vowels, without the endings that are
 * written and not spoken, and with the pairs that are spoken apart. An estimate, as every count by spelling is; how far
 * the English one is from another implementation is measured in tests/Published.
 */
final class Syllables
{
    /** English vowels that stand together and are spoken apart: "radio", "being". */
    private const ENGLISH_APART =
        '/ia(?!l$|n$|r$)|(?<![tcsg])ia[nl]$|io(?!u|n)|(?<![tsgcn])ion|iu|eo(?!u)|ua(?!r)|[^q]ue[lt]|creat|uou|ie[tr](?!$|s$)|oing|[aeo]ying|ism$|'
            .'[^aeiou]ying$/';

    private const FRENCH_APART = '/éa|éo|ïe|oé|(?<=[bcdfgpt][rl])i(?=[aeoé])|uel|uer|aï|oï|yer|ayan/u';

    /** @return int at least 1 */
    public static function of(string $word, Language $language): int
    {
        $word = mb_strtolower($word);

        return max(1, match ($language) {
            Language::English => self::english((string) preg_replace('/[^a-z]/', '', $word)),
            Language::German => self::german($word),
            Language::French => self::french($word),
            Language::Swedish, Language::Danish => (int) preg_match_all('/[aeiouyåäöæøé]/u', $word),
        });
    }

    private static function english(string $word): int
    {
        // An e that is silent in the middle, where two words have become one: "foregoing", "somebody", "everywhere".
        $word = (string) preg_replace(['/(?<=for|som|ther|wher)e(?=[a-z]{2})/', '/every/'], ['', 'evry'], $word);
        $spoken = match (true) {
            strlen($word) <= 3 => (string) preg_replace('/(?<=[aeiouy][^aeiouy])e$/', '', $word),
            preg_match('/(?:[sxz]|[cs]h|[cg])es$|[td]ed$/', $word) === 1 => $word,
            str_ends_with($word, 'e') && ! str_ends_with($word, 'ee') => substr($word, 0, -1),
            default => (string) preg_replace('/(?<=[aeiouy])[^aeiouy]+e[sd]$|(?<=[^aeiouytd])ed$/', '', $word),
        };
        $spoken = (string) preg_replace(['/(?<=[aeiouy][^aeiouy])e(?=(?:ly|ful|fully|ment|ments|less|ness)$)/', '/^y(?=[aeiou])/'], ['', 'j'], $spoken);
        $syllabicL = (int) preg_match('/[^aeiouyl]les?$/', $word);

        return (int) preg_match_all('/[aeiouy]+/', $spoken) + (strlen($word) <= 3 ? 0 : (int) preg_match_all(self::ENGLISH_APART, $word) + $syllabicL);
    }

    /** Every vowel is a syllable, but for the pairs that are one sound. */
    private static function german(string $word): int
    {
        $word = (string) preg_replace(['/qu/u', '/(?<=[bcdfghjklmnpqrstvwxzß])y/u', '/au|äu|ei|ai|eu|ie|aa|ee|oo|ey|ay/u'], ['q', 'ü', 'a'], $word);

        return (int) preg_match_all('/[aeiouäöü]/u', $word);
    }

    private static function french(string $word): int
    {
        $word = (string) preg_replace(['/qu/u', '/gu(?=[eiéèê])/u'], ['q', 'g'], $word);
        $count = (int) preg_match_all('/[aeiouyàâäéèêëîïôöùûüœæ]+/u', $word) + (int) preg_match_all(self::FRENCH_APART, $word);
        // A final e is not spoken, nor es, nor the ending of verbs in the plural.
        $silent = preg_match('/(?<=[^aeiouyàâéèêëîïôùûüœ])es?$/u', $word) === 1 || preg_match('/(?<=[^aeiouyéèm])ent$/u', $word) === 1;

        return $count - ($silent ? 1 : 0);
    }
}
