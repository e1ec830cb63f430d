<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** A subscriber who is likely of the same hand as another. */
final readonly class AlikeRow
{
    public function __construct(
        public string $id, public string $email, public string $asked, public string $point, public string $state, public string $href
    ) {}
}
