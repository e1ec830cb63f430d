<?php

declare(strict_types=1);

namespace Juramen\Wording;

/** One text as a file gave it. */
final readonly class LibraryText
{
    public function __construct(public string $statement, public string $language, public string $text) {}
}
