<?php

declare(strict_types=1);

namespace App\Support\Outgoing;

/** A page that was fetched, where it was found in the end. */
final readonly class FetchedPage
{
    public function __construct(public string $address, public string $bytes) {}
}
