<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Line;

/** What visitors read of a field in one language. */
final readonly class FieldTexts
{
    public function __construct(public string $language, public Line $label, public Line $help) {}
}
