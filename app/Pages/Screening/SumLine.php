<?php

declare(strict_types=1);

namespace App\Pages\Screening;

use Juramen\Screening\Assessment;
use Juramen\Screening\WeighedSignal;

/** A part of the sum that makes a risk. */
final readonly class SumLine
{
    /** Pixels of a bar for one unit, and at most. */
    private const UNIT = 9.0;

    private const MOST = 90.0;

    /** @param  float  $wide  of its bar, in pixels */
    private function __construct(public string $says, public string $part, public float $wide, public bool $speaksFor) {}

    /** @return non-empty-list<self> the heaviest first, and last what everybody starts with */
    public static function all(Assessment $of): array
    {
        return [
            ...array_map(static fn (WeighedSignal $s): self => self::of($s->signal->says(), $s->part()), $of->signals),
            self::of('Start, for everybody', $of->base),
        ];
    }

    private static function of(string $says, float $part): self
    {
        return new self($says, WeightRow::number($part), round(min(self::MOST, abs($part) * self::UNIT), 1), $part < 0);
    }
}
