<?php

declare(strict_types=1);

namespace App\Models;

/** What became of a proposal. */
enum Decided: string
{
    case Approved = 'approved';
    case Returned = 'returned';
    /** Taken back by whoever wrote it, or overtaken by a newer one. */
    case Withdrawn = 'withdrawn';
}
