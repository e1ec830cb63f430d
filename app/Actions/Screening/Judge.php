<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Queries\Screening\LinesInForce;
use Juramen\Screening\Assessment;
use Juramen\Screening\Lines;
use Juramen\Screening\Screen;
use Juramen\Screening\Signals;
use Juramen\Screening\SubmissionFacts;

/** Judges submissions by the lines in force; they are read once for each request. */
final class Judge
{
    private ?Lines $lines = null;

    public function __construct(private readonly LinesInForce $inForce) {}

    public function assess(SubmissionFacts $facts): Assessment
    {
        return self::by($this->lines ??= $this->inForce->lines())->assess($facts);
    }

    /** By some lines, and what is configured. */
    public static function by(Lines $lines): Screen
    {
        return new Screen($lines, ...Signals::all(
            config()->integer('juramen.screening.least_seconds'), config()->integer('juramen.screening.most_for_address')
        ));
    }
}
