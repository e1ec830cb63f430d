<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** The answer for one moment. */
final readonly class Answered
{
    /**
     * @param  bool  $ahead  whether the moment is yet to come
     * @param  string  $entries  numbers of the entries it rests on, as "Entries 1, 3", or ""
     */
    public function __construct(
        public bool $allowed, private bool $ahead, public string $moment, public string $says, public string $entries, public string $link
    ) {}

    public function word(): string
    {
        return ($this->allowed ? 'Yes' : 'No').($this->ahead ? ', as known today.' : '.');
    }
}
