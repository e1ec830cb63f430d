<?php

declare(strict_types=1);

namespace App\Support;

use Juramen\Canon\Day;
use Juramen\Points\PointEdition;

/** Whether a published form takes anything just now. */
enum OnTheAir: string
{
    case Open = 'open';
    case Paused = 'paused';
    /** Its first day is still to come. */
    case NotYet = 'not-yet';
    /** Its last day is over. */
    case Ended = 'ended';

    public static function of(PointEdition $edition, bool $paused, Day $today): self
    {
        $opening = $edition->sheet->draft->opening;

        return match (true) {
            $opening->isBefore($today) => self::Ended,
            $paused => self::Paused,
            $opening->isAfter($today) => self::NotYet,
            default => self::Open,
        };
    }

    /** The HTTP status with which its page says so. */
    public function status(): int
    {
        return match ($this) {
            self::Open => 200,
            self::Paused => 503,
            self::NotYet => 404,
            self::Ended => 410,
        };
    }
}
