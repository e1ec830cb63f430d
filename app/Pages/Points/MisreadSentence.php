<?php

declare(strict_types=1);

namespace App\Pages\Points;

/** A sentence that somebody said was read wrongly. */
final readonly class MisreadSentence
{
    /** @param  string  $said  by whom, and when */
    public function __construct(public string $language, public string $sentence, public string $said) {}
}
