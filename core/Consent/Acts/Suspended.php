<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Consent\EntryKind;

/** What a person agreed to is not used any more, since the form on which it was asked was at fault. The person may agree anew, or withdraw. */
final readonly class Suspended extends PartOfSuspension
{
    public function kind(): EntryKind
    {
        return EntryKind::Suspended;
    }
}
