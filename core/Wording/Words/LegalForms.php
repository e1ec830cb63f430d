<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/** What stands behind the names of companies in the countries we know; from memory. */
final class LegalForms
{
    private const FORMS = [
        'ltd', 'limited', 'plc', 'llp', 'llc', 'inc', 'corp', 'gmbh', 'ag', 'kg', 'ohg', 'ug', 'ggmbh', 'se', 'sa', 'sas', 'sarl', 'snc', 'ab', 'a/s', 'aps',
        'as', 'oy', 'bv', 'nv', 'spa', 'srl', 'ltée', 'cio', 'cic', 'kgaa', 'eg', 'gbr', 'i/s', 'k/s', 'hb', 'kb', 'eurl', 'sasu', 'selarl', 'scop', 'asbl',
    ];

    /** Those that are no word in any language read here: they are known in small letters too. */
    private const NEVER_WORDS = [
        'plc', 'llp', 'llc', 'gmbh', 'ggmbh', 'ohg', 'sarl', 'srl', 'a/s', 'aps', 'ltée', 'ltd', 'kgaa', 'gbr', 'i/s', 'k/s', 'eurl', 'sasu', 'selarl', 'asbl',
    ];

    /** @param  string  $word  in lower case */
    public static function isNoWord(string $word): bool
    {
        return in_array($word, self::NEVER_WORDS, true);
    }

    /** @param  string  $word  in lower case */
    public static function has(string $word): bool
    {
        return in_array($word, self::FORMS, true);
    }
}
