<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Shared;
use Juramen\Screening\SubmissionFacts;

/** Many from one truncated network within an hour. A ship or a kiosk shares one, so it never tips by itself. */
final readonly class ManyFromNetwork implements Shared
{
    public function id(): string
    {
        return 'many-from-network';
    }

    public function says(): string
    {
        return 'Many came from one network within an hour';
    }

    public function weight(): float
    {
        return 1.2;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return $facts->near->grade($facts->near->network, 10, 40);
    }
}
