<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Digest;

/** Which bytes an edition froze for one page of its form. */
final readonly class FrozenPage
{
    /** @param  list<Slot>  $slots */
    public function __construct(public Digest $html, public array $slots) {}
}
