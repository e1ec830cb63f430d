<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

/** What a mail server said to a mail. */
enum OutcomeKind
{
    case Accepted;
    /** Certainly not taken; worth another try. */
    case NotNow;
    /** Certainly not taken, and never will be. */
    case Refused;
    /** It may have been taken. */
    case Unknown;
}
