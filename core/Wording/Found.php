<?php

declare(strict_types=1);

namespace Juramen\Wording;

/** Words found in a text. */
final readonly class Found
{
    /**
     * @param  int  $from  in characters (code points) from the beginning of the text
     * @param  int  $to  behind the last character
     */
    public function __construct(public string $words, public int $from, public int $to) {}
}
