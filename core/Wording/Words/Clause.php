<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/** A part of a sentence that says one thing: between marks, or from the word that opens it. */
final readonly class Clause
{
    /**
     * @param  int  $from  number of its first token within the sentence
     * @param  int  $to  behind its last token
     * @param  WordClass|null  $opener  if, unless, when, who, that, so, or the word that joins it; null where nothing opens it
     * @param  bool  $negated  whether a "not" stands in it or reaches into it
     */
    public function __construct(public int $from, public int $to, public ?WordClass $opener, public bool $negated) {}
}
