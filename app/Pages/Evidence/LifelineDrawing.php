<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

use App\Support\Moments;
use DateTimeImmutable;
use Juramen\Canon\Instant;
use Juramen\Consent\Lifeline;
use Juramen\Consent\Line;
use Juramen\Consent\Reason;
use Juramen\Consent\Span;

/** A lifeline, drawn: time runs from left to right, evenly. */
final readonly class LifelineDrawing
{
    /** Room that a few words need behind a stretch, or on it. */
    private const WORDS_BEHIND = 150;

    private const WORDS_ON = 170;

    private const LAPSED_BEHIND = 120;

    private const HALF_A_DATE = 32;

    /** Seconds since 1970 at the left and the right edge. */
    public int $begin;

    public int $end;

    /** @var list<DrawnLine> */
    public array $lines;

    public function __construct(
        private Lifeline $lifeline, private Instant $now, public Instant $cursor, private TargetNames $names, public Zoom $zoom = Zoom::Whole,
        public DrawingSize $size = DrawingSize::Wide
    ) {
        $moments = [$now->utc->getTimestamp(), $cursor->utc->getTimestamp()];
        foreach ($lifeline->lines as $line) {
            foreach ($line->spans as $span) {
                array_push($moments, $span->from->utc->getTimestamp(), ($span->to ?? $now)->utc->getTimestamp());
            }
        }
        $length = max(86400 * 20, max($moments) - min($moments));
        $around = $zoom->seconds();
        $this->begin = $around === null ? min($moments) - (int) ($length * .04) : $cursor->utc->getTimestamp() - intdiv($around, 2);
        $this->end = $around === null ? max($moments) + (int) ($length * .03) : $this->begin + $around;
        $this->lines = array_map($this->line(...), $lifeline->lines, array_keys($lifeline->lines));
    }

    /** The same for a phone. */
    public function narrow(): self
    {
        return new self($this->lifeline, $this->now, $this->cursor, $this->names, $this->zoom, DrawingSize::Narrow);
    }

    public function height(): int
    {
        return count($this->lines) * $this->size->row() + 44;
    }

    /** Where the question's date stands. */
    public function cursorAt(): float
    {
        return $this->x($this->cursor);
    }

    public function cursorSeconds(): int
    {
        return $this->cursor->utc->getTimestamp();
    }

    public function cursorSays(): string
    {
        return Moments::exact($this->cursor);
    }

    /** @return list<DrawnTick> about five of them: at the beginnings of months, or closer where less is shown */
    public function ticks(): array
    {
        $marks = $this->zoom->marks();
        if ($marks !== null) {
            return $this->closeTicks(...$marks);
        }
        $months = max(1, (int) ceil(($this->end - $this->begin) / 86400 / 30.4 / $this->size->ticks()));
        $month = (new DateTimeImmutable('@'.$this->begin))->setTimezone(Moments::zone())->modify('first day of next month midnight');
        $ticks = [];
        while ($month->getTimestamp() < $this->end) {
            $ticks[] = $this->tick($month, 'M Y');
            $month = $month->modify("+$months months");
        }

        return $ticks;
    }

    /** @return list<DrawnTick> at every so many seconds of the office's day */
    private function closeTicks(int $every, string $form): array
    {
        $at = (new DateTimeImmutable('@'.$this->begin))->setTimezone(Moments::zone())->modify('midnight');
        $ticks = [];
        for (; $at->getTimestamp() < $this->end; $at = $at->modify("+$every seconds")) {
            if ($at->getTimestamp() > $this->begin) {
                $ticks[] = $this->tick($at, $form);
            }
        }
        $each = (int) ceil(count($ticks) / ($this->size->ticks() + 3));

        return array_values(array_filter($ticks, static fn (int $i): bool => $i % $each === 0, ARRAY_FILTER_USE_KEY));
    }

    private function tick(DateTimeImmutable $at, string $form): DrawnTick
    {
        $x = $this->x(Instant::of($at));

        return new DrawnTick($x, $at->format($form), match (true) {
            $x < self::HALF_A_DATE => 'start',
            $x > $this->size->width() - self::HALF_A_DATE => 'end',
            default => 'middle',
        });
    }

    private function line(Line $line, int $row): DrawnLine
    {
        $seen = array_values(array_filter($line->spans, fn (Span $span): bool => $span->from->utc->getTimestamp() < $this->end
            && ($span->to ?? $this->now)->utc->getTimestamp() > $this->begin));
        $spans = array_map(fn (Span $span): DrawnSpan => $this->span($span, $line), $seen);

        return new DrawnLine(
            $this->size->top() + $row * $this->size->row(), ucfirst($this->names->purpose($line->target->purpose)), $line->target->channel->value, $spans
        );
    }

    private function span(Span $span, Line $line): DrawnSpan
    {
        [$x, $end] = [$this->x($span->from), $this->x($span->to ?? $this->now)];
        $room = $span->to === null ? 0.0 : $this->roomBehind($span->to, $line->spans);
        $state = $span->reason->allows() ? 'permitted' : 'waiting for confirmation';
        [$from, $to, $ended] = [Moments::exact($span->from), $span->to === null ? 'today' : Moments::exact($span->to), self::ended($span->end)];
        $says = ucfirst($state)." from $from".($span->to === null ? ', until today' : " to $to, $ended");

        return new DrawnSpan(
            $x, max(3, round($end - $x, 1)), $end, $span->reason->allows() ? 'bar-confirmed' : 'bar-waiting', $this->names->of($line->target).": $says", $says,
            self::isEndedByHand($span), self::cameToNothing($span) ? round(min(152, $room), 1) : 0.0, self::text($span, $x, $end, $room),
            $this->names->of($line->target), $state, $from, $to, $ended,
        );
    }

    /** How a stretch ended, in words where there is room for them. */
    private static function text(Span $span, float $x, float $end, float $room): ?DrawnText
    {
        return match (true) {
            $span->to === null => null,
            self::isEndedByHand($span) && $room > self::WORDS_BEHIND => new DrawnText($end + 7, 'tick', 'start', self::endedOn($span)),
            self::isEndedByHand($span) && $end - $x > self::WORDS_ON => new DrawnText($end - 8, 'on-bar', 'end', self::endedOn($span)),
            self::cameToNothing($span) && $room > self::LAPSED_BEHIND => new DrawnText($end + 6, 'tick', 'start', self::endedOn($span)),
            default => null,
        };
    }

    /** By whoever it is about: what was permitted, or waited, has a bar at its end. */
    private static function isEndedByHand(Span $span): bool
    {
        return $span->end === Reason::Withdrawn || ($span->end === Reason::NotTheirs && $span->reason->allows());
    }

    private static function cameToNothing(Span $span): bool
    {
        return $span->end?->cameToNothing() === true && ! self::isEndedByHand($span);
    }

    private static function endedOn(Span $span): string
    {
        $how = $span->end === Reason::Lapsed ? 'lapsed' : self::ended($span->end);

        return $span->to === null ? $how : $how.' '.Moments::date($span->to);
    }

    private static function ended(?Reason $by): string
    {
        return match ($by) {
            Reason::Withdrawn => 'withdrawn',
            Reason::Lapsed => 'lapsed, not confirmed',
            Reason::NotTheirs => 'not theirs',
            Reason::AddressCorrected => 'address mended',
            Reason::Undeliverable => 'undeliverable',
            Reason::Suspended => 'suspended',
            Reason::Confirmed => 'confirmed',
            Reason::Agreed => 'agreed anew',
            Reason::AwaitingConfirmation => 'asked anew',
            Reason::NeverAsked, null => '',
        };
    }

    private function x(Instant $moment): float
    {
        $at = max(0, min(1, ($moment->utc->getTimestamp() - $this->begin) / ($this->end - $this->begin)));

        return round($this->size->left() + $at * ($this->size->right() - $this->size->left()), 1);
    }

    /**
     * How much room is free behind a moment on its line, up to the next stretch or the edge.
     *
     * @param  list<Span>  $spans
     */
    private function roomBehind(Instant $moment, array $spans): float
    {
        $next = $this->size->right();
        foreach ($spans as $span) {
            if (! $moment->isAfter($span->from) && ! $moment->equals($span->from)) {
                $next = min($next, $this->x($span->from));
            }
        }

        return $next - $this->x($moment);
    }
}
