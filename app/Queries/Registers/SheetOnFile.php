<?php

declare(strict_types=1);

namespace App\Queries\Registers;

use Juramen\Canon\Id;
use Juramen\Points\SheetDraft;

/** A sheet as it is drafted now. */
final readonly class SheetOnFile
{
    /**
     * @param  string  $slug  of its point
     * @param  Id|null  $subject  of its point's chain, which never changes; null while the point is being begun
     */
    public function __construct(public string $slug, public SheetDraft $draft, public ?Id $subject) {}
}
