<?php

declare(strict_types=1);

namespace Juramen\Screening\Calibration;

use Juramen\Screening\WeighedSignal;
use Juramen\Screening\Weights;

/** A submission about which a person decided: what was noticed of it, and whether it was spam. */
final readonly class Decided
{
    /** @param  list<WeighedSignal>  $noticed */
    private function __construct(public array $noticed, public bool $spam) {}

    /** @param  string  $stored  as Assessment::stored() gave it */
    public static function of(string $stored, bool $spam): self
    {
        return new self(Weights::ours()->stored($stored), $spam);
    }

    /** @return float how much of a signal was noticed, 0 to 1 */
    public function amount(string $signal): float
    {
        foreach ($this->noticed as $each) {
            if ($each->signal->id() === $signal) {
                return $each->amount;
            }
        }

        return 0.0;
    }
}
