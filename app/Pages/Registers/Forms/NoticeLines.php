<?php

declare(strict_types=1);

namespace App\Pages\Registers\Forms;

use App\Pages\Controls\Line;

/** The link to a privacy notice and its text, in one language. */
final readonly class NoticeLines
{
    public function __construct(public string $language, public string $endonym, public Line $link, public string $place, public string $text) {}
}
