<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** A list that a person is on, or was handed over from, and what became of it at each destination. */
final readonly class WentRow
{
    /**
     * @param  string  $for  the permission that leads onto it
     * @param  list<string>  $there  what each destination has acknowledged; none where the list stays here
     */
    public function __construct(public string $list, public string $link, public string $for, public string $since, public array $there) {}
}
