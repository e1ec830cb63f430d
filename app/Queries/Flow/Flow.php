<?php

declare(strict_types=1);

namespace App\Queries\Flow;

use Juramen\Canon\Day;
use Juramen\Consent\Durations;

/** How sign-ups at a point went, in numbers. Null is what nobody knows. */
final readonly class Flow
{
    /**
     * @param  list<int|null>  $shown  how often each page of the form was, the first first
     * @param  int|null  $sent  and taken, or held
     * @param  list<Ticked>  $ticked  by statement
     * @param  int  $asked  sign-ups that wait, or waited, for a mail's button
     * @param  int  $mailed  of these, whose mail was accepted
     * @param  int  $opened  of these, who opened the page behind its link
     * @param  int  $confirmed  of these
     * @param  int  $lapsed  of these
     * @param  int  $ended  otherwise: not theirs, mended, returned, withdrawn before
     * @param  int  $waiting  of these, still
     * @param  int  $withdrawn  of those who confirmed, within 90 days
     * @param  Durations  $accepting  from asking to the mail's acceptance
     * @param  Day|null  $countedSince  the first day on which it was counted how often the form was shown
     * @param  int  $spam  sign-ups that were found to be a program's: they are in none of these numbers but in how often pages were shown
     * @param  Durations  $confirming  from the mail's acceptance to the button
     */
    public function __construct(
        public array $shown, public ?int $sent, public ?int $held, public array $ticked, public int $asked, public int $mailed, public int $opened,
        public int $confirmed, public int $lapsed, public int $ended, public int $waiting, public int $withdrawn, public Durations $accepting,
        public Durations $confirming, public ?Day $countedSince, public int $spam = 0
    ) {}
}
