<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Puzzled;
use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** Sent sooner after the page was served than anybody types (common practice: two to three seconds). Whoever solved the puzzle since is not. */
final readonly class TooFast implements Signal
{
    /** @param  int  $least  seconds that anybody needs */
    public function __construct(private int $least = 2) {}

    public function id(): string
    {
        return 'too-fast';
    }

    public function says(): string
    {
        return 'Sent faster than anybody types';
    }

    public function weight(): float
    {
        return 4.0;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return (float) ($facts->seconds !== null && $facts->seconds < $this->least && $facts->puzzle !== Puzzled::Solved);
    }
}
