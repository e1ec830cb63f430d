<?php

declare(strict_types=1);

namespace Juramen\Screening\Calibration;

use Juramen\Screening\Shared;
use Juramen\Screening\Signal;
use Juramen\Screening\Signals;
use Juramen\Screening\Weights;

/** Weights estimated from what people decided, beside those that were in force, and how right either is. */
final readonly class Estimate
{
    /** Decisions of each kind below which nothing is estimated (ours). */
    public const LEAST = 20;

    /** What holds a weight back towards ours: about as much as if it were ours give or take one and a half. */
    private const HOLD = 1 / (1.5 * 1.5);

    /** The start is held back more: what was decided was held, and so says little of all that came. */
    private const HOLD_BASE = 1 / (0.5 * 0.5);

    private const FOLDS = 5;

    private const MOST = 12.0;

    /** @param  list<Compared>  $compared  a signal each, in the order in which screening looks at them */
    private function __construct(public Weights $weights, public array $compared, public Rightness $before, public Rightness $after) {}

    /** @param  list<Decided>  $decided */
    public static function isEnough(array $decided): bool
    {
        $spam = count(array_filter($decided, static fn (Decided $d): bool => $d->spam));

        return min($spam, count($decided) - $spam) >= self::LEAST;
    }

    /**
     * @param  list<Decided>  $decided
     * @return self|null null where there are not enough of either kind
     */
    public static function of(array $decided, Weights $inForce): ?self
    {
        if (! self::isEnough($decided)) {
            return null;
        }
        $weights = self::learned($decided);

        return new self(
            $weights, Compared::all($decided, $inForce, $weights), Rightness::of($decided, static fn (int $i): Weights => $inForce),
            Rightness::of($decided, self::judgedByOthers($decided))
        );
    }

    /**
     * Each is judged by weights that were learned from the others: five parts, each left out once.
     *
     * @param  list<Decided>  $decided
     * @return callable(int): Weights
     */
    private static function judgedByOthers(array $decided): callable
    {
        $learned = array_map(static fn (int $fold): Weights => self::learned(array_values(
            array_filter($decided, static fn (int $i): bool => $i % self::FOLDS !== $fold, ARRAY_FILTER_USE_KEY)
        )), range(0, self::FOLDS - 1));

        return static fn (int $i): Weights => $learned[$i % self::FOLDS];
    }

    /** @param  list<Decided>  $decided */
    private static function learned(array $decided): Weights
    {
        $ours = Weights::ours();
        $signals = Signals::all();
        $from = [$ours->base, ...array_map($ours->of(...), $signals)];
        $found = (new LogisticRegression($from, [self::HOLD_BASE, ...array_fill(0, count($signals), self::HOLD)]))->fit(array_map(
            static fn (Decided $d): Example => new Example(array_map(static fn (Signal $s): float => $d->amount($s->id()), $signals), $d->spam), $decided
        ));
        $by = [];
        foreach ($signals as $i => $signal) {
            $by[$signal->id()] = self::bounded($signal, $found[$i + 1] ?? 0.0);
        }

        return Weights::from(['base' => round($found[0] ?? $ours->base, 2), 'by' => $by]);
    }

    /** What speaks against a person never speaks for one, nor the other way round; what many share weighs no more than ours. */
    private static function bounded(Signal $signal, float $weight): float
    {
        $ours = $signal->weight();
        $most = $signal instanceof Shared ? $ours : self::MOST;

        return round($ours > 0 ? min($most, max(0.0, $weight)) : max(-$most, min(0.0, $weight)), 2);
    }
}
