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

    /** Whether the address may be used. */
    public function allows(): bool
    {
        return $this === self::Agreed || $this === self::Confirmed;
    }
}
