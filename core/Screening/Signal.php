<?php

declare(strict_types=1);

namespace Juramen\Screening;

/** What screening notices about a submission. */
enum Signal: string
{
    /** The field that people do not see was filled in. */
    case TrapTouched = 'trap-touched';
    /** Sent sooner after the page was served than anybody types. */
    case TooFast = 'too-fast';
    /** One address was entered many times within a day: somebody may be flooding its inbox. */
    case ManyForAddress = 'many-for-address';

    /** What it adds to the log-odds; ours to start with. */
    public function weight(): float
    {
        return match ($this) {
            self::TrapTouched => 7.0,
            self::TooFast => 4.0,
            self::ManyForAddress => 6.0,
        };
    }
}
