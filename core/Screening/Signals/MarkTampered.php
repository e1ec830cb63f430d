<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Mark;
use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** What our page carried came back as nothing that we seal: no browser does that by itself. */
final readonly class MarkTampered implements Signal
{
    public function id(): string
    {
        return 'mark-tampered';
    }

    public function says(): string
    {
        return 'The mark of its page was altered';
    }

    public function weight(): float
    {
        return 4.5;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return (float) ($facts->mark === Mark::Tampered);
    }
}
