<?php

declare(strict_types=1);

namespace Juramen\Log;

use Juramen\Canon\Digest;

/** Where the hashes of complete subtrees are read from: memory, a table, a file. */
interface SubtreeHashes
{
    /**
     * @param  int  $level  0 for leaves; a node of level n covers 2^n leaves
     * @param  int  $index  from 0, counted within the level
     *
     * @throws MissingSubtree where that subtree is not complete or not stored
     */
    public function at(int $level, int $index): Digest;
}
