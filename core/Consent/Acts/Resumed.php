<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Consent\EntryKind;

/** A paused form is put on again as it was. */
final readonly class Resumed extends OnTheAir
{
    public function kind(): EntryKind
    {
        return EntryKind::Resumed;
    }
}
