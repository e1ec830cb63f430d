<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** What lines would have done to what came in: how many in each band, what is known to be right, and what either mistake costs. */
final readonly class Tuning
{
    /** @param  list<RiskCount>  $counts */
    public function __construct(private array $counts, private Costs $costs) {}

    public function all(): int
    {
        return array_sum(array_map(static fn (RiskCount $c): int => $c->count, $this->counts));
    }

    public function in(Band $band, Lines $lines): int
    {
        return $this->sum($lines, static fn (Band $of): bool => $of === $band, static fn (RiskCount $c): int => $c->count);
    }

    /** Spam, as people decided, that the lines keep out or put before a person. */
    public function spamStopped(Lines $lines): int
    {
        return $this->sum($lines, self::stops(...), static fn (RiskCount $c): int => $c->spam);
    }

    /** People, as people decided, whom the lines hold or refuse. */
    public function hamStopped(Lines $lines): int
    {
        return $this->sum($lines, self::stops(...), static fn (RiskCount $c): int => $c->ham);
    }

    /**
     * Bots that the lines let through: those that people decided to be spam, and of what nobody decided as many as its risk says.
     */
    public function botsThrough(Lines $lines): int
    {
        $bots = 0.0;
        foreach ($this->counts as $each) {
            if (! self::stops($lines->band($each->risk, $each->solved))) {
                $bots += $each->spam + ($each->count - $each->ham - $each->spam) * $each->risk / 100;
            }
        }

        return (int) round($bots);
    }

    /** People whom the lines make wait or turn away, counted the same way. */
    public function peopleStopped(Lines $lines): int
    {
        $people = 0.0;
        foreach ($this->counts as $each) {
            if (self::stops($lines->band($each->risk, $each->solved))) {
                $people += $each->ham + ($each->count - $each->ham - $each->spam) * (1 - $each->risk / 100);
            }
        }

        return (int) round($people);
    }

    public function spam(): int
    {
        return array_sum(array_map(static fn (RiskCount $c): int => $c->spam, $this->counts));
    }

    public function ham(): int
    {
        return array_sum(array_map(static fn (RiskCount $c): int => $c->ham, $this->counts));
    }

    /**
     * What it costs to hold from a risk on: each bot that is let through, and each person who is not. Of what nobody decided the risk is the
     * chance that it is a bot.
     *
     * @param  int  $hold  1 to 101
     */
    public function cost(int $hold): float
    {
        $cost = 0.0;
        foreach ($this->counts as $each) {
            $bots = $each->spam + ($each->count - $each->ham - $each->spam) * $each->risk / 100;
            $cost += $each->risk < $hold ? $bots * $this->costs->bot : ($each->count - $bots) * $this->costs->lost;
        }

        return $cost;
    }

    /** From which risk on holding costs least; of several, the highest, since that holds the fewest. */
    public function least(): int
    {
        $best = 101;
        foreach (range(100, 1) as $hold) {
            if ($this->cost($hold) < $this->cost($best) - 1e-9) {
                $best = $hold;
            }
        }

        return $best;
    }

    /**
     * @param  bool  $solved  of those who had solved the puzzle
     * @return list<int> risks that lie in another band by other lines
     */
    public static function moved(Lines $from, Lines $to, bool $solved): array
    {
        return array_values(array_filter(range(0, 100), static fn (int $risk): bool => $from->band($risk, $solved) !== $to->band($risk, $solved)));
    }

    /**
     * @param  callable(Band): bool  $counts
     * @param  callable(RiskCount): int  $what
     */
    private function sum(Lines $lines, callable $counts, callable $what): int
    {
        return array_sum(array_map($what, array_filter($this->counts, static fn (RiskCount $c): bool => $counts($lines->band($c->risk, $c->solved)))));
    }

    private static function stops(Band $band): bool
    {
        return $band === Band::Hold || $band === Band::Refuse;
    }
}
