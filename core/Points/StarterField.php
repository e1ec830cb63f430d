<?php

declare(strict_types=1);

namespace Juramen\Points;

/** A field that a starter asks for; its label is its kind's own. */
final readonly class StarterField
{
    /** @param  string  $reason  why it is asked, for the officer */
    public function __construct(public string $kind, public bool $required, public string $reason) {}
}
