<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Mark;
use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** A copy of a form, or a program that never saw one. Old copies on pages of the house are sent by people. */
final readonly class MarkMissing implements Signal
{
    public function id(): string
    {
        return 'mark-missing';
    }

    public function says(): string
    {
        return 'Sent from a page that was not served by us';
    }

    public function weight(): float
    {
        return 1.0;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return (float) ($facts->mark === Mark::Missing);
    }
}
