<?php

declare(strict_types=1);

namespace Juramen\Consent;

/** How long something took, of many. */
final readonly class Durations
{
    private const DAY = 86400;

    /** @var list<int> */
    private array $sorted;

    /** @param  list<int>  $seconds  none below 0 */
    public function __construct(array $seconds)
    {
        sort($seconds);
        $this->sorted = $seconds;
    }

    public function count(): int
    {
        return count($this->sorted);
    }

    /**
     * The time within which a share of them was done, with the line drawn between neighbours.
     *
     * @param  float  $share  from 0 to 1
     * @return float|null seconds; null of none
     *
     * Source: Hyndman and Fan, The American Statistician 50 (1996), 361 to 365, definition 7
     */
    public function quantile(float $share): ?float
    {
        if ($this->sorted === []) {
            return null;
        }
        $at = (count($this->sorted) - 1) * max(0.0, min(1.0, $share));
        $below = (int) floor($at);
        $above = min($below + 1, count($this->sorted) - 1);

        return $this->sorted[$below] + ($at - $below) * ($this->sorted[$above] - $this->sorted[$below]);
    }

    /** How many of them were done within some days. */
    public function within(int $days): Share
    {
        return new Share(count(array_filter($this->sorted, static fn (int $s): bool => $s <= $days * self::DAY)), count($this->sorted));
    }

    /**
     * The fewest whole days within which a share of them was done; null of none.
     *
     * @param  float  $share  from 0 to 1
     */
    public function daysFor(float $share): ?int
    {
        if ($this->sorted === []) {
            return null;
        }
        $needed = (int) ceil($share * count($this->sorted));

        return (int) max(1, ceil($this->sorted[max(0, $needed - 1)] / self::DAY));
    }
}
