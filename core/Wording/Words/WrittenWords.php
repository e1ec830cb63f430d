<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use Juramen\Register\Language;

/** What a language enters exactly as it is written ("=word"): the little words that tell it from others, read without the rest of it. */
final readonly class WrittenWords
{
    /** @param  array<string, int>  $words */
    private function __construct(private array $words) {}

    public static function of(Language $language): self
    {
        /** @var array<string, self> $all */
        static $all = [];

        return $all[$language->value] ??= self::from(LanguageFiles::words($language));
    }

    private static function from(Sections $sections): self
    {
        $lines = array_merge(...array_map(static fn (WordClass $c): array => $sections->lines($c->value), WordClass::cases()));
        preg_match_all('~(?<![^\s/])=([^\s/*]+)~u', implode("\n", $lines), $m);

        return new self(array_flip($m[1]));
    }

    /** @param  list<string>  $forms  a text's words, in small letters */
    public function count(array $forms): int
    {
        $count = 0;
        foreach ($forms as $form) {
            $count += (int) isset($this->words[$form]);
        }

        return $count;
    }
}
