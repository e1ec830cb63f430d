<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** What screening decides about a submission. */
enum Band: string
{
    /** Goes on. */
    case Pass = 'pass';
    /** Shown again with what was typed, to be sent once more. */
    case Again = 'again';
    /** Kept for a person to decide; the visitor gets the usual answer. */
    case Hold = 'hold';

    /** @param  int  $risk  in percent; the borders are ours to start with */
    public static function ofRisk(int $risk): self
    {
        return match (true) {
            $risk >= 60 => self::Hold,
            $risk >= 20 => self::Again,
            default => self::Pass,
        };
    }
}
