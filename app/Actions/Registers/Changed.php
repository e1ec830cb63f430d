<?php

declare(strict_types=1);

namespace App\Actions\Registers;

use App\Models\Revision;
use Juramen\Canon\Conflict;

/** What a change came to. */
final readonly class Changed
{
    /**
     * @param  Revision  $revision  the newest afterwards
     * @param  list<Conflict>  $conflicts  in which what somebody else wrote meanwhile was kept
     */
    public function __construct(public Revision $revision, public array $conflicts) {}
}
