<?php

declare(strict_types=1);

namespace App\Models;

/** How somebody stands at a destination, as it acknowledged itself. */
enum HandoverState: string
{
    case In = 'in';
    /** It asks them to confirm once more. */
    case Waiting = 'waiting';
    case Out = 'out';

    /** Whether it is what was wanted. */
    public function answers(bool $wanted): bool
    {
        return $wanted === ($this !== self::Out);
    }
}
