<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use Juramen\Canon\Digest;
use Juramen\Log\SubtreeHashes;

/** Stored hashes of complete subtrees, which never change: each is read once for as long as this is kept. */
final class RememberedSubtrees implements SubtreeHashes
{
    /** @var array<int, array<int, Digest>> by level and index */
    private array $read = [];

    public function __construct(private readonly SubtreeHashes $stored) {}

    public function at(int $level, int $index): Digest
    {
        return $this->read[$level][$index] ??= $this->stored->at($level, $index);
    }
}
