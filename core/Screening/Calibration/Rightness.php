<?php

declare(strict_types=1);

namespace Juramen\Screening\Calibration;

use Juramen\Screening\WeighedSignal;
use Juramen\Screening\Weights;

/** How right weights are about what people decided. */
final readonly class Rightness
{
    /**
     * @param  int  $right  for how many the likelier kind was the right one
     * @param  int  $of  all of them
     * @param  float  $surprise  mean logarithmic loss, in nats; less is better, and 0.69 is a coin
     */
    private function __construct(public int $right, public int $of, public float $surprise) {}

    /**
     * @param  list<Decided>  $decided  at least one
     * @param  callable(int): Weights  $weights  by which the decision of that number is judged
     */
    public static function of(array $decided, callable $weights): self
    {
        [$right, $loss] = [0, 0.0];
        foreach ($decided as $i => $each) {
            $by = $weights($i);
            $sum = $by->base + array_sum(array_map(static fn (WeighedSignal $s): float => $s->amount * $by->of($s->signal), $each->noticed));
            $chance = min(1 - 1e-6, max(1e-6, 1 / (1 + exp(-$sum))));
            $right += (int) (($chance > 0.5) === $each->spam);
            $loss -= log($each->spam ? $chance : 1 - $chance);
        }

        return new self($right, count($decided), $loss / max(1, count($decided)));
    }
}
