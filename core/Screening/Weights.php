<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** What each signal adds to the log-odds that a submission is unwanted, and what everybody starts with. */
final readonly class Weights
{
    /** Of a submission of which nothing is noticed: about one in a hundred is unwanted all the same (ours to start with). */
    public const BASE = -4.6;

    /** @param  list<WeighedSignal>  $departing  weights that are not ours, each with its signal */
    private function __construct(public float $base, private array $departing) {}

    public static function ours(): self
    {
        return new self(self::BASE, []);
    }

    /** @param  list<WeighedSignal>  $weights  estimated; signals that are not among them keep ours */
    public static function estimated(float $base, array $weights): self
    {
        return new self($base, $weights);
    }

    public function of(Signal $signal): float
    {
        foreach ($this->departing as $each) {
            if ($each->signal->id() === $signal->id()) {
                return $each->weight;
            }
        }

        return $signal->weight();
    }

    /** @return list<WeighedSignal> what is noticed, the heaviest first */
    public function noticed(SubmissionFacts $facts): array
    {
        $noticed = [];
        foreach (Signals::all() as $signal) {
            $amount = $signal->amount($facts);
            if ($amount >= 0.005) {
                $noticed[] = new WeighedSignal($signal, $amount, $this->of($signal));
            }
        }

        return self::sorted($noticed);
    }

    /**
     * What was noticed once, by these weights.
     *
     * @param  string  $stored  as Assessment::stored() gives it; signals that nobody knows any more are passed over
     * @return list<WeighedSignal>
     */
    public function stored(string $stored): array
    {
        $noticed = [];
        foreach (array_filter(explode(' ', $stored), static fn (string $one): bool => $one !== '') as $one) {
            [$id, $amount] = [...explode('=', $one, 2), '1'];
            $signal = Signals::find($id);
            if ($signal !== null) {
                $noticed[] = new WeighedSignal($signal, min(1.0, max(0.0, (float) $amount)), $this->of($signal));
            }
        }

        return self::sorted($noticed);
    }

    /**
     * @param  list<WeighedSignal>  $noticed
     * @return list<WeighedSignal>
     */
    private static function sorted(array $noticed): array
    {
        usort($noticed, static fn (WeighedSignal $a, WeighedSignal $b): int => $b->part() <=> $a->part());

        return $noticed;
    }
}
