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

    /** @param  list<string>  $lines  an ending each, with what takes its place behind a ">" where something does: "ies > y" */
    public static function from(array $lines): self
    {
        $endings = [];
        foreach ($lines as $line) {
            [$ending, $by] = array_map(trim(...), explode('>', "$line>"));
            $endings[$ending] = $by;
        }
        uksort($endings, static fn (int|string $a, int|string $b): int => mb_strlen((string) $b) <=> mb_strlen((string) $a));

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
