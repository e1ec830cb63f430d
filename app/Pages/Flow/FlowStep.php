<?php

declare(strict_types=1);

namespace App\Pages\Flow;

/** One step of the way from a form to a permission that lasts. */
final readonly class FlowStep
{
    /**
     * @param  int|null  $count  null where nobody knows
     * @param  string  $lost  what became of those who did not come so far, in a few words
     * @param  string|null  $link  to the records behind it
     */
    public function __construct(public string $name, public ?int $count, public string $lost = '', public ?string $link = null) {}
}
