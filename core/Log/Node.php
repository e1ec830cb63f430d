<?php

declare(strict_types=1);

namespace Juramen\Log;

/** A place in a tree: how many levels above the leaves, and which from the left there. */
final readonly class Node
{
    public function __construct(public int $level, public int $index) {}
}
