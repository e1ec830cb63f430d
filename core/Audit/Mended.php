<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** Words as a mend would make them, and what is found in them then. */
final readonly class Mended
{
    /** @param  list<Result>  $results */
    public function __construct(public string $words, public array $results) {}
}
