<?php

declare(strict_types=1);

namespace App\Pages\Screening;

use Juramen\Screening\Assessment;
use Juramen\Screening\Band;
use Juramen\Screening\Calibration\Compared;
use Juramen\Screening\Lines;
use Juramen\Screening\WeighedSignal;
use Juramen\Screening\Weights;

/** A signal: what it weighs, what it would weigh, and how often it was noticed of what people decided. */
final readonly class WeightRow
{
    /** Pixels of a bar for one unit. */
    private const UNIT = 7.0;

    private function __construct(
        public string $says, public string $before, public string $after, public float $wide, public float $wideAfter, public bool $speaksFor,
        public string $seen, public bool $differs, public string $alone, public string $lately
    ) {}

    /** @param  int  $lately  how often it was noticed in the last days */
    public static function of(Compared $of, Lines $lines, Weights $weights, int $lately): self
    {
        $alone = Assessment::of([new WeighedSignal($of->signal, 1.0, $of->before)], $lines, $weights);

        return new self(
            $of->signal->says(), self::number($of->before), self::number($of->after), round(abs($of->before) * self::UNIT, 1),
            round(abs($of->after) * self::UNIT, 1), $of->signal->weight() < 0,
            $of->spam + $of->ham === 0 ? 'not noticed' : "$of->spam refused, $of->ham accepted", abs($of->before - $of->after) >= 0.05,
            $of->before < 0 ? 'speaks for a person' : "alone {$alone->risk} %: ".match ($alone->band) {
                Band::Refuse => 'refuses',
                Band::Hold => 'holds',
                Band::Puzzle => 'puts a puzzle',
                Band::Pass => 'changes nothing',
            }, number_format($lately)
        );
    }

    public static function number(float $weight): string
    {
        return str_replace('-', '−', sprintf('%+.1f', $weight));
    }
}
