<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** A request without what every browser sends with a form, or with what none does (ours, from the Fetch standard and RFC 9110). */
final readonly class ImpossibleHeaders implements Signal
{
    public function id(): string
    {
        return 'impossible-headers';
    }

    public function says(): string
    {
        return 'Its headers are such as no browser sends';
    }

    public function weight(): float
    {
        return 1.8;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return min(1.0, $facts->impossible / 2);
    }
}
