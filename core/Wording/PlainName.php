<?php

declare(strict_types=1);

namespace Juramen\Wording;

/**
 * A typed name that may stand in a greeting. Anybody can type anything into a field for a name, with anybody's address: what looks like a
 * link, a number or a message greets nobody.
 */
final class PlainName
{
    private const LONGEST = 40;

    private const WORDS = 4;

    /** The name, or null where it is better left out. */
    public static function of(string $typed): ?string
    {
        $name = trim((string) preg_replace('/\s+/u', ' ', $typed));
        $isPlain = preg_match('/^\p{L}[\p{L}\p{M} \'’\-]*(?:\.(?: |$)[\p{L}\p{M} \'’\-]*)*$/uD', $name) === 1
            && mb_strlen($name) <= self::LONGEST && count(explode(' ', $name)) <= self::WORDS && preg_match('/^(?:www|https?)\b/iu', $name) !== 1;

        return $isPlain ? $name : null;
    }
}
