<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use RuntimeException;

/**
 * Reads the files of a language: the one place where the core reads anything. A file has sections, each headed by its name in square
 * brackets, with one entry a line; "#" at the beginning of a line is a remark. docs/languages.md tells how to write them.
 */
final class VocabularyFiles
{
    /** Where the languages of Juramen lie. */
    public const HOME = __DIR__.'/../Languages';

    /**
     * @param  string  $folder  with the files of one language
     * @return array<string, list<string>> section to its entries
     *
     * @throws RuntimeException where the folder has no files, or a line stands before the first section
     */
    public static function read(string $folder): array
    {
        $sections = [];
        $files = glob("$folder/*.txt") ?: throw new RuntimeException("$folder has no files of a language (NAME.txt).");
        foreach ($files as $file) {
            $section = null;
            foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $i => $line) {
                $line = trim($line);
                if ($line === '' || $line[0] === '#') {
                    continue;
                }
                if (preg_match('~^\[([a-z -]+)]$~', $line, $m) === 1) {
                    $section = $m[1];

                    continue;
                }
                $section ?? throw new RuntimeException(basename($file).', line '.($i + 1).': an entry needs a section, such as [sends], above it.');
                $sections[$section][] = $line;
            }
        }

        return $sections;
    }
}
