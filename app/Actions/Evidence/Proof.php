<?php

declare(strict_types=1);

namespace App\Actions\Evidence;

use Juramen\Log\Checkpoint;

/** Whether an entry's proof verifies, and against what. */
final readonly class Proof
{
    /**
     * @param  string  $problem  empty where nothing is wrong
     * @param  int|null  $leaf  index in the tree; null while not yet sealed
     */
    public function __construct(public string $problem, public ?int $leaf, public ?Checkpoint $checkpoint) {}

    public function verifies(): bool
    {
        return $this->problem === '' && $this->leaf !== null;
    }

    public function isWaiting(): bool
    {
        return $this->problem === '' && $this->leaf === null;
    }
}
