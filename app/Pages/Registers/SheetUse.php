<?php

declare(strict_types=1);

namespace App\Pages\Registers;

/** A sheet on which a statement stands. */
final readonly class SheetUse
{
    /** @param  string  $lacks  languages that the sheet offers and the statement is not written in */
    public function __construct(public string $name, public string $link, public string $lacks) {}
}
