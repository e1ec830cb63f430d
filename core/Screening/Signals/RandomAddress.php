<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** The part before the @ reads as letters struck at random; many good addresses do, so it counts little by itself. */
final readonly class RandomAddress implements Signal
{
    public function id(): string
    {
        return 'random-address';
    }

    public function says(): string
    {
        return 'The address reads as letters struck at random';
    }

    public function weight(): float
    {
        return 1.4;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return $facts->randomAddress;
    }
}
