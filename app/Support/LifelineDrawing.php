<?php

declare(strict_types=1);

namespace App\Support;

use DateTimeImmutable;
use Juramen\Canon\Instant;
use Juramen\Consent\Lifeline;
use Juramen\Consent\Span;

/** Where the parts of a lifeline stand on a drawing of a given width: time runs from left to right, evenly. */
final readonly class LifelineDrawing
{
    public const LEFT = 150;

    public const WIDTH = 800;

    public const ROW = 46;

    public int $begin;

    public int $end;

    public function __construct(public Lifeline $lifeline, Instant $now, Instant $cursor)
    {
        $moments = [$now->utc->getTimestamp(), $cursor->utc->getTimestamp()];
        foreach ($lifeline->lines as $line) {
            foreach ($line['spans'] as $span) {
                $moments[] = $span->from->utc->getTimestamp();
                $moments[] = ($span->to ?? $now)->utc->getTimestamp();
            }
        }
        $length = max(86400 * 20, max($moments) - min($moments));
        $this->begin = min($moments) - (int) ($length * .04);
        $this->end = max($moments) + (int) ($length * .03);
    }

    public function x(Instant $moment): float
    {
        return round(self::LEFT + ($moment->utc->getTimestamp() - $this->begin) / ($this->end - $this->begin) * (self::WIDTH - self::LEFT - 10), 1);
    }

    /**
     * How much room is free behind a moment on its line, up to the next stretch or the edge.
     *
     * @param  list<Span>  $spans
     */
    public function roomBehind(Instant $moment, array $spans): float
    {
        $next = self::WIDTH - 10;
        foreach ($spans as $span) {
            if (! $moment->isAfter($span->from) && ! $moment->equals($span->from)) {
                $next = min($next, $this->x($span->from));
            }
        }

        return $next - $this->x($moment);
    }

    public function height(): int
    {
        return count($this->lifeline->lines) * self::ROW + 44;
    }

    /** @return array<string, float> label to place, about five of them, at the beginnings of months */
    public function ticks(): array
    {
        $months = max(1, (int) ceil(($this->end - $this->begin) / 86400 / 30.4 / 5));
        $month = (new DateTimeImmutable('@'.$this->begin))->setTimezone(Moments::zone())->modify('first day of next month midnight');
        $ticks = [];
        while ($month->getTimestamp() < $this->end) {
            $ticks[$month->format('M Y')] = $this->x(Instant::of($month));
            $month = $month->modify("+$months months");
        }

        return $ticks;
    }
}
