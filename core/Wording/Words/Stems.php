<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/**
 * Takes the endings of inflection off words: the longest that the language's file lists, then a silent vowel, and where the language
 * doubles consonants before endings, one of two. It is light on purpose: what belongs together by meaning is put together by a person.
 */
final readonly class Stems
{
    /** Letters that are left at least. */
    private const LEFT = 3;

    /** @param  array<string, string>  $endings  ending to what takes its place */
    private function __construct(private array $endings, private bool $doubles) {}

    /**
     * @param  list<string>  $lines  an ending each, with what takes its place behind a ">" where something does: "ies > y"
     * @param  bool  $doubles  whether a consonant is doubled before an ending: "stop", "stopped"
     */
    public static function from(array $lines, bool $doubles): self
    {
        $endings = [];
        foreach ($lines as $line) {
            [$ending, $by] = array_map(trim(...), explode('>', "$line>"));
            $endings[$ending] = $by;
        }
        uksort($endings, static fn (int|string $a, int|string $b): int => mb_strlen((string) $b) <=> mb_strlen((string) $a));

        return new self($endings, $doubles);
    }

    /**
     * What all words of the same stem begin with.
     *
     * @param  string  $word  in lower case
     */
    public function common(string $word): string
    {
        $stem = $this->of($word);
        foreach ($this->endings as $by) {
            if ($by !== '' && str_ends_with($stem, $by)) {
                return substr($stem, 0, -strlen($by));
            }
        }

        return $stem;
    }

    /** @param  string  $word  in lower case */
    public function of(string $word): string
    {
        foreach ($this->endings as $ending => $by) {
            $ending = (string) $ending;
            if (str_ends_with($word, $ending) && mb_strlen($word) - mb_strlen($ending) >= self::LEFT) {
                $word = substr($word, 0, -strlen($ending)).$by;

                break;
            }
        }
        if (strlen($word) > self::LEFT && str_ends_with($word, 'e')) {
            $word = substr($word, 0, -1);
        }

        return $this->doubles && preg_match('~([bcdfghjklmnpqrstvwxz])\1$~', $word) === 1 ? substr($word, 0, -1) : $word;
    }
}
