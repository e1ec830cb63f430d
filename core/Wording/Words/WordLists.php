<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use Juramen\Register\Language;

/**
 * Words that only have to stand somewhere in a text, whatever their sentence does: of mails and of notices, which no frame reads. Lines of a list are
 * taken as they are written, but for "a/b" (either word), "word*" or "*word" (any ending or beginning) and "..." (up to some words of the same clause).
 */
final class WordLists
{
    /** What stands between two words of a line. */
    private const BETWEEN = '[\s,:"„“”-]{1,3}';

    /** @return string the first words of a list that stand in a text; empty where none do */
    public static function first(Language $language, string $list, string $text): string
    {
        return preg_match(self::pattern($language, $list), str_replace('’', '\'', $text), $m) === 1 ? $m[0] : '';
    }

    private static function pattern(Language $language, string $list): string
    {
        /** @var array<string, string> $patterns */
        static $patterns = [];

        return $patterns["$language->value $list"] ??= '~(?<![\p{L}\p{N}])(?:'
            .implode('|', array_map(self::line(...), LanguageFiles::lists($language)->lines($list))).')(?![\p{L}\p{N}])~iu';
    }

    private static function line(string $line): string
    {
        $words = static fn (string $words): string => implode(self::BETWEEN, array_map(
            static fn (string $word): string => '(?:'.strtr(preg_quote($word, '~'), ['/' => '|', '\*' => '\p{L}*']).')', explode(' ', $words)
        ));

        return implode(self::BETWEEN.'(?:[^.,!?\n]{0,60}?'.self::BETWEEN.')?', array_map($words, explode(' ... ', $line)));
    }
}
