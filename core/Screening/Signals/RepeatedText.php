<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** The very same words, from other addresses, within a week. */
final readonly class RepeatedText implements Signal
{
    public function id(): string
    {
        return 'repeated-text';
    }

    public function says(): string
    {
        return 'The same words came before, at this point or another';
    }

    public function weight(): float
    {
        return 3.3;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return $facts->near->grade($facts->near->text, 1, 4);
    }
}
