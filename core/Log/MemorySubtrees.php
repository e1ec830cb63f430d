<?php

declare(strict_types=1);

namespace Juramen\Log;

use Juramen\Canon\Digest;

/** Subtree hashes held in memory. */
final class MemorySubtrees implements SubtreeHashes
{
    /** @var array<int, array<int, Digest>> */
    private array $levels = [];

    /** @param  array<int, array<int, Digest>>  $levels  level to index to hash */
    public static function of(array $levels): self
    {
        $self = new self;
        $self->levels = $levels;

        return $self;
    }

    /** @param  iterable<Digest>  $leaves leaf hashes in order */
    public static function ofLeaves(iterable $leaves): self
    {
        $self = new self;
        $frontier = Frontier::empty();
        foreach ($leaves as $leaf) {
            $growth = $frontier->append($leaf);
            $frontier = $growth->frontier;
            foreach ($growth->completed as $node) {
                $self->levels[$node->level][$node->index] = $node->hash;
            }
        }

        return $self;
    }

    public function at(int $level, int $index): Digest
    {
        return $this->levels[$level][$index] ?? throw MissingSubtree::at($level, $index);
    }
}
