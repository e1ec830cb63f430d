<?php

declare(strict_types=1);

namespace App\Pages\Screening;

use Juramen\Screening\Band;
use Juramen\Screening\Lines;
use Juramen\Screening\RiskCount;
use Juramen\Screening\Tuning;

/** Risks as bars, twenty of five percent each, with the lines between the bands. Heights grow with the root, so that few are seen beside many. */
final readonly class RiskDrawing
{
    public const WIDTH = 780;

    public const TOP = 40;

    public const BASE = 215;

    private const BARS = 20;

    private const LEAST = 3;

    /** @param  list<RiskCount>  $counts */
    public function __construct(private array $counts, public Lines $lines, public Lines $inForce, private Tuning $tuning) {}

    /** Where a risk stands. */
    public function at(int $risk): float
    {
        return round(min(100, $risk) * self::WIDTH / 100, 1);
    }

    /** @return list<RiskBar> */
    public function bars(): array
    {
        $of = static fn (array $counts): RiskCount => new RiskCount(
            0, array_sum(array_map(static fn (RiskCount $c): int => $c->count, $counts)),
            array_sum(array_map(static fn (RiskCount $c): int => $c->ham, $counts)),
            array_sum(array_map(static fn (RiskCount $c): int => $c->spam, $counts))
        );
        $wide = 100 / self::BARS;
        $sums = array_map(fn (int $bar): RiskCount => $of(array_filter(
            $this->counts, static fn (RiskCount $c): bool => min(self::BARS - 1, intdiv($c->risk, (int) $wide)) === $bar
        )), range(0, self::BARS - 1));
        $most = max(1, ...array_map(static fn (RiskCount $c): int => $c->count, $sums));
        $height = static fn (int $count): float => $count === 0 ? 0.0
            : round(max(self::LEAST, sqrt($count / $most) * (self::BASE - self::TOP - 20)), 1);

        return array_map(fn (int $bar, RiskCount $c): RiskBar => new RiskBar(
            $this->at((int) ($bar * $wide)) + 1, self::WIDTH / self::BARS - 2, $height($c->count), $height($c->spam), $height($c->ham),
            sprintf('%d to %d %%: %d, of which %d were refused and %d accepted by a person', $bar * $wide, ($bar + 1) * $wide, $c->count, $c->spam, $c->ham)
        ), array_keys($sums), $sums);
    }

    /** @return list<BandLabel> what each band holds, over its middle */
    public function bands(): array
    {
        $edges = [0, $this->lines->puzzle, $this->lines->hold, $this->lines->refuse, 101];
        $labels = [];
        $right = -1.0;
        foreach (Band::cases() as $i => $band) {
            $middle = max($right + 52, $this->at((int) (($edges[$i] + min(100, $edges[$i + 1])) / 2)));
            $right = $middle;
            $labels[] = new BandLabel(min(self::WIDTH - 40.0, $middle), $band->value.' '.number_format($this->tuning->in($band, $this->lines)));
        }
        // Bands at the right edge stand before each other, from there.
        for ($i = count($labels) - 2; $i >= 0; $i--) {
            if ($labels[$i]->x > $labels[$i + 1]->x - 90) {
                $labels[$i] = new BandLabel($labels[$i + 1]->x - 90, $labels[$i]->text);
            }
        }

        return $labels;
    }
}
