<?php

declare(strict_types=1);

namespace App\Pages\Lists;

/** One person on a list. */
final readonly class PersonOnList
{
    /**
     * @param  list<string>  $there  what each destination has acknowledged
     */
    public function __construct(
        public string $address, public string $link, public string $since, public string $point, public string $language, public array $there
    ) {}
}
