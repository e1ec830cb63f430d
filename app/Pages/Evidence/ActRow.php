<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** An act among all of a person, in a line of the table. */
final readonly class ActRow
{
    /**
     * @param  string  $recorded  when it was written down, where that was in another second; else ""
     * @param  string  $targets  what it gave or ended, if it is of that kind
     * @param  string  $edition  of which point, if it names one
     */
    public function __construct(
        public int $number,
        public string $when,
        public string $recorded,
        public string $link,
        public string $what,
        public string $targets,
        public string $how,
        public string $edition,
        public string $digest,
        public bool $chosen,
    ) {}
}
