<?php

declare(strict_types=1);

namespace App\Pages\Points;

/** Where a yes to one statement leads by one channel. */
final readonly class LeadLine
{
    /**
     * @param  string|null  $list  null where it leads to none
     * @param  string  $goes  to which destinations the list goes, in a sentence's part
     * @param  string  $caution  what whoever builds the form has to know; may be empty
     */
    public function __construct(
        public string $statement, public string $channel, public ?string $list, public string $link, public string $goes, public string $caution
    ) {}
}
