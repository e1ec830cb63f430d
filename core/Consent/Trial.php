<?php

declare(strict_types=1);

namespace Juramen\Consent;

/** Two wordings beside each other, allotted by chance at the same time. */
final readonly class Trial
{
    /** The difference that is worth finding where nobody says another: ten in a hundred. */
    public const WORTH = 0.10;

    /** People on each side below which nothing is decided: whoever looks every day finds a difference by chance sooner or later. */
    public const LEAST = 50;

    public function __construct(public TrialSide $first, public TrialSide $second) {}

    public function confirming(): TwoShares
    {
        return new TwoShares($this->first->confirms(), $this->second->confirms());
    }

    /**
     * Which of them is better: more confirm, by more than chance, and not fewer stay. Whoever is pushed into confirming and withdraws does not
     * make it win.
     */
    public function better(): ?TrialSide
    {
        $difference = $this->confirming()->difference();
        if ($difference === null || $this->isEarly() || ! $this->confirming()->isMoreThanChance()) {
            return null;
        }
        $staying = (new TwoShares($this->first->stays(), $this->second->stays()))->difference() ?? 0.0;
        $better = $difference > 0 ? $this->first : $this->second;

        return ($difference > 0) === ($staying > 0) && $staying !== 0.0 ? $better : null;
    }

    /** Whether there are too few on a side to decide by. */
    public function isEarly(): bool
    {
        return min($this->first->people, $this->second->people) < self::LEAST;
    }

    /** How many people each of them needs in all, so that a difference worth finding is found; null where the rates leave no room for it. */
    public function needed(float $worth = self::WORTH): ?int
    {
        $all = new Share($this->first->confirmed + $this->second->confirmed, $this->first->people + $this->second->people);
        $base = $all->rate();
        if ($base === null || $base <= 0 || $base >= 1) {
            return null;
        }
        $other = $base + $worth < 1 ? $base + $worth : $base - $worth;

        return $other <= 0 || $other >= 1 ? null : TwoShares::needed($base, $other);
    }
}
