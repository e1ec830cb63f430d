<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

/** What became of a try to send a mail, and by that whose fault it was. */
enum OutcomeKind
{
    case Accepted;
    /** Certainly not taken, because the server was away or put everybody off; worth many more tries. */
    case NotNow;
    /** Certainly not taken, because of this one mail: it could not be put together, or handed over. Worth a few more tries. */
    case Faulty;
    /** Certainly not taken, and never will be. */
    case Refused;
    /** It may have been taken. */
    case Unknown;
}
