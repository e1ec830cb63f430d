<?php

declare(strict_types=1);

namespace App\Pages\Points;

use App\Pages\Controls\Line;

/** What people of one language see afterwards. */
final readonly class AfterLines
{
    public function __construct(
        public string $endonym, public string $language, public Line $sent, public Line $confirmed, public Line $next, public Line $nextTo, public Line $sentTo,
        public Line $confirmedTo
    ) {}
}
