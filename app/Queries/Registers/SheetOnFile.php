<?php

declare(strict_types=1);

namespace App\Queries\Registers;

use Juramen\Points\SheetDraft;

/** A sheet as it is drafted now. */
final readonly class SheetOnFile
{
    /** @param  string  $slug  of its point */
    public function __construct(public string $slug, public SheetDraft $draft) {}
}
