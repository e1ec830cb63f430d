<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Line;

/** What a purpose is called in one language, what comes and how often. */
final readonly class PurposeLines
{
    public function __construct(public string $endonym, public Line $name, public Line $contents, public Line $rate) {}
}
