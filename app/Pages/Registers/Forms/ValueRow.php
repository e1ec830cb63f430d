<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Choice;

/** A value of a person, and where it goes. */
final readonly class ValueRow
{
    public function __construct(public string $title, public string $type, public Choice $to) {}
}
