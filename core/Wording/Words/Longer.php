<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/** An entry of several words, behind its first. */
final readonly class Longer
{
    /** @param  list<array<int, true>|null>  $others  numbers of the words behind the first, each with its alternatives; null is a gap */
    public function __construct(public WordClass $class, public array $others) {}
}
