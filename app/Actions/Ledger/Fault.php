<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

/** Something in the ledger that is not as it was written. */
final readonly class Fault
{
    /**
     * @param  string|null  $entry  id of the entry, where one can be named
     * @param  int|null  $leaf  its index in the tree, where sealed
     */
    public function __construct(public string $what, public ?string $entry = null, public ?int $leaf = null) {}
}
