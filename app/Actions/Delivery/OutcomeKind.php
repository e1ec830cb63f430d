<?php

declare(strict_types=1);

namespace App\Actions\Delivery;

/** What became of a try to deliver something, and by that whose fault it was. */
enum OutcomeKind
{
    case Accepted;
    /** Certainly not taken, because the other side was away or put everybody off; worth many more tries. */
    case NotNow;
    /** Certainly not taken, because of this one delivery: it could not be put together, or handed over. Worth a few more tries. */
    case Faulty;
    /** Certainly not taken, and never will be. */
    case Refused;
    /** It may have been taken. */
    case Unknown;

    /** @return int how many tries it is worth in all */
    public function tries(): int
    {
        return match ($this) {
            // Over about two days.
            self::NotNow => 100,
            self::Faulty => 4,
            self::Accepted, self::Refused, self::Unknown => 0,
        };
    }
}
