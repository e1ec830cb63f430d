<?php

declare(strict_types=1);

namespace App\Actions\Consent;

/** What comparing every subscriber came to. */
final readonly class Rebuilt
{
    /** @param  list<PermissionDifference>  $differences */
    public function __construct(public int $subscribers, public array $differences) {}
}
