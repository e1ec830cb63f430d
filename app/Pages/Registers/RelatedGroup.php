<?php

declare(strict_types=1);

namespace App\Pages\Registers;

/** Things of one sort that hang together with a record. */
final readonly class RelatedGroup
{
    /** @param  list<RelatedLink>  $links */
    public function __construct(public string $title, public array $links) {}
}
