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
    /** Whoever has the inbox said that it was not theirs. */
    case NotTheirs = 'not theirs';
    /** The address was mended; the right one has a sign-up of its own. */
    case Corrected = 'address mended';
    case Undeliverable = 'undeliverable';
    /** By screening; a person decides. It is no sign-up yet. */
    case Held = 'held';

    public static function of(JourneyState $state): self
    {
        return match ($state) {
            JourneyState::Asked, JourneyState::Mailed => self::Waiting,
            JourneyState::Confirmed => self::Confirmed,
            JourneyState::Lapsed => self::Lapsed,
            JourneyState::Withdrawn, JourneyState::Revoked => self::Withdrawn,
            JourneyState::NotTheirs => self::NotTheirs,
            JourneyState::Corrected => self::Corrected,
            JourneyState::Undeliverable => self::Undeliverable,
        };
    }

    /** @return list<self> those of sign-ups */
    public static function ofSignups(): array
    {
        return [self::Waiting, self::Confirmed, self::Lapsed, self::Withdrawn, self::NotTheirs, self::Corrected, self::Undeliverable];
    }

    /** @return list<self> those of people who asked: whoever mended an address asked once */
    public static function asked(): array
    {
        return array_values(array_filter(self::ofSignups(), static fn (self $f): bool => $f !== self::Corrected));
    }

    /** @return list<JourneyState> */
    public function journeys(): array
    {
        return array_values(array_filter(JourneyState::cases(), fn (JourneyState $s): bool => self::of($s) === $this));
    }

    /** What stands in place of an address that is in no list. */
    public function withoutAddress(): string
    {
        return in_array($this, [self::Waiting, self::Confirmed], true) ? 'kept as proof only' : 'details deleted';
    }
}
