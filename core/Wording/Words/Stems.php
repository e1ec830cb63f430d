<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/**
 * Takes the endings of inflection off words: the longest that the language's file lists, then a silent vowel, then one of two equal
 * consonants. It is light on purpose: what belongs together by meaning is put together by a person, in a class.
 */
final readonly class Stems
{
    /** Letters that are left at least. */
    private const LEFT = 3;

    /** @param  array<string, string>  $endings  ending to what takes its place */
    private function __construct(private array $endings) {}

    /** @param  array<string, string>  $endings */
    public static function with(array $endings): self
    {
        uksort($endings, static fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));

        return new self($endings);
    }

    /** @param  string  $word  in lower case */
    public function of(string $word): string
    {
        $length = mb_strlen($word);
        foreach ($this->endings as $ending => $by) {
            $ending = (string) $ending;
            if ($length - mb_strlen($ending) >= self::LEFT && str_ends_with($word, $ending)) {
                $word = substr($word, 0, -strlen($ending)).$by;

                break;
            }
        }
        if (strlen($word) > self::LEFT && str_ends_with($word, 'e')) {
            $word = substr($word, 0, -1);
        }

        return preg_match('~([bcdfghjklmnpqrstvwxz])\1$~', $word) === 1 ? substr($word, 0, -1) : $word;
    }
}
