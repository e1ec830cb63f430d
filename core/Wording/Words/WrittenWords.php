<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use Juramen\Register\Language;

/** What a language enters exactly as it is written ("=word"): the little words that tell it from others, read without the rest of it. */
final class WrittenWords
{
    /** @return list<string> each once, in small letters */
    public static function of(Language $language): array
    {
        return LanguageFiles::made($language, 'written', static function () use ($language): array {
            $sections = LanguageFiles::words($language);
            $lines = array_merge(...array_map(static fn (WordClass $c): array => $sections->lines($c->value), WordClass::cases()));
            preg_match_all('~(?<![^\s/])=([^\s/*]+)~u', implode("\n", $lines), $m);

            return array_values(array_unique($m[1]));
        });
    }
}
