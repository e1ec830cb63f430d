<?php

declare(strict_types=1);

namespace Juramen\Wording;

/** A link within wording. */
final readonly class MarkupLink
{
    public function __construct(public string $words, public string $href) {}
}
