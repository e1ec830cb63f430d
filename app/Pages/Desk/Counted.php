<?php

declare(strict_types=1);

namespace App\Pages\Desk;

/** How many there are of something; a link to them where whoever looks may see them. */
final readonly class Counted
{
    public function __construct(public int $count, public string $what, public ?string $link) {}

    public function text(): string
    {
        return "{$this->count} {$this->what}";
    }
}
