<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

/** What verifying the ledger came to. */
final readonly class Verification
{
    /**
     * @param  int  $overdue  entries that should have been sealed by now
     * @param  list<Fault>  $faults
     * @param  list<Pass>  $passes
     */
    public function __construct(
        public int $entries, public int $sealed, public int $checkpoints, public int $overdue, public array $faults, public array $passes
    ) {}

    public function holds(): bool
    {
        return $this->faults === [];
    }
}
