<?php

declare(strict_types=1);

namespace Juramen\Upkeep;

/** What a person may ask of whoever has their data (GDPR, chapter III). */
enum Right: string
{
    case Access = 'access';
    case Rectification = 'rectification';
    case Erasure = 'erasure';
    case Restriction = 'restriction';
    case Portability = 'portability';
    case Objection = 'objection';

    /** The article of the GDPR, and of the UK GDPR, that grants it. */
    public function article(): int
    {
        return match ($this) {
            self::Access => 15,
            self::Rectification => 16,
            self::Erasure => 17,
            self::Restriction => 18,
            self::Portability => 20,
            self::Objection => 21,
        };
    }
}
