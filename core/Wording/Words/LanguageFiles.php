<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use Juramen\Register\Language;
use RuntimeException;

/**
 * Reads the files of a language: the one place where the core reads anything. Each language is a folder of text files; docs/languages.md
 * tells how they are written.
 */
final class LanguageFiles
{
    private const HOME = __DIR__.'/../Languages';

    public static function words(Language $language): Sections
    {
        /** @var array<string, Sections> $read */
        static $read = [];

        return $read[$language->value] ??= self::in(self::HOME."/$language->value");
    }

    /** Sentences that say what frames mean, and such as only look like it. */
    public static function sentences(Language $language): Sections
    {
        return self::in(self::HOME."/$language->value/sentences");
    }

    /**
     * @param  string  $folder  with the files of one language
     *
     * @throws RuntimeException where there are none
     */
    public static function in(string $folder): Sections
    {
        $files = glob("$folder/*.txt") ?: throw new RuntimeException("$folder has no files of a language (NAME.txt).");

        return Sections::parse(array_map(static fn (string $file): string => (string) file_get_contents($file), $files));
    }
}
