<?php

declare(strict_types=1);

namespace App\Pages\Evidence;

/** How large a lifeline is drawn: beside its labels on a screen, under them on a phone, with letters of the same size. */
enum DrawingSize: string
{
    case Wide = 'wide';
    case Narrow = 'narrow';

    public function width(): int
    {
        return $this === self::Wide ? 800 : 340;
    }

    public function left(): int
    {
        return $this === self::Wide ? 150 : 4;
    }

    public function right(): int
    {
        return $this->width() - 10;
    }

    /** Where the first bar stands. */
    public function top(): int
    {
        return $this === self::Wide ? 12 : 30;
    }

    /** From one bar to the next. */
    public function row(): int
    {
        return $this === self::Wide ? 46 : 56;
    }

    /** About so many fit on the axis. */
    public function ticks(): int
    {
        return $this === self::Wide ? 5 : 3;
    }
}
