<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** A domain whose addresses anybody can read and nobody keeps. Domains that only pass mail on are none. */
final readonly class ThrowAwayDomain implements Signal
{
    public function id(): string
    {
        return 'throw-away-domain';
    }

    public function says(): string
    {
        return 'The address is one to throw away';
    }

    public function weight(): float
    {
        return 2.0;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return (float) $facts->throwAway;
    }
}
