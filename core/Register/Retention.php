<?php

declare(strict_types=1);

namespace Juramen\Register;

/** Something that is kept for a number of days: what is not consent, or no longer. */
enum Retention: string
{
    /** Submissions that screening kept. */
    case Held = 'held';
    /** What people sent besides. */
    case Enquiry = 'enquiry';
    /** Details after the last permission ended, where the purpose says nothing of its own. */
    case Withdrawn = 'withdrawn';

    /** Days, where the house has set none. */
    public function days(): int
    {
        return match ($this) {
            self::Held => 30,
            self::Enquiry => 180,
            self::Withdrawn => 1095,
        };
    }
}
