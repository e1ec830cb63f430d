<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** People leave out what they may leave out; programs fill in whatever there is. */
final readonly class AllOptional implements Signal
{
    public function id(): string
    {
        return 'all-optional';
    }

    public function says(): string
    {
        return 'Every field that could be left empty is filled in';
    }

    public function weight(): float
    {
        return 0.5;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return (float) $facts->allOptional;
    }
}
