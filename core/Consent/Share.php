<?php

declare(strict_types=1);

namespace Juramen\Consent;

use InvalidArgumentException;

/** So many of so many: a rate with what chance makes of it. */
final readonly class Share
{
    /** @param  int  $of  at least as many as $count; 0 where nobody was asked */
    public function __construct(public int $count, public int $of)
    {
        if ($count < 0 || $of < $count) {
            throw new InvalidArgumentException("$count of $of is no share: give a number from 0 to all of them.");
        }
    }

    /** @return float|null from 0 to 1; null of nobody */
    public function rate(): ?float
    {
        return $this->of === 0 ? null : $this->count / $this->of;
    }

    /**
     * The score interval without continuity correction.
     * Source: Wilson 1927, as in Newcombe, Statistics in Medicine 17 (1998), 857 to 872, method 3
     */
    public function interval(): Interval
    {
        if ($this->of === 0) {
            return new Interval(0.0, 1.0);
        }
        [$n, $p, $z2] = [$this->of, $this->count / $this->of, Interval::Z ** 2];
        $middle = 2 * $this->count + $z2;
        $half = Interval::Z * sqrt($z2 + 4 * $this->count * (1 - $p));
        $whole = 2 * ($n + $z2);

        return new Interval(max(0.0, ($middle - $half) / $whole), min(1.0, ($middle + $half) / $whole));
    }
}
