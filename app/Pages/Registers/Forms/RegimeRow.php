<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

/** What the law of a place adds by itself. */
final readonly class RegimeRow
{
    /** @param  string  $place  empty where it is that of the row before */
    public function __construct(public string $place, public string $says, public string $sets, public string $source, public string $sure) {}
}
