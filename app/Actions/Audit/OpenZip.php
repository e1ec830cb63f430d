<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Actions\ActRefusal;
use App\Models\ReadHow;
use Closure;
use Juramen\Audit\Html\LinkedStyles;
use Juramen\Canon\Refused;
use ZipArchive;

/** Pages from a ZIP, read entry by entry and never more than what is allowed, whatever its directory claims. */
final class OpenZip
{
    private const MOST_PAGES = 200;

    private const LARGEST_PAGE = 5_000_000;

    private const LARGEST = 40_000_000;

    /** Bytes of styles that are read of an archive. */
    private const MOST_STYLES = 5_000_000;

    private const PAGES = '~\.(?:html?|xhtml|php|aspx?|jsp|txt)$~i';

    public static function isZip(string $bytes): bool
    {
        return str_starts_with($bytes, "PK\x03\x04");
    }

    /**
     * @return list<GivenPage>
     *
     * @throws Refused where it cannot be opened, or holds too much
     */
    public function __invoke(string $name, string $path): array
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw Refused::because(ActRefusal::NoZip, file: $name);
        }
        try {
            return $this->pages($zip, $name);
        } finally {
            $zip->close();
        }
    }

    /** @return list<GivenPage> */
    private function pages(ZipArchive $zip, string $name): array
    {
        [$pages, $all] = [[], 0];
        $styles = $this->styles($zip);
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $entry = (string) $zip->getNameIndex($i);
            if (preg_match(self::PAGES, $entry) !== 1 || str_contains($entry, '__MACOSX/')) {
                continue;
            }
            $stream = $zip->getStreamIndex($i);
            $bytes = $stream === false ? '' : (string) stream_get_contents($stream, self::LARGEST_PAGE + 1);
            $all += strlen($bytes);
            if (count($pages) >= self::MOST_PAGES || strlen($bytes) > self::LARGEST_PAGE || $all > self::LARGEST) {
                throw Refused::because(ActRefusal::ZipTooLarge, file: $name, most: self::MOST_PAGES);
            }
            $folder = str_contains($entry, '/') ? dirname($entry).'/' : '';
            $styled = LinkedStyles::put($bytes, static fn (string $path): ?string => $styles($folder.$path));
            $pages[] = new GivenPage(basename($entry), $styled, '', ReadHow::File);
        }

        return $pages;
    }

    /**
     * Styles that lie beside the pages of an archive, by their path in it.
     *
     * @return Closure(string): ?string null where there are none, or more than is read of an archive in all
     */
    private function styles(ZipArchive $zip): Closure
    {
        $left = self::MOST_STYLES;

        return static function (string $path) use ($zip, &$left): ?string {
            $stream = $left > 0 ? $zip->getStream($path) : false;
            $styles = $stream === false ? false : stream_get_contents($stream, min($left, LinkedStyles::MOST) + 1);
            $left -= $styles === false ? 0 : strlen($styles);

            return $styles === false || $left < 0 ? null : $styles;
        };
    }
}
