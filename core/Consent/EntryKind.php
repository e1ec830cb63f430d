<?php

declare(strict_types=1);

namespace Juramen\Consent;

/** What an entry of the ledger records. */
enum EntryKind: string
{
    case Given = 'given';
    case ConfirmationSent = 'confirmation-sent';
    case Confirmed = 'confirmed';
    case Lapsed = 'lapsed';
    case Withdrawn = 'withdrawn';
    /** Personal values of earlier entries were deleted. */
    case Erased = 'erased';
    case Published = 'published';
    case Paused = 'paused';
    case Resumed = 'resumed';
    case Excepted = 'excepted';
    case Approved = 'approved';
    case Retired = 'retired';
    case KeyRotated = 'key-rotated';

    /** Whether it concerns a person's consent; the others are acts of officers. */
    public function isPersons(): bool
    {
        return ! in_array($this, [self::Published, self::Paused, self::Resumed, self::Excepted, self::Approved, self::Retired, self::KeyRotated], true);
    }
}
