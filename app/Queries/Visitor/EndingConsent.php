<?php

declare(strict_types=1);

namespace App\Queries\Visitor;

use Juramen\Consent\Target;

/** What somebody agreed to for one purpose, and could end by itself. */
final readonly class EndingConsent
{
    /**
     * @param  list<string>  $words  that they agreed to
     * @param  non-empty-list<Target>  $targets  what ends with it
     */
    public function __construct(public string $purpose, public array $words, public array $targets) {}
}
