<?php

declare(strict_types=1);

use Juramen\Register\Language;
use Juramen\Wording\Words\LanguageFiles;
use Juramen\Wording\Words\Stems;

/*
 * Source: the vocabularies of the Snowball stemmers (Debian's snowball-data: voc.txt, and output.txt with the stem of each word). Ours take
 * off endings of inflection alone, where Snowball's take off those of derivation too: so of the words that Snowball joins we join about
 * half. What we join and Snowball keeps apart are endings of verbs for the most part ("erklären", "erklärst").
 */
test('words that belong together by Snowball are joined by our endings as often as said, and others are not', function (Language $language, string $name, int $joined, int $apart): void {
    $read = static fn (string $file): array => array_map(trim(...), is_file("$file.txt") ? (array) file("$file.txt") : (array) gzfile("$file.txt.gz"));
    $folder = "/usr/share/snowball/data/$name";
    [$words, $stems] = [$read("$folder/voc"), $read("$folder/output")];
    $files = LanguageFiles::words($language);
    $ours = Stems::from($files->lines('endings'), $files->lines('doubled') !== []);
    [$pairs, $both, $mine, $wrong] = [0, 0, 0, 0];
    for ($i = 1, $n = count($words); $i < $n; $i++) {
        if (mb_strlen((string) $words[$i - 1]) < 4) {
            continue;
        }
        $together = $stems[$i] === $stems[$i - 1];
        $by = $ours->of((string) $words[$i]) === $ours->of((string) $words[$i - 1]);
        [$pairs, $both, $mine, $wrong] = [$pairs + (int) $together, $both + (int) ($together && $by), $mine + (int) $by, $wrong + (int) ($by && ! $together)];
    }
    expect($pairs)->toBeGreaterThan(1000)->and(100 * $both / $pairs)->toBeGreaterThanOrEqual($joined)->and(100 * $wrong / $mine)->toBeLessThanOrEqual($apart);
})->with([
    [Language::English, 'english', 50, 10], [Language::German, 'german', 30, 45], [Language::French, 'french', 30, 25], [Language::Swedish, 'swedish', 45, 35],
    [Language::Danish, 'danish', 45, 35],
])->skip(fn (): bool => ! is_dir('/usr/share/snowball/data'), 'Debian\'s snowball-data is installed by the whole suite.');
