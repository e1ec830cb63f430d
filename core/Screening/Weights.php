<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** What each signal adds to the log-odds that a submission is unwanted, and what everybody starts with. */
final readonly class Weights
{
    /** Of a submission of which nothing is noticed: about one in a hundred is unwanted all the same (ours to start with). */
    private const BASE = -4.6;

    /** Amounts below which nothing is noticed: they would be stored as none. */
    private const LEAST = 0.005;

    /** @param  array<string, float>  $by  ids of signals to their weights; of those that are missing ours hold */
    private function __construct(public float $base, private array $by) {}

    public static function ours(): self
    {
        return new self(self::BASE, []);
    }

    /** @param  array{base: float, by: array<string, float>}  $kept  as toArray() gives it */
    public static function from(array $kept): self
    {
        return new self($kept['base'], $kept['by']);
    }

    /** @return array{base: float, by: array<string, float>} */
    public function toArray(): array
    {
        return ['base' => $this->base, 'by' => $this->by];
    }

    public function of(Signal $signal): float
    {
        return $this->by[$signal->id()] ?? $signal->weight();
    }

    /**
     * @param  list<Signal>  $signals
     * @return list<WeighedSignal> those that are noticed, the heaviest first
     */
    public function noticed(SubmissionFacts $facts, array $signals): array
    {
        return self::sorted(array_map(fn (Signal $s): WeighedSignal => new WeighedSignal($s, $s->amount($facts), $this->of($s)), $signals));
    }

    /**
     * What was noticed once.
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
        $noticed = array_filter($noticed, static fn (WeighedSignal $s): bool => $s->amount >= self::LEAST);
        usort($noticed, static fn (WeighedSignal $a, WeighedSignal $b): int => $b->part() <=> $a->part());

        return $noticed;
    }
}
