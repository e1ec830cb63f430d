<?php

declare(strict_types=1);

namespace Juramen\Canon;

/** What two people's changes come to. */
final readonly class Merged
{
    /** @param  list<Conflict>  $conflicts  in which theirs was kept */
    public function __construct(public Document $document, public array $conflicts) {}
}
