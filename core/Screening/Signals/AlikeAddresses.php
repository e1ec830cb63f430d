<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Shared;
use Juramen\Screening\SubmissionFacts;

/** Many addresses within a day that are letters and digits in the same order at the same domain. */
final readonly class AlikeAddresses implements Shared
{
    public function id(): string
    {
        return 'alike-addresses';
    }

    public function says(): string
    {
        return 'Many came with addresses of one pattern within a day';
    }

    public function weight(): float
    {
        return 1.1;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return $facts->near->grade($facts->near->pattern, 4, 15);
    }
}
