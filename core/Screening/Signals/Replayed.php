<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Shared;
use Juramen\Screening\SubmissionFacts;

/** One page sent again and again with other answers, lately, from the same truncated network. Whoever goes back and sends once more does so once or twice. */
final readonly class Replayed implements Shared
{
    public function id(): string
    {
        return 'replayed';
    }

    public function says(): string
    {
        return 'Pages that were sent before came again from its network';
    }

    public function weight(): float
    {
        return 1.6;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return $facts->near->grade($facts->near->replayed, 3, 12);
    }
}
