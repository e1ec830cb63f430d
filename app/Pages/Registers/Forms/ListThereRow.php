<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Choice;
use App\Pages\Controls\Line;
use App\Pages\Controls\Press;

/** One of our lists that goes to a destination. */
final readonly class ListThereRow
{
    /** @param  list<Press>  $presses */
    public function __construct(
        public string $name, public string $link, public Choice|Line $group, public Line $mark, public ?Choice $starts, public array $presses
    ) {}

    /** Whether the group is one of those that the destination named itself. */
    public function offersGroups(): bool
    {
        return $this->group instanceof Choice;
    }
}
