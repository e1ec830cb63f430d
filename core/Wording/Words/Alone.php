<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/** What a word belongs to by itself. */
final readonly class Alone
{
    /** @param  string|null  $rest  what stands before it in the form, where it is the last part of a compound */
    public function __construct(public WordClass $class, public ?string $rest) {}
}
