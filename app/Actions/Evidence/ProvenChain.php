<?php

declare(strict_types=1);

namespace App\Actions\Evidence;

use Juramen\Consent\Entry;
use Juramen\Log\Checkpoint;

/** A person's chain with what became of checking it and everything that it rests on. */
final readonly class ProvenChain
{
    /**
     * @param  list<Entry>  $entries  as far as they can be read
     * @param  list<int|null>  $leaves  of each of them its index in the tree; null while it is not sealed
     * @param  Checkpoint|null  $checkpoint  the newest; null before the first
     * @param  list<string>  $faults  what is not as it was written, each in a sentence; then nothing here may be relied on
     */
    public function __construct(public array $entries, public array $leaves, public ?Checkpoint $checkpoint, public array $faults) {}

    public function holds(): bool
    {
        return $this->faults === [];
    }

    /** The index of an entry in the tree; null while it is not yet sealed. */
    public function leafOf(Entry $entry): ?int
    {
        foreach ($this->entries as $i => $each) {
            if ($each->id->equals($entry->id)) {
                return $this->leaves[$i];
            }
        }

        return null;
    }
}
