<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use InvalidArgumentException;

/**
 * The words of all entries by how they are written, each with a number of its own. A word stands for itself with all endings of
 * inflection; "=word" for exactly that, "word*" for whatever begins so, "*word" for whatever ends so, "*word*" for whatever has it within,
 * and "9" for any number. It grows while a vocabulary is made, and then tells which of them a form matches.
 *
 * @phpstan-type Patterns array{exact: array<string, int>, little: array<string, true>, stems: array<string, int>, begins: array<int, array<string, int>>,
 *     ends: array<int, array<string, int>>, within: array<string, int>}
 */
final class WordPatterns
{
    private const NUMBER = 0;

    /** No letter of ours stands before it; a picture may. */
    public const BEGINS = '(?<!\p{Latin})';

    /** @var array<string, int> */
    private array $exact = [];

    /** @var array<string, true> words that do no work, and are never an ending of a longer one */
    private array $little = [];

    /** @var array<string, int> */
    private array $stems = [];

    /** @var array<int, array<string, int>> by length in bytes */
    private array $begins = [];

    /** @var array<int, array<string, int>> by length in bytes */
    private array $ends = [];

    /** @var array<string, int> */
    private array $within = [];

    private int $next = 1;

    public function __construct(private readonly Stems $stemmer) {}

    /** @param  Patterns  $kept  as toArray() gave them */
    public static function from(Stems $stemmer, array $kept): self
    {
        $patterns = new self($stemmer);
        foreach (['exact', 'little', 'stems', 'begins', 'ends', 'within'] as $of) {
            $patterns->$of = $kept[$of];
        }

        return $patterns;
    }

    /**
     * As PHP keeps them for the next request.
     *
     * @return Patterns
     */
    public function toArray(): array
    {
        return [
            'exact' => $this->exact, 'little' => $this->little, 'stems' => $this->stems, 'begins' => $this->begins, 'ends' => $this->ends,
            'within' => $this->within,
        ];
    }

    /** A little word is itself, wherever it stands in an entry, and no ending of a longer one. */
    public function little(string $word): void
    {
        $bare = trim($word, '=');
        $this->little[$bare] = true;
        $this->exact[$bare] ??= $this->next++;
    }

    /** @throws InvalidArgumentException where it has no letters */
    public function number(string $word): int
    {
        if (ctype_digit($word)) {
            return self::NUMBER;
        }
        [$begins, $ends] = [str_ends_with($word, '*'), str_starts_with($word, '*')];
        $bare = trim($word, '*=');
        if ($bare === '') {
            throw new InvalidArgumentException("\"$word\" has no letters.");
        }
        if ($begins && $ends) {
            return $this->within[$bare] ??= $this->next++;
        }
        if ($begins) {
            return $this->begins[strlen($bare)][$bare] ??= $this->next++;
        }
        if ($ends) {
            return $this->ends[strlen($bare)][$bare] ??= $this->next++;
        }
        if ($word[0] === '=' || isset($this->little[$bare])) {
            return $this->exact[$bare] ??= $this->next++;
        }

        return $this->stems[$this->stemmer->of($bare)] ??= $this->next++;
    }

    /**
     * What is to be looked for in a text in lower case, as a pattern: it stands wherever a form matches the word, and may stand elsewhere.
     *
     * @throws InvalidArgumentException where it has no letters
     */
    public function clue(string $word): string
    {
        if (ctype_digit($word)) {
            return '\\d';
        }
        $bare = trim($word, '*=');
        if ($bare === '') {
            throw new InvalidArgumentException("\"$word\" has no letters.");
        }
        $inflected = $word === $bare && ! isset($this->little[$bare]);

        return (str_starts_with($word, '*') ? '' : self::BEGINS).preg_quote($inflected ? $this->stemmer->common($bare) : $bare, '~');
    }

    /** @return list<Seen> */
    public function in(Token $token): array
    {
        return $token->isNumber() ? [new Seen(self::NUMBER)] : $this->look($token->form);
    }

    /** @return list<Seen> */
    private function look(string $form): array
    {
        $found = [];
        $stem = $this->stemmer->of($form);
        foreach ([$this->exact[$form] ?? null, isset($this->little[$form]) ? null : $this->stems[$stem] ?? null] as $number) {
            if ($number !== null) {
                $found[$number] = new Seen($number);
            }
        }
        foreach ($this->begins as $length => $beginnings) {
            $number = $beginnings[substr($form, 0, $length)] ?? null;
            if ($number !== null) {
                $found[$number] ??= new Seen($number);
            }
        }
        foreach ($stem === $form ? [$form] : [$form, $stem] as $word) {
            foreach ($this->ends as $length => $endings) {
                $number = strlen($word) > $length ? $endings[substr($word, -$length)] ?? null : null;
                if ($number !== null) {
                    $found[$number] ??= new Seen($number, substr($word, 0, -$length));
                }
            }
        }
        foreach ($this->within as $part => $number) {
            if (str_contains($form, (string) $part)) {
                $found[$number] ??= new Seen($number);
            }
        }

        return array_values($found);
    }
}
