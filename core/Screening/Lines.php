<?php

declare(strict_types=1);

namespace Juramen\Screening;

use InvalidArgumentException;

/** From which risk on, in percent, a puzzle is put, a submission is held, and its consents are refused. */
final readonly class Lines
{
    /**
     * @param  int  $puzzle  1 to 101; 101 is never
     * @param  int  $hold  at least as much
     * @param  int  $refuse  at least as much
     */
    public function __construct(public int $puzzle, public int $hold, public int $refuse)
    {
        if ($puzzle < 1 || $hold < $puzzle || $refuse < $hold || $refuse > 101) {
            throw new InvalidArgumentException("Lines at $puzzle, $hold and $refuse % do not stand in order: give puzzle, hold and refuse from 1 to 101, rising.");
        }
    }

    /** Those that follow from our costs. */
    public static function ours(): self
    {
        return (new Costs)->lines();
    }

    /** While more comes in than is let through: the puzzle is put to everybody. */
    public function inFlood(): self
    {
        return new self(1, $this->hold, $this->refuse);
    }

    /**
     * @param  int  $risk  in percent
     * @param  bool  $solved  whether the puzzle was solved: it is not put again, and whoever is still likelier a bot than not is held
     */
    public function band(int $risk, bool $solved = false): Band
    {
        return match (true) {
            $risk >= $this->refuse => Band::Refuse,
            $risk >= $this->hold => Band::Hold,
            $risk >= $this->puzzle && $solved => $risk >= 50 ? Band::Hold : Band::Pass,
            $risk >= $this->puzzle => Band::Puzzle,
            default => Band::Pass,
        };
    }
}
