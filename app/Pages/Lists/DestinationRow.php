<?php

declare(strict_types=1);

namespace App\Pages\Lists;

/** One destination. */
final readonly class DestinationRow
{
    /** @param  list<string>  $faults */
    public function __construct(
        public string $name, public string $link, public string $partner, public string $lists, public string $state, public string $there, public string $open,
        public array $faults
    ) {}
}
