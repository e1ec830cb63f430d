<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Models\User;

/** Where an account stands. */
enum ColleagueState: string
{
    case Working = 'working';
    case Invited = 'invited';
    case Ended = 'ended';

    public static function of(User $user): self
    {
        return match (true) {
            $user->hasEnded() => self::Ended,
            $user->isInvited() => self::Invited,
            default => self::Working,
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Working => 'works here',
            self::Invited => 'invited',
            self::Ended => 'ended',
        };
    }
}
