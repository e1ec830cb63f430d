<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/** A word as it is written, with what it belongs to. */
final readonly class Written
{
    /**
     * @param  array<int, true>  $words  numbers of the words of entries that it matches
     * @param  list<Alone>  $alone  what it belongs to by itself
     * @param  list<array<int, array<int, Longer>>>  $longer  entries that begin with each of these words, by the word that comes next
     */
    public function __construct(public array $words, public array $alone, public array $longer) {}
}
