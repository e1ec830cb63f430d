<?php

declare(strict_types=1);

namespace App\Pages\Flow;

use Juramen\Consent\Durations;

/** How long something takes: half of them, nine of ten, and all but one in a hundred. */
final readonly class TimeRow
{
    private function __construct(public string $name, public string $half, public string $most, public string $nearly, public int $of) {}

    public static function of(string $name, Durations $times): self
    {
        return new self(
            $name, self::said($times->quantile(0.5)), self::said($times->quantile(0.9)), self::said($times->quantile(0.99)), $times->count()
        );
    }

    private static function said(?float $seconds): string
    {
        return match (true) {
            $seconds === null => '',
            $seconds < 90 => max(1, (int) round($seconds)).' s',
            $seconds < 5400 => ((int) round($seconds / 60)).' min',
            $seconds < 172800 => round($seconds / 3600, 1).' h',
            default => round($seconds / 86400, 1).' days',
        };
    }
}
