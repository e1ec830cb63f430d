<?php

declare(strict_types=1);

namespace App\Models;

/** What a person decides about a held submission. */
enum HeldDecision: string
{
    /** Its journey goes on. */
    case Accept = 'accept';
    /** It is deleted, and nothing of it is kept. */
    case Refuse = 'refuse';

    public function done(): string
    {
        return $this === self::Accept ? 'accepted' : 'refused';
    }
}
