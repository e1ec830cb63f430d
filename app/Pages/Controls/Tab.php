<?php

declare(strict_types=1);

namespace App\Pages\Controls;

/** One of several ways to look at something. */
final readonly class Tab
{
    public function __construct(public string $text, public string $link, public bool $current) {}
}
