<?php

declare(strict_types=1);

namespace App\Queries\Desk;

use Juramen\Consent\JourneyState;

/** What became of a sign-up, as the office says it. */
enum SignupFate: string
{
    case Confirmed = 'confirmed';
    case Waiting = 'waiting';
    case Lapsed = 'lapsed';
    case Withdrawn = 'withdrawn';
    /** By screening; a person decides. It is no sign-up yet. */
    case Held = 'held';

    public static function of(JourneyState $state): self
    {
        return match ($state) {
            JourneyState::Asked, JourneyState::Mailed => self::Waiting,
            JourneyState::Confirmed => self::Confirmed,
            JourneyState::Lapsed => self::Lapsed,
            JourneyState::Withdrawn, JourneyState::Revoked => self::Withdrawn,
        };
    }

    /** @return list<self> those of sign-ups */
    public static function ofSignups(): array
    {
        return [self::Waiting, self::Confirmed, self::Lapsed, self::Withdrawn];
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
