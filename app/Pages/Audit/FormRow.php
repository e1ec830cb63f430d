<?php

declare(strict_types=1);

namespace App\Pages\Audit;

/** A form from elsewhere in their list. */
final readonly class FormRow
{
    public function __construct(
        public string $slug, public string $name, public string $address, public string $copyOf, public string $read, public bool $watched,
        public string $changed, public int $breaches, public int $weaknesses, public int $open
    ) {}
}
