<?php

declare(strict_types=1);

namespace App\Pages\Desk;

use App\Queries\Desk\DayOfSignups;
use App\Queries\Desk\SignupFate;
use App\Support\Moments;

/** The sign-ups of some days, a column a day, drawn, summed up and as a table. */
final readonly class SignupChart
{
    public const HEIGHT = 96;

    private const COLUMN = 30;

    /** Parts of a column, from below. */
    private const STACKED = [
        SignupFate::Confirmed, SignupFate::Withdrawn, SignupFate::Waiting, SignupFate::Lapsed, SignupFate::NotTheirs, SignupFate::Corrected,
        SignupFate::Undeliverable, SignupFate::Held,
    ];

    /** The least that a column of full height stands for, so that one sign-up does not fill it. */
    private const LEAST = 4;

    /** @param  non-empty-list<DayOfSignups>  $days  the oldest first */
    public function __construct(private array $days, private bool $linked) {}

    public function width(): int
    {
        return count($this->days) * self::COLUMN;
    }

    public function title(): string
    {
        $said = implode(', ', array_map(static fn (Counted $c): string => $c->text(), $this->counts()));

        return 'Sign-ups of the last '.count($this->days)." days: $said";
    }

    /** The first day, as its axis says it. */
    public function from(): string
    {
        return Moments::shortDay($this->days[0]->day->text);
    }

    /** @return list<Bar> */
    public function bars(): array
    {
        $most = max(self::LEAST, ...array_map(static fn (DayOfSignups $d): int => $d->all(), $this->days));
        $bars = [];
        foreach ($this->days as $i => $day) {
            $y = (float) self::HEIGHT;
            foreach (self::STACKED as $fate) {
                $height = $day->of($fate) / $most * (self::HEIGHT - 6);
                $y -= $height;
                if ($height > 0) {
                    $bars[] = new Bar($i * self::COLUMN + 4, round($y, 1), round(max(1, $height - 1), 1), self::look($fate));
                }
            }
        }

        return $bars;
    }

    /** @return list<Counted> of all days: those who asked, and what became of them */
    public function counts(): array
    {
        $sum = fn (SignupFate $fate): int => array_sum(array_map(static fn (DayOfSignups $d): int => $d->of($fate), $this->days));
        $asked = array_sum(array_map($sum, SignupFate::asked()));
        $from = ['from' => $this->days[0]->day->text];
        $counted = fn (SignupFate $fate): Counted => new Counted(
            $sum($fate), $fate->value, $this->linked ? route('evidence.signups', ['state' => $fate->value, ...$from]) : null,
        );

        return [
            new Counted($asked, 'asked', $this->linked ? route('evidence.signups', $from) : null),
            ...array_map($counted, [SignupFate::Confirmed, SignupFate::Waiting, SignupFate::Lapsed]),
            new Counted($sum(SignupFate::Held), 'held', $this->linked ? route('held') : null),
        ];
    }

    /** @return list<string> headings of the table's columns */
    public function columns(): array
    {
        return array_map(static fn (SignupFate $f): string => $f->value, SignupFate::cases());
    }

    /** @return list<ChartRow> the newest day first */
    public function rows(): array
    {
        return array_map(fn (DayOfSignups $day): ChartRow => new ChartRow(Moments::plain($day->day->text), array_map(
            fn (SignupFate $fate): Counted => new Counted($day->of($fate), $fate->value, $this->linkOf($day, $fate)), SignupFate::cases(),
        )), array_reverse($this->days));
    }

    private function linkOf(DayOfSignups $day, SignupFate $fate): ?string
    {
        return $this->linked && $fate !== SignupFate::Held && $day->of($fate) > 0
            ? route('evidence.signups', ['state' => $fate->value, 'from' => $day->day->text, 'to' => $day->day->text]) : null;
    }

    private static function look(SignupFate $fate): string
    {
        return match ($fate) {
            SignupFate::Confirmed, SignupFate::Withdrawn => 'bar-confirmed',
            SignupFate::Waiting => 'bar-waiting',
            SignupFate::Lapsed, SignupFate::NotTheirs, SignupFate::Corrected, SignupFate::Undeliverable => 'bar-lapsed',
            SignupFate::Held => 'bar-held',
        };
    }
}
