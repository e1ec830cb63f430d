<?php

declare(strict_types=1);

namespace Juramen\Consent;

/** Where a sign-up stands on its way to consent. */
enum JourneyState: string
{
    /** The person has sent the form; the mail is not yet known to be accepted. */
    case Asked = 'asked';
    /** A mail server has taken the confirmation mail. */
    case Mailed = 'mailed';
    case Confirmed = 'confirmed';
    /** Not confirmed in time; the personal values are gone. */
    case Lapsed = 'lapsed';
    /** Withdrawn before it was confirmed. */
    case Withdrawn = 'withdrawn';
    /** Confirmed, and withdrawn later: nothing that it gave is permitted any more. */
    case Revoked = 'revoked';

    public function hasEnded(): bool
    {
        return match ($this) {
            self::Asked, self::Mailed => false,
            self::Confirmed, self::Lapsed, self::Withdrawn, self::Revoked => true,
        };
    }
}
