<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** Findings of which the same became. */
final readonly class ChangeGroup
{
    /** @param  list<ChangeRow>  $rows */
    public function __construct(public string $title, public array $rows, public bool $open) {}
}
