<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

/** Finds out how a page is encoded, as browsers do, and makes it UTF-8. Source: HTML Standard, "determining the character encoding". */
final class Encoding
{
    /** Labels that browsers take for windows-1252. */
    private const WESTERN = ['iso-8859-1', 'latin1', 'ascii', 'us-ascii', 'windows-1252', 'cp1252', 'iso8859-1', 'l1'];

    public static function toUtf8(string $bytes): string
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
