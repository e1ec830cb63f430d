<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** The least that a requirement can judge. */
enum Reach: int
{
    /** Words meet or miss it by themselves. */
    case Words = 1;
    /** What the registers know of a statement belongs to it. */
    case Statement = 2;
    /** It takes a form. */
    case Form = 3;

    public function covers(ReadingOf $reading): bool
    {
        return $this->value <= match ($reading) {
            ReadingOf::Words => 1,
            ReadingOf::Statement => 2,
            ReadingOf::Page, ReadingOf::Sheet => 3,
        };
    }
}
