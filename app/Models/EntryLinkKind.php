<?php

declare(strict_types=1);

namespace App\Models;

/** Why somebody gets a link under which a password is set. */
enum EntryLinkKind: string
{
    /** To work here from now on. */
    case Invitation = 'invitation';
    /** The password is forgotten. */
    case Password = 'password';

    /** How long the link holds. */
    public function hours(): int
    {
        return match ($this) {
            self::Invitation => 7 * 24,
            self::Password => 1,
        };
    }

    public function delivery(): DeliveryKind
    {
        return match ($this) {
            self::Invitation => DeliveryKind::Invitation,
            self::Password => DeliveryKind::Password,
        };
    }
}
