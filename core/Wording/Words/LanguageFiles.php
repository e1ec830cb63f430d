<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use Closure;
use Juramen\Register\Language;
use RuntimeException;

/**
 * Reads the files of a language: the one place where the core reads anything. Each language is a folder of text files; docs/languages.md
 * tells how they are written.
 */
final class LanguageFiles
{
    private const HOME = __DIR__.'/../Languages';

    /** Keeps what was made of the files: told its name, what it was made of, and how it is made. */
    private static ?Closure $keeper = null;

    /** @param  Closure(string, string, callable(): mixed[]): mixed[]  $keeper */
    public static function keepBy(Closure $keeper): void
    {
        self::$keeper = $keeper;
    }

    /**
     * What is made of a language's files, as it is kept; made anew where nobody keeps it, or where they or their code have changed.
     *
     * @template T of mixed[]
     *
     * @param  string  $what  it is, in a word
     * @param  callable(): T  $make
     * @return T of nothing but arrays, numbers and words
     */
    public static function made(Language $language, string $what, callable $make): array
    {
        if (self::$keeper === null) {
            return $make();
        }
        /** @var array<string, string> $states of files by their pattern, looked up once */
        static $states = [];
        $of = [];
        foreach ([__DIR__.'/*.php', self::HOME."/$language->value/*.txt"] as $pattern) {
            $states[$pattern] ??= implode("\n", array_map(
                static fn (string $file): string => $file.' '.filemtime($file).' '.filesize($file), glob($pattern) ?: []
            ));
            $of[] = $states[$pattern];
        }

        return (self::$keeper)("$what-$language->value", implode("\n", $of), $make);
    }

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

    /** Words of texts that no frame reads, see WordLists. */
    public static function lists(Language $language): Sections
    {
        return self::in(self::HOME."/$language->value/lists");
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
