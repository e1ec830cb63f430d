<?php

declare(strict_types=1);

namespace App\Pages\Points;

/** What sentences are listened for, with examples. */
final readonly class HeardMeaning
{
    /**
     * @param  string  $says  what such a sentence does
     * @param  list<HeardSentences>  $languages
     */
    public function __construct(public string $says, public array $languages) {}
}
