<?php

declare(strict_types=1);

namespace App\Queries\Evidence;

use Juramen\Consent\JourneyState;

/** What the office calls the states of a sign-up. */
enum SignupState: string
{
    case Waiting = 'waiting';
    case Confirmed = 'confirmed';
    case Lapsed = 'lapsed';
    case Withdrawn = 'withdrawn';

    public static function of(JourneyState $state): self
    {
        return match ($state) {
            JourneyState::Asked, JourneyState::Mailed => self::Waiting,
            JourneyState::Confirmed => self::Confirmed,
            JourneyState::Lapsed => self::Lapsed,
            JourneyState::Withdrawn => self::Withdrawn,
        };
    }

    /** @return list<JourneyState> */
    public function journeys(): array
    {
        return array_values(array_filter(JourneyState::cases(), fn (JourneyState $s): bool => self::of($s) === $this));
    }

    /** What stands in place of an address that is in no list. */
    public function withoutAddress(): string
    {
        return in_array($this, [self::Lapsed, self::Withdrawn], true) ? 'details deleted' : 'kept as proof only';
    }
}
