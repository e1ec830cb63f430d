<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Puzzled;
use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** The browser solved the puzzle, or the person answered the question: it speaks for them. */
final readonly class PuzzleSolved implements Signal
{
    public function id(): string
    {
        return 'puzzle-solved';
    }

    public function says(): string
    {
        return 'The puzzle was solved';
    }

    public function weight(): float
    {
        return -2.0;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return (float) ($facts->puzzle === Puzzled::Solved);
    }
}
