<?php

declare(strict_types=1);

namespace Juramen\Wording\Words;

/** Tokens of a sentence that belong together. */
final readonly class Stretch
{
    /**
     * @param  int  $from  number of the first
     * @param  int  $to  behind the last
     */
    public function __construct(public int $from, public int $to) {}
}
