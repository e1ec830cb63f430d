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
     */
    public function __construct(public Trial $trial, public int $open, public int $since) {}
}
