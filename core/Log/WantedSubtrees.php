<?php

declare(strict_types=1);

namespace Juramen\Log;

use Juramen\Canon\Digest;

/** Notes which hashes a computation asks for, so that all can be fetched at once; what it answers meanwhile means nothing. */
final class WantedSubtrees implements SubtreeHashes
{
    /** @var array<int, array<int, true>> level to index */
    private array $wanted = [];

    public function at(int $level, int $index): Digest
    {
        $this->wanted[$level][$index] = true;

        return TreeHash::ofEmpty();
    }

    /** @return array<int, list<int>> level to indexes */
    public function wanted(): array
    {
        return array_map(array_keys(...), $this->wanted);
    }
}
