<?php

declare(strict_types=1);

namespace Juramen\Screening;

use InvalidArgumentException;

/** What mistakes cost, in one measure; only their ratios count. */
final readonly class Costs
{
    /** Of people who are put a puzzle, how many give up (ours to start with). */
    private const GIVE_UP = 0.02;

    /** Of what a lost person costs: an officer's look at one that is held (ours to start with). */
    private const LOOK = 0.0125;

    /**
     * @param  float  $lost  a person who is turned away
     * @param  float  $bot  a bot on the list
     */
    public function __construct(public float $lost = 4.0, public float $bot = 0.35)
    {
        if ($lost <= 0 || $bot <= 0 || $lost > 1_000_000 || $bot > 1_000_000) {
            throw new InvalidArgumentException('What a mistake costs is more than nothing, and at most 1,000,000.');
        }
    }

    /**
     * Where each line costs least. A puzzle costs those who give up; holding costs a person who waits, and risks losing them; refusing loses
     * them for good, and saves no more than an officer's look. Source: decision theory, act where the expected cost of acting is the smaller.
     */
    public function lines(): Lines
    {
        $from = static fn (float $acting, float $letting): int => (int) ceil(100 * $acting / ($acting + $letting));
        $hold = $from($this->lost, $this->bot);
        $puzzle = min($hold, $from($this->lost * self::GIVE_UP, $this->bot));

        return new Lines($puzzle, $hold, max($hold, (int) ceil(100 * (1 - self::LOOK))));
    }
}
