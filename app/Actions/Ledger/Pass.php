<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

/** One of the passes of verifying, and how long it took. */
final readonly class Pass
{
    public function __construct(public string $name, public float $seconds) {}
}
