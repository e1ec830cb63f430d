<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Queries\Screening\Floods;
use App\Queries\Screening\LinesInForce;
use App\Queries\Screening\WeightsInForce;
use Juramen\Canon\Slug;
use Juramen\Screening\Assessment;
use Juramen\Screening\Lines;
use Juramen\Screening\Screen;
use Juramen\Screening\Signals;
use Juramen\Screening\SubmissionFacts;
use Juramen\Screening\Weights;

/** Judges submissions by the lines and weights in force at their point. */
final class Judge
{
    public function __construct(private readonly LinesInForce $lines, private readonly WeightsInForce $weights, private readonly Floods $floods) {}

    public function assess(SubmissionFacts $facts, Slug $point): Assessment
    {
        $lines = $this->lines->at($point)->lines;

        // In a flood the puzzle is put to everybody.
        return self::by($this->floods->raises($point->text) ? $lines->inFlood() : $lines, $this->weights->weights())->assess($facts);
    }

    /** By some lines and weights, and what is configured. */
    public static function by(Lines $lines, Weights $weights): Screen
    {
        return new Screen($lines, $weights, ...Signals::all(
            config()->integer('juramen.screening.least_seconds'), config()->integer('juramen.screening.most_for_address')
        ));
    }
}
