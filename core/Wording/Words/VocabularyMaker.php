<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use InvalidArgumentException;

/** Takes in the entries of a language, one line each, and makes the tables that a vocabulary looks words up in. */
final class VocabularyMaker
{
    /** @var array<string, int> */
    public array $exact = [];

    /** @var array<string, int> */
    public array $stems = [];

    /** @var array<int, array<string, int>> */
    public array $begins = [];

    /** @var array<int, array<string, int>> */
    public array $ends = [];

    /** @var array<string, int> */
    public array $within = [];

    /** @var array<int, list<WordClass>> */
    public array $singles = [];

    /** @var array<int, list<array{WordClass, list<list<int>|null>}>> */
    public array $longer = [];

    private int $next = 1;

    /** @param  array<string, true>  $elided */
    public function __construct(private readonly Stems $stemmer, private readonly array $elided) {}

    /** @throws InvalidArgumentException where a line has no words, begins with a gap or ends with one */
    public function add(WordClass $class, string $line): void
    {
        $words = [];
        foreach ($this->words($line) as $word) {
            $words[] = $word === '...' ? null : array_map($this->symbol(...), explode('/', $word));
        }
        $first = array_shift($words);
        if ($first === null || (end($words) === null && $words !== [])) {
            throw new InvalidArgumentException("[{$class->value}] \"$line\" needs words, and \"...\" only between two of them.");
        }
        foreach ($first as $symbol) {
            if ($words === []) {
                $this->singles[$symbol] ??= [];
                if (! in_array($class, $this->singles[$symbol], true)) {
                    $this->singles[$symbol][] = $class;
                }
            } else {
                $this->longer[$symbol][] = [$class, $words];
            }
        }
    }

    /** @return list<string> */
    private function words(string $line): array
    {
        $words = [];
        foreach (preg_split('~\s+~u', mb_strtolower(strtr($line, ['’' => "'"]))) ?: [] as $part) {
            if ($part === '...') {
                $words[] = $part;

                continue;
            }
            foreach (explode('-', (string) preg_replace('~\be-(mail|post)~u', 'e$1', $part)) as $piece) {
                $apart = explode("'", $piece, 2);
                array_push($words, ...(isset($apart[1], $this->elided[$apart[0]]) ? $apart : [$piece]));
            }
        }

        return array_values(array_filter($words, static fn (string $w): bool => $w !== ''));
    }

    private function symbol(string $word): int
    {
        if (ctype_digit($word)) {
            return 0;
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

        return $word[0] === '=' ? $this->exact[$bare] ??= $this->next++ : $this->stems[$this->stemmer->of($bare)] ??= $this->next++;
    }
}
