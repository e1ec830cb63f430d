<?php

declare(strict_types=1);

namespace Juramen\Points;

/** One sentence of a sheet read aloud. */
final readonly class Sentence
{
    /** @param  string  $about  what it speaks of, so that the same sentence of another state is found */
    public function __construct(public SheetPart $part, public string $about, public string $says) {}
}
