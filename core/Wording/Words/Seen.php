<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/** That a form matches a word of some entry. */
final readonly class Seen
{
    /**
     * @param  int  $number  of that word
     * @param  string|null  $rest  what stands before it in the form, where it is the last part of a compound
     */
    public function __construct(public int $number, public ?string $rest = null) {}
}
