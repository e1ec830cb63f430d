<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/** A word as it is written, with what it belongs to. */
final readonly class Written
{
    /**
     * @param  array<int, true>  $words  numbers of the words of entries that it matches
     * @param  list<Alone>  $alone  what it belongs to by itself
     * @param  list<int>  $longer  those of them with which longer entries begin
     */
    public function __construct(public array $words, public array $alone, public array $longer) {}
}
