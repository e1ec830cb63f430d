<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/** Words of a class, found in a sentence. */
final readonly class Hit
{
    /**
     * @param  int  $from  number of its first token within the sentence
     * @param  int  $to  behind its last token
     * @param  string|null  $rest  what stands before it within the same word, where it is the last part of a compound
     * @param  list<int>  $tokens  numbers of the tokens that matched; a gap between them is none of it
     * @param  int  $clause  number of its clause
     * @param  bool  $negated  whether a "not" reaches it
     */
    public function __construct(
        public WordClass $class, public int $from, public int $to, public array $tokens, public ?string $rest = null, public int $clause = 0,
        public bool $negated = false
    ) {}

    public function in(int $clause, bool $negated): self
    {
        return $clause === $this->clause && $negated === $this->negated ? $this
            : new self($this->class, $this->from, $this->to, $this->tokens, $this->rest, $clause, $negated);
    }
}
