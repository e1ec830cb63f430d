<?php

declare(strict_types=1);

namespace App\Pages\Screening;

/** A submission that other lines put into another band. */
final readonly class MovedRow
{
    /** @param  string  $why  what was noticed of it */
    public function __construct(
        public string $at, public string $point, public int $risk, public string $from, public string $to, public string $decided, public string $why
    ) {}
}
