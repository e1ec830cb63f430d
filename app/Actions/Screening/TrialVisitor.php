<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use Juramen\Screening\Nearby;
use Juramen\Screening\SubmissionFacts;

/** As whom a draft is tried. */
enum TrialVisitor: string
{
    case Ordinary = 'ordinary';
    case Doubtful = 'doubtful';
    case Program = 'program';

    public function says(): string
    {
        return match ($this) {
            self::Ordinary => 'as yourself',
            self::Doubtful => 'as somebody doubtful',
            self::Program => 'as a program',
        };
    }

    /** What would be noticed: of oneself as it is, of the others what is invented for the trial. */
    public function facts(SubmissionFacts $own): SubmissionFacts
    {
        return match ($this) {
            self::Ordinary => $own,
            self::Doubtful => new SubmissionFacts(
                $own->trapTouched, $own->seconds, randomAddress: 0.9, randomName: 0.95, puzzle: $own->puzzle, near: new Nearby(network: 24)
            ),
            self::Program => new SubmissionFacts(true, $own->seconds, puzzle: $own->puzzle),
        };
    }
}
