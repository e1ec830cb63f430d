<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** A personal value that is kept with an act. */
final readonly class KeptValue
{
    /** @param  string|null  $link  where the file is, of which it speaks */
    public function __construct(public string $name, public string $value, public ?string $link = null) {}
}
