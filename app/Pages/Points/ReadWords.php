<?php

declare(strict_types=1);

namespace App\Pages\Points;

/** Words in a language as a visitor reads them. */
final readonly class ReadWords
{
    /** @param  string|null  $html  with what notes speak of underlined; null where they are not written */
    public function __construct(public string $language, public string $endonym, public ?string $html) {}
}
