<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

/** Finds out how a page is encoded, as browsers do, and makes it UTF-8. Source: HTML Standard, "determining the character encoding". */
final class Encoding
{
    /** Labels that browsers take for windows-1252. */
    private const WESTERN = ['iso-8859-1', 'latin1', 'ascii', 'us-ascii', 'windows-1252', 'cp1252', 'iso8859-1', 'l1'];

    /** Marks in a text of what was taken for windows-1252 though it was UTF-8 already: "Ã¼", "â€™". */
    private const TWICE = '~[\x{C2}\x{C3}][\x{80}-\x{BF}\x{152}-\x{2122}]|\x{E2}\x{20AC}~u';

    /** So many of them are no accident. */
    private const FEW = 2;

    public static function toUtf8(string $bytes): string
    {
        return self::once(self::decoded($bytes));
    }

    /** What was encoded twice, as it was before; whatever would lose a letter by it stays. */
    private static function once(string $text): string
    {
        if (preg_match_all(self::TWICE, $text) < self::FEW) {
            return $text;
        }
        $before = (string) mb_convert_encoding($text, 'Windows-1252', 'UTF-8');

        return mb_check_encoding($before, 'UTF-8') && mb_convert_encoding($before, 'UTF-8', 'Windows-1252') === $text ? $before : $text;
    }

    private static function decoded(string $bytes): string
    {
        foreach (["\xEF\xBB\xBF" => 'UTF-8', "\xFE\xFF" => 'UTF-16BE', "\xFF\xFE" => 'UTF-16LE'] as $mark => $encoding) {
            if (str_starts_with($bytes, $mark)) {
                return self::convert(substr($bytes, strlen($mark)), $encoding);
            }
        }
        $head = substr($bytes, 0, 4096);
        $said = preg_match('~<meta[^>]+charset\s*=\s*["\']?\s*([\w:-]+)~i', $head, $m) === 1
            || preg_match('~<\?xml[^>]+encoding\s*=\s*["\']([\w:-]+)~i', $head, $m) === 1 ? strtolower($m[1]) : '';
        if ($said === '' || $said === 'utf-8') {
            return mb_check_encoding($bytes, 'UTF-8') ? $bytes : self::convert($bytes, 'Windows-1252');
        }
        // What the server says goes before what the page says, and letters of two bytes that fit each other are no accident.
        if (in_array($said, self::WESTERN, true) && preg_match('~[\x80-\xFF]~', $bytes) === 1 && mb_check_encoding($bytes, 'UTF-8')) {
            return $bytes;
        }
        if (in_array($said, self::WESTERN, true) || str_starts_with($said, 'utf-16')) {
            // A page that says so within itself is not UTF-16, else it could not be read.
            return str_starts_with($said, 'utf-16') ? $bytes : self::convert($bytes, 'Windows-1252');
        }

        return self::convert($bytes, $said);
    }

    private static function convert(string $bytes, string $encoding): string
    {
        $known = array_map(strtolower(...), mb_list_encodings());
        if (in_array(strtolower($encoding), $known, true)) {
            return mb_scrub((string) mb_convert_encoding($bytes, 'UTF-8', $encoding), 'UTF-8');
        }
        $text = @iconv($encoding, 'UTF-8//IGNORE', $bytes);

        return $text === false ? mb_scrub((string) mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'), 'UTF-8') : $text;
    }
}
