<?php

declare(strict_types=1);

namespace Juramen\Points;

/** A named place in frozen bytes at which something may be spliced in. */
final readonly class Slot
{
    /** @param  int  $offset in bytes from the beginning */
    public function __construct(public string $name, public int $offset) {}
}
