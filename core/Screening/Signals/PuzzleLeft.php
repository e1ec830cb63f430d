<?php

declare(strict_types=1);

namespace Juramen\Screening\Signals;

use Juramen\Screening\Puzzled;
use Juramen\Screening\Signal;
use Juramen\Screening\SubmissionFacts;

/** The page had a puzzle or a question, and neither was solved. */
final readonly class PuzzleLeft implements Signal
{
    public function id(): string
    {
        return 'puzzle-left';
    }

    public function says(): string
    {
        return 'The puzzle was left unsolved';
    }

    public function weight(): float
    {
        return 2.5;
    }

    public function amount(SubmissionFacts $facts): float
    {
        return (float) ($facts->puzzle === Puzzled::Left);
    }
}
