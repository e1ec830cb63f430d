<?php

declare(strict_types=1);

namespace App\Queries\Desk;

/** What became of a sign-up, as the desk counts it. */
enum SignupFate: string
{
    case Confirmed = 'confirmed';
    case Waiting = 'waiting';
    case Lapsed = 'lapsed';
    case Withdrawn = 'withdrawn';
    /** By screening; a person decides. */
    case Held = 'held';
}
