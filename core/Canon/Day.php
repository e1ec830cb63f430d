<?php

declare(strict_types=1);

namespace Juramen\Canon;

use DateTimeImmutable;
use DateTimeZone;
use Stringable;

/**
 * A day of the calendar, in whatever zone the office reads it. Days compare by their text, and so none lies before the year 1 or behind the
 * year 9999: whatever is counted beyond stops at the first or the last of them.
 */
final readonly class Day implements Stringable
{
    private const FIRST = '0001-01-01';

    private const LAST = '9999-12-31';

    private function __construct(public string $text) {}

    /**
     * @param  string  $text  such as "2026-11-25" (ISO 8601)
     *
     * @throws Refused where there is no such day
     */
    public static function parse(string $text): self
    {
        // A null byte is no fault to PHP but an error of its own.
        $day = preg_match('/^\d{4}-\d\d-\d\d$/D', $text) === 1 ? DateTimeImmutable::createFromFormat('!Y-m-d', $text, new DateTimeZone('UTC')) : false;

        if ($day === false || $day->format('Y-m-d') !== $text || $text < self::FIRST) {
            throw Refused::because(DraftRefusal::NotADay, given: $text);
        }

        return new self($text);
    }

    /** The day that a text says; null where it says none. */
    public static function tryParse(string $text): ?self
    {
        try {
            return self::parse($text);
        } catch (Refused) {
            return null;
        }
    }

    /** The day that it is at a moment in a zone. */
    public static function at(Instant $moment, DateTimeZone $zone): self
    {
        return new self($moment->utc->setTimezone($zone)->format('Y-m-d'));
    }

    /** @param  int  $days  may be negative */
    public function plus(int $days): self
    {
        $day = $this->date(new DateTimeZone('UTC'))->modify(sprintf('%+d days', $days));

        return self::beyond((int) $day->format('Y')) ?? new self($day->format('Y-m-d'));
    }

    /** The same day so many months later; the last of its month where that one is shorter. */
    public function plusMonths(int $months): self
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $this->text));
        $at = $year * 12 + $month - 1 + $months;
        $first = sprintf('%04d-%02d', intdiv($at, 12), $at % 12 + 1);

        return self::beyond(intdiv($at, 12)) ?? new self(sprintf('%s-%02d', $first, min($day, (int) (new DateTimeImmutable("$first-01"))->format('t'))));
    }

    /** How many days that one lies ahead; below none where it is past. */
    public function until(self $other): int
    {
        $zone = new DateTimeZone('UTC');

        return (int) $this->date($zone)->diff($other->date($zone))->format('%r%a');
    }

    /** @return int from 1 for Monday to 7 for Sunday */
    public function weekday(): int
    {
        return (int) $this->date(new DateTimeZone('UTC'))->format('N');
    }

    /** The moment at which it begins in a zone. */
    public function begins(DateTimeZone $zone): Instant
    {
        return Instant::of($this->date($zone));
    }

    public function isAfter(self $other): bool
    {
        return $this->text > $other->text;
    }

    public function equals(self $other): bool
    {
        return $this->text === $other->text;
    }

    public function __toString(): string
    {
        return $this->text;
    }

    /** The first or the last day where a year lies beyond them; null where it does not. */
    private static function beyond(int $year): ?self
    {
        return $year < 1 ? new self(self::FIRST) : ($year > 9999 ? new self(self::LAST) : null);
    }

    private function date(DateTimeZone $zone): DateTimeImmutable
    {
        return new DateTimeImmutable($this->text.' 00:00:00', $zone);
    }
}
