<?php

declare(strict_types=1);

namespace Juramen\Consent\Acts;

use Juramen\Consent\EntryKind;

/** What a person agreed to and had suspended may be used again: a second officer lifted the suspension, with a reason. */
final readonly class Restored extends PartOfSuspension
{
    public function kind(): EntryKind
    {
        return EntryKind::Restored;
    }
}
