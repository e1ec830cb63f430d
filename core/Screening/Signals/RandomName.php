<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** A name that reads as letters struck at random, in a script of which that can be told. */
final readonly class RandomName implements Signal
{
    public function id(): string
    {
        return 'random-name';
    }

    public function says(): string
    {
        return 'The name reads as letters struck at random';
    }

    public function weight(): float
    {
        return 2.2;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return $facts->randomName;
    }
}
