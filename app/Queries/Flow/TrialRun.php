<?php

declare(strict_types=1);

namespace App\Queries\Flow;

use Juramen\Consent\Trial;

/** Two versions that chance allotted, as far as the editions hold in which both had these very words. */
final readonly class TrialRun
{
    /**
     * @param  int  $open  sign-ups whose time is not over yet, and which are not counted
     * @param  int  $since  number of the first edition that had them
     * @param  bool  $isKnown  whether of everybody who sent it it was counted that it was shown; else nothing can be compared
     */
    public function __construct(public Trial $trial, public int $open, public int $since, public bool $isKnown = true) {}
}
