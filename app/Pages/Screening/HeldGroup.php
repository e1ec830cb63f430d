<?php

declare(strict_types=1);

namespace App\Pages\Screening;

/** Held submissions of one hand, to be decided together; or one by itself. */
final readonly class HeldGroup
{
    /** @param  non-empty-list<HeldRow>  $rows */
    public function __construct(public array $rows) {}

    public function count(): int
    {
        return count($this->rows);
    }
}
