<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\MacRing;

/**
 * The secret part of a link to a gift: which edition gives it, and until when. It names no person, so that it works on whatever becomes of the
 * sign-up: withdrawing takes nothing back.
 */
final readonly class GiftLink
{
    private const PURPOSE = 'gift';

    /** @param  Day  $until  the last day on which it works */
    public function __construct(public Digest $edition, public Day $until) {}

    public function token(MacRing $keys): string
    {
        return $keys->seal(self::PURPOSE, $this->edition->bytes.$this->until->text);
    }

    /** What a token says; null where it was not made here for this. */
    public static function open(string $token, MacRing $keys): ?self
    {
        $payload = $keys->open(self::PURPOSE, $token);
        $day = $payload === null ? null : Day::tryParse(substr($payload, 32));

        return $payload === null || $day === null ? null : new self(Digest::fromBytes(substr($payload, 0, 32)), $day);
    }

    public function worksOn(Day $today): bool
    {
        return ! $today->isAfter($this->until);
    }
}
