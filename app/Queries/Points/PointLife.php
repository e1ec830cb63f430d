<?php

declare(strict_types=1);

namespace App\Queries\Points;

/** Where a signup point stands in its life. */
enum PointLife: string
{
    /** Never published. */
    case Draft = 'draft';
    /** Handed over to an officer. */
    case InReview = 'in review';
    case InForce = 'in force';
    /** Published; its first day is still to come. */
    case NotYet = 'not open yet';
    case Paused = 'paused';
    /** Its last day is over. */
    case Ended = 'ended';
    /** On another system; it is read and judged here, not published. */
    case Elsewhere = 'elsewhere';
}
