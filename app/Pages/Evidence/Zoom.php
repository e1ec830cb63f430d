<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** How much time a lifeline shows: all that happened, or what lies around the question's date, so that minutes can be told apart. */
enum Zoom: string
{
    case Whole = '';
    case Month = 'month';
    case Day = 'day';
    case Hour = 'hour';

    /** Seconds that it shows; null for all that happened. */
    public function seconds(): ?int
    {
        return match ($this) {
            self::Whole => null,
            self::Month => 30 * 86400,
            self::Day => 86400,
            self::Hour => 3600,
        };
    }

    /** Seconds by which an arrow key moves the question's date. */
    public function step(): int
    {
        return match ($this) {
            self::Whole, self::Month => 86400,
            self::Day => 900,
            self::Hour => 30,
        };
    }

    /**
     * Seconds between marks, and how they are written; null where they stand at the beginnings of months.
     *
     * @return array{int, string}|null
     */
    public function marks(): ?array
    {
        return match ($this) {
            self::Whole => null,
            self::Month => [5 * 86400, 'j M'],
            self::Day => [4 * 3600, 'H:i'],
            self::Hour => [600, 'H:i'],
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Whole => 'all that happened',
            self::Month => 'a month around it',
            self::Day => 'a day around it',
            self::Hour => 'an hour around it',
        };
    }
}
