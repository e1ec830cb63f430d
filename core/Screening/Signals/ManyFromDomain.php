<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Shared;
use Juramen\Screening\SubmissionFacts;

/** Many addresses of one domain within a day that hardly anybody had before. */
final readonly class ManyFromDomain implements Shared
{
    public function id(): string
    {
        return 'many-from-domain';
    }

    public function says(): string
    {
        return 'Many came with addresses of one rare domain within a day';
    }

    public function weight(): float
    {
        return 0.7;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return $facts->near->grade($facts->near->domain, 8, 30);
    }
}
