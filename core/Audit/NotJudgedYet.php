<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** A duty that belongs to the catalogue and is not judged: what would have to be on record for it is not. */
final readonly class NotJudgedYet
{
    /** @param  string  $lacks  why nothing can be said of it */
    public function __construct(public string $id, public string $title, public Source $source, public string $lacks) {}
}
