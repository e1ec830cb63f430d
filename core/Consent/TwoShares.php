<?php

declare(strict_types=1);

namespace Juramen\Consent;

use InvalidArgumentException;

/** Two rates beside each other, of people who were allotted to either by chance at the same time. */
final readonly class TwoShares
{
    /** Of the normal distribution: one-sided 80 %, the power with which a difference is to be found. */
    private const POWER = 0.8416212335729143;

    public function __construct(public Share $first, public Share $second) {}

    /** The first less the second; null where nobody was asked on one side. */
    public function difference(): ?float
    {
        [$a, $b] = [$this->first->rate(), $this->second->rate()];

        return $a === null || $b === null ? null : $a - $b;
    }

    /**
     * The difference with what chance makes of it, from both score intervals.
     * Source: Newcombe, Statistics in Medicine 17 (1998), 873 to 890, method 10
     */
    public function interval(): Interval
    {
        $difference = $this->difference();
        if ($difference === null) {
            return new Interval(-1.0, 1.0);
        }
        [$a, $b, $of] = [$this->first->interval(), $this->second->interval(), static fn (Share $s): float => $s->rate() ?? 0.0];
        [$p, $q] = [$of($this->first), $of($this->second)];

        return new Interval(
            $difference - sqrt(($p - $a->from) ** 2 + ($b->to - $q) ** 2), $difference + sqrt(($a->to - $p) ** 2 + ($q - $b->from) ** 2)
        );
    }

    /** Whether the one is better than chance would have it. */
    public function isMoreThanChance(): bool
    {
        return ! $this->interval()->has(0.0);
    }

    /**
     * How many people each side needs, so that such a difference is found four times out of five.
     *
     * @param  float  $base  the rate that is known, above 0 and below 1
     * @param  float  $other  the one that is to be told from it
     *
     * @throws InvalidArgumentException where the two are the same, or no rates
     *
     * Source: the usual formula for two proportions, such as Pocock, Clinical Trials (1983), chapter 9
     */
    public static function needed(float $base, float $other, float $power = self::POWER): int
    {
        if ($base <= 0 || $base >= 1 || $other <= 0 || $other >= 1 || $base === $other) {
            throw new InvalidArgumentException('Give two different rates above 0 and below 1.');
        }

        return (int) ceil((Interval::Z + $power) ** 2 * ($base * (1 - $base) + $other * (1 - $other)) / ($base - $other) ** 2);
    }
}
