<?php

declare(strict_types=1);

namespace App\Models;

/** Where an enquiry stands. */
enum EnquiryState: string
{
    /** Nobody has taken it yet. */
    case Open = 'open';
    /** Somebody works on it. */
    case Taken = 'taken';
    /** Nothing is left to do; it is deleted some time after that. */
    case Closed = 'closed';
}
