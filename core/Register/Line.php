<?php

declare(strict_types=1);

namespace Juramen\Register;

/** A text of one line, as registers hold it. */
final class Line
{
    /**
     * @param  string  $what  names it in the message: "The name"
     * @param  int  $longest  in characters
     *
     * @throws InvalidRegister where it has line breaks or other control characters, or is too long
     */
    public static function check(string $what, string $text, int $longest): void
    {
        if (mb_strlen($text) > $longest) {
            throw new InvalidRegister("$what has at most $longest characters, not ".mb_strlen($text).'.');
        }
        if (preg_match('/[\p{Cc}\x{2028}\x{2029}]/u', $text) === 1) {
            throw new InvalidRegister("$what is one line of text, without line breaks.");
        }
    }
}
