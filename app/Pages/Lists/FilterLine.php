<?php

declare(strict_types=1);

namespace App\Pages\Lists;

/** A filter that was kept by a name, with how many people it lets through. */
final readonly class FilterLine
{
    public function __construct(public int $id, public string $name, public string $link, public string $count, public bool $isOpen) {}
}
