<?php

declare(strict_types=1);

namespace App\Pages\Points;

/** Sentences of one language that mean something, and such as only look like it. */
final readonly class HeardSentences
{
    /**
     * @param  list<string>  $do
     * @param  list<string>  $doNot
     */
    public function __construct(public string $language, public string $name, public array $do, public array $doNot) {}
}
