<?php

declare(strict_types=1);

namespace Juramen\Screening\Calibration;

use Juramen\Screening\Signal;
use Juramen\Screening\Signals;
use Juramen\Screening\Weights;

/** What a signal weighs now and would weigh, and among how many of what was decided it was noticed. */
final readonly class Compared
{
    private function __construct(public Signal $signal, public float $before, public float $after, public int $spam, public int $ham) {}

    /**
     * @param  list<Decided>  $decided
     * @return list<self> each signal, in the order in which screening looks at them
     */
    public static function all(array $decided, Weights $before, Weights $after): array
    {
        $seen = static fn (Signal $of, bool $spam): int => count(array_filter(
            $decided, static fn (Decided $d): bool => $d->spam === $spam && $d->amount($of->id()) > 0
        ));

        return array_map(
            static fn (Signal $s): self => new self($s, $before->of($s), $after->of($s), $seen($s, true), $seen($s, false)), Signals::all()
        );
    }
}
