<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

use ArrayObject;
use Closure;

/** A sentence with what its words belong to. Frames ask it. */
final readonly class Sentence
{
    /**
     * @param  list<Token>  $tokens
     * @param  list<Hit>  $hits  in their order
     * @param  non-empty-list<Clause>  $clauses
     * @param  array<string, list<Hit>>  $byClass
     * @param  ArrayObject<string, mixed>  $told  what was told of it, wherever it stands
     * @param  int  $from  where it begins, in bytes of the folded text
     */
    private function __construct(
        public array $tokens, public array $hits, public array $clauses, private array $byClass, private ArrayObject $told, public int $from = 0
    ) {}

    /** The same sentence where it stands in a text. */
    public function at(int $from): self
    {
        return $from === $this->from ? $this : new self($this->tokens, $this->hits, $this->clauses, $this->byClass, $this->told, $from);
    }

    /** @param  non-empty-list<Token>  $tokens */
    public static function of(array $tokens, Vocabulary $vocabulary): self
    {
        $found = $vocabulary->hits($tokens);
        $clauses = Clauses::of($tokens, $found);
        [$hits, $byClass, $at] = [[], [], 0];
        foreach ($found as $hit) {
            while (isset($clauses[$at + 1]) && $hit->from >= $clauses[$at + 1]->from) {
                $at++;
            }
            $hits[] = $hit = $hit->in($at, $clauses[$at]->negated && $hit->class !== WordClass::Not && $hit->class !== WordClass::NoLonger);
            $byClass[$hit->class->value][] = $hit;
        }

        return new self($tokens, $hits, $clauses, $byClass, new ArrayObject);
    }

    /**
     * What several frames want to know of it, told once.
     *
     * @template T
     *
     * @param  string  $what  it is, by a name of its own
     * @param  Closure(): T  $tell  which goes by nothing but the sentence
     * @return T
     */
    public function once(string $what, Closure $tell): mixed
    {
        if (! $this->told->offsetExists($what)) {
            $this->told[$what] = $tell();
        }

        return $this->told[$what];
    }

    /** @return list<Hit> of any of the classes, negated or not, in their order */
    public function all(WordClass ...$classes): array
    {
        [$hits, $inOrder] = [[], true];
        foreach ($classes as $class) {
            $more = $this->byClass[$class->value] ?? [];
            if ($hits === []) {
                $hits = $more;
            } elseif ($more !== []) {
                $inOrder = $inOrder && $hits[count($hits) - 1]->from <= $more[0]->from;
                array_push($hits, ...$more);
            }
        }
        if (! $inOrder) {
            usort($hits, static fn (Hit $a, Hit $b): int => $a->from <=> $b->from);
        }

        return $hits;
    }

    /** @return list<Hit> that no "not" reaches */
    public function said(WordClass ...$classes): array
    {
        $said = [];
        foreach ($this->all(...$classes) as $hit) {
            if (! $hit->negated) {
                $said[] = $hit;
            }
        }

        return $said;
    }

    public function has(WordClass ...$classes): bool
    {
        foreach ($classes as $class) {
            if (isset($this->byClass[$class->value])) {
                return true;
            }
        }

        return false;
    }

    public function says(WordClass ...$classes): bool
    {
        foreach ($classes as $class) {
            foreach ($this->byClass[$class->value] ?? [] as $hit) {
                if (! $hit->negated) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether one of the classes stands in a clause. */
    public function inClause(int $clause, WordClass ...$classes): bool
    {
        foreach ($classes as $class) {
            foreach ($this->byClass[$class->value] ?? [] as $hit) {
                if ($hit->clause === $clause) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<Hit> of the classes in a clause */
    public function within(int $clause, WordClass ...$classes): array
    {
        $within = [];
        foreach ($this->all(...$classes) as $hit) {
            if ($hit->clause === $clause) {
                $within[] = $hit;
            }
        }

        return $within;
    }

    /** @return list<Hit> of the classes, without those persons that do nothing themselves: "me", "your" */
    public function acting(WordClass ...$classes): array
    {
        $passive = [];
        foreach ($this->byClass[WordClass::NoSubject->value] ?? [] as $hit) {
            $passive[$hit->from] = true;
        }

        return array_values(array_filter($this->all(...$classes), static fn (Hit $h): bool => ! isset($passive[$h->from])));
    }

    public function isQuestion(): bool
    {
        return $this->tokens[count($this->tokens) - 1]->form === '?';
    }

    /** @return list<int> a clause and those that go on with it: behind commas, with nothing that opens them */
    public function stretch(int $clause): array
    {
        $stretch = [$clause];
        while (isset($this->clauses[$clause + 1]) && $this->clauses[$clause + 1]->opener === null) {
            $stretch[] = ++$clause;
        }

        return $stretch;
    }

    public function clauseOf(Hit $hit): Clause
    {
        return $this->clauses[$hit->clause];
    }
}
