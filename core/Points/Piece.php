<?php

declare(strict_types=1);

namespace Juramen\Points;

/** HTML to be put in at a slot, already escaped. */
final readonly class Piece
{
    public function __construct(public string $slot, public string $html) {}
}
