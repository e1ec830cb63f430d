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

/** Something that screening looks at: what follows from it alone, and how often it was noticed lately. */
final readonly class ScreeningNote
{
    private function __construct(public string $says, public string $follows, public string $count) {}

    /** @return list<self> */
    public static function all(CountAssessed $counts, Lines $lines): array
    {
        return array_map(static function (Signal $signal) use ($counts, $lines): self {
            $alone = Assessment::of([new WeighedSignal($signal, 1.0, $signal->weight())], $lines);

            return new self($signal->says(), match ($alone->band) {
                Band::Refuse => "By itself it refuses: a risk of $alone->risk %.",
                Band::Hold => "By itself it holds: a risk of $alone->risk %.",
                Band::Puzzle => "By itself it puts a puzzle: a risk of $alone->risk %.",
                Band::Pass => $signal->weight() < 0 ? 'It speaks for a person.' : "By itself it changes nothing: a risk of $alone->risk %.",
            }, number_format($counts->of($signal)));
        }, Signals::all());
    }

    /** What became of all submissions lately, in a sentence. */
    public static function sum(CountAssessed $counts): string
    {
        $said = static fn (int $count, string $what): string => number_format($count).' '.($count === 1 ? 'was' : 'were')." $what";

        return sprintf(
            'In %d days %s, %s, and %s.', CountAssessed::DAYS, $said($counts->of(Band::Pass) + $counts->of(Band::Puzzle), 'let through'),
            $said($counts->of(Band::Hold), 'held'), $said($counts->of(Band::Refuse), 'refused')
        );
    }
}
