<?php

declare(strict_types=1);

namespace Tests\Core;

use Juramen\Register\Language;

/**
 * Statements of many manners, with what each misses, as they lie in tests/Corpus: above each its manner, the requirements that it misses
 * ("sound" where none), and those on which readers may differ ("*": all others).
 */
final readonly class Corpus
{
    /**
     * @param  list<string>  $misses
     * @param  list<string>|null  $either  null where nothing but what is missed was judged by its author
     */
    private function __construct(public Language $language, public string $manner, public array $misses, public ?array $either, public string $text) {}

    /** @return list<self> */
    public static function of(string $set, Language $language): array
    {
        preg_match_all('~^## (.*?)\n(.*?)(?=\n\n|\z)~ms', (string) file_get_contents(__DIR__."/../Corpus/$set/$language->value.txt"), $found, PREG_SET_ORDER);

        return array_map(static function (array $m) use ($language): self {
            [$manner, $misses, $either] = array_map(trim(...), explode('|', $m[1]) + ['', 'sound', '']);
            $words = static fn (string $s): array => array_values(array_filter(explode(' ', $s), static fn (string $w): bool => $w !== '' && $w !== 'sound'));

            return new self($language, $manner, $words($misses), $either === '*' ? null : $words($either), trim($m[2]));
        }, $found);
    }
}
