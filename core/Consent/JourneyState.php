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
    /** Whoever has the inbox said that somebody else had entered it. */
    case NotTheirs = 'not-theirs';
    /** The person mended the address before confirming; the right one has a sign-up of its own. */
    case Corrected = 'corrected';
    /** The mail was refused for its address, or came back. */
    case Undeliverable = 'undeliverable';

    public function hasEnded(): bool
    {
        return match ($this) {
            self::Asked, self::Mailed => false,
            self::Confirmed, self::Lapsed, self::Withdrawn, self::Revoked, self::NotTheirs, self::Corrected, self::Undeliverable => true,
        };
    }
}
