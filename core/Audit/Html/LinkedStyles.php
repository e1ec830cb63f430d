<?php

declare(strict_types=1);

namespace Juramen\Audit\Html;

/**
 * Styles that came with a page, as a browser saves it or a web team hands it over, put where the page links them: what they make pale, small or hidden
 * is then seen. Only files beside or below the page are asked for; what is elsewhere stays unread.
 */
final class LinkedStyles
{
    private const LINK = '~<link\b[^>]{1,2000}>~i';

    private const SHEET = '~\brel\s*=\s*["\']?[^"\'>]*\bstylesheet\b~i';

    /** What only paper, or a way of reading aloud, gets. */
    private const OTHER_MEDIA = '~\bmedia\s*=\s*["\']?\s*(?:print|speech|aural|braille)\b~i';

    private const HREF = '~\bhref\s*=\s*(?:"([^"]*)"|\'([^\']*)\'|([^\s"\'>]+))~i';

    /** Bytes of sheets that are put into a page in all: its own are looked at besides, and a library's would leave no room for them. */
    public const MOST = 200_000;

    /** @param  callable(string): ?string  $file  what stands in a file, by its path from the page ("page_files/style.css"); null where there is none */
    public static function put(string $html, callable $file): string
    {
        $left = self::MOST;

        return preg_replace_callback(self::LINK, static function (array $link) use (&$left, $file): string {
            $path = self::path($link[0]);
            $styles = $path === null ? null : $file($path);
            if ($styles === null || strlen($styles) > $left) {
                return $link[0];
            }
            $left -= strlen($styles);

            // Letters beyond ASCII say nothing of looks, and might be in another encoding than the page.
            return '<style>'.str_ireplace('</style', '', (string) preg_replace('~[^\x09\x0A\x0D\x20-\x7E]+~', '', $styles)).'</style>';
        }, $html) ?? $html;
    }

    /** Where a linked sheet stands from the page; null where it is none, or stands anywhere but beside or below it. */
    private static function path(string $link): ?string
    {
        if (preg_match(self::SHEET, $link) !== 1 || preg_match(self::OTHER_MEDIA, $link) === 1 || preg_match(self::HREF, $link, $m) !== 1) {
            return null;
        }
        $path = rawurldecode((string) preg_replace(['~[?#].*$~s', '~^(?:\./)+~'], '', html_entity_decode(implode('', array_slice($m, 1)))));
        $isBeside = preg_match('~^(?:[a-z][a-z0-9+.-]*:|[/\\\\])|(?:^|[/\\\\])\.\.(?:[/\\\\]|$)|[\x00-\x1F]~i', $path) !== 1;

        return $isBeside && preg_match('~\.css$~i', $path) === 1 ? $path : null;
    }
}
