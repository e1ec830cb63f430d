<?php

declare(strict_types=1);

namespace Juramen\Log;

/** What appending a leaf comes to. */
final readonly class Growth
{
    /** @param  non-empty-list<Subtree>  $completed  every subtree that the leaf completes, the leaf first */
    public function __construct(public Frontier $frontier, public array $completed) {}
}
