<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** A link or markup where a name belongs. */
final readonly class LinkInName implements Signal
{
    public function id(): string
    {
        return 'link-in-name';
    }

    public function says(): string
    {
        return 'A name holds a link or markup';
    }

    public function weight(): float
    {
        return 2.9;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return (float) $facts->linkInName;
    }
}
