<?php

declare(strict_types=1);

namespace Juramen\Log;

use Juramen\Canon\Digest;

/** The hash of one complete subtree; see SubtreeHashes for level and index. */
final readonly class Subtree
{
    public function __construct(public int $level, public int $index, public Digest $hash) {}
}
