<?php

declare(strict_types=1);

namespace App\Support;

use Juramen\Canon\Instant;
use Juramen\Canon\MacRing;

/** A private address at which a point's draft can be tried by whoever has it, for some days. */
final class TrialLink
{
    private const PURPOSE = 'trial';

    private const DAYS = 7;

    public static function to(int $point, Instant $now, MacRing $keys): string
    {
        return $keys->sealFolded(self::PURPOSE, pack('JJ', $point, $now->plusDays(self::DAYS)->utc->getTimestamp()));
    }

    /** @return int|null id of the point; null where it is none of ours, or its days are over */
    public static function open(string $token, Instant $now, MacRing $keys): ?int
    {
        $payload = $keys->openFolded(self::PURPOSE, $token);
        if ($payload === null || strlen($payload) !== 16) {
            return null;
        }
        /** @var array{1: int, 2: int} $numbers */
        $numbers = unpack('J2', $payload);

        return $numbers[2] > $now->utc->getTimestamp() ? $numbers[1] : null;
    }
}
