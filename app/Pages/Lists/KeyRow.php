<?php

declare(strict_types=1);

namespace App\Pages\Lists;

/** The key of one destination. */
final readonly class KeyRow
{
    /** @param  bool  $refused  whether the destination refuses it */
    public function __construct(public string $id, public string $name, public string $address, public string $state, public bool $refused) {}
}
