<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** Something that a page loads from another site before anything is sent. */
final readonly class OutsideCall
{
    /** @param  string  $what  "a script", "a frame", "a picture", "a style", "letters" */
    public function __construct(public Selector $where, public string $what, public string $host) {}
}
