<?php

declare(strict_types=1);

namespace Juramen\Consent;

/** Why a permission is as it is. */
enum Reason: string
{
    case NeverAsked = 'never-asked';
    case AwaitingConfirmation = 'awaiting-confirmation';
    case Agreed = 'agreed';
    case Confirmed = 'confirmed';
    case Lapsed = 'lapsed';
    case Withdrawn = 'withdrawn';
    /** Somebody else had entered the address, as whoever has it says. */
    case NotTheirs = 'not-theirs';
    /** The person mended the address; the right one was asked instead. */
    case AddressCorrected = 'address-corrected';
    /** The mail in which the person was asked came back. */
    case Undeliverable = 'undeliverable';
    /** The form on which it was agreed to was at fault, and an officer suspended what came of it. */
    case Suspended = 'suspended';

    /** Whether the address may be used. */
    public function allows(): bool
    {
        return $this === self::Agreed || $this === self::Confirmed;
    }

    /** Whether something that was asked for came to nothing before it was confirmed. */
    public function cameToNothing(): bool
    {
        return in_array($this, [self::Lapsed, self::NotTheirs, self::AddressCorrected, self::Undeliverable], true);
    }
}
