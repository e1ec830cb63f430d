<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** Three links or more in what somebody wrote. */
final readonly class ManyLinks implements Signal
{
    public function id(): string
    {
        return 'many-links';
    }

    public function says(): string
    {
        return 'The words hold several links';
    }

    public function weight(): float
    {
        return 1.5;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return min(1.0, max(0.0, ($facts->links - 1) / 3));
    }
}
