<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Consent\EntryKind;

/** A form is taken off the air. */
final readonly class Paused extends OnTheAir
{
    public function kind(): EntryKind
    {
        return EntryKind::Paused;
    }
}
