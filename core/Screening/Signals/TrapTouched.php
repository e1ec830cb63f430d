<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** The trap: a field that people do not see. */
final readonly class TrapTouched implements Signal
{
    public function id(): string
    {
        return 'trap-touched';
    }

    public function says(): string
    {
        return 'The field that people do not see was filled in';
    }

    public function weight(): float
    {
        return 8.0;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return (float) $facts->trapTouched;
    }
}
