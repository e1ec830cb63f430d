<?php

declare(strict_types=1);

namespace App\Actions\Consent;

/** A subscriber for whom the projection says something else than the ledger. */
final readonly class PermissionDifference
{
    /**
     * @param  string  $subject  in hex
     * @param  list<string>  $found  what is noted, each permission in words
     * @param  list<string>  $expected  what the entries say
     */
    public function __construct(public string $subject, public array $found, public array $expected) {}
}
