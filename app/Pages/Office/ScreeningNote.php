<?php

declare(strict_types=1);

namespace App\Pages\Office;

use App\Queries\Office\CountAssessed;
use Juramen\Screening\Assessment;
use Juramen\Screening\Band;
use Juramen\Screening\Lines;
use Juramen\Screening\Signal;
use Juramen\Screening\Signals;
use Juramen\Screening\WeighedSignal;
use Juramen\Screening\Weights;

/** Something that screening looks at: what follows from it alone, and how often it was noticed lately. */
final readonly class ScreeningNote
{
    private function __construct(public string $says, public string $follows, public string $count) {}

    /** @return list<self> */
    public static function all(CountAssessed $counts): array
    {
        return array_map(static function (Signal $signal) use ($counts): self {
            $alone = Assessment::of([new WeighedSignal($signal, 1.0, $signal->weight())], Weights::BASE, Lines::ours());

            return new self($signal->says(), match ($alone->band) {
                Band::Refuse => "By itself it refuses: a risk of $alone->risk %.",
                Band::Hold => "By itself it holds: a risk of $alone->risk %.",
                Band::Puzzle => "By itself it asks once more: a risk of $alone->risk %.",
                Band::Pass => $signal->weight() < 0 ? 'It speaks for a person.' : "By itself it changes nothing: a risk of $alone->risk %.",
            }, number_format($counts->of($signal)));
        }, Signals::all());
    }

    /** What became of all submissions lately, in a sentence. */
    public static function sum(CountAssessed $counts): string
    {
        $said = static fn (Band $band, string $what): string => number_format($counts->of($band)).' '.($counts->of($band) === 1 ? 'was' : 'were')." $what";

        return sprintf(
            'In %d days %s, %s, and %s.', CountAssessed::DAYS, $said(Band::Pass, 'let through'), $said(Band::Puzzle, 'asked to send once more'),
            $said(Band::Hold, 'held')
        );
    }
}
