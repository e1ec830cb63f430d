<?php

declare(strict_types=1);

namespace App\Support;

/** What the flood gate leaves where more comes in than is let through, each under a keyed digest with the point's name; without one, everywhere. */
enum FloodMark: string
{
    /** The puzzle is put to everybody. */
    case Raised = 'raised';
    /** It was so within a day. */
    case Flooded = 'flooded';

    /** @return int for how long it stands */
    public function seconds(): int
    {
        return $this === self::Raised ? 600 : 86400;
    }

    public function id(string $point, string $key): string
    {
        return self::digest("$this->value $point", $key);
    }

    /** Under which anything is counted. */
    public static function digest(string $what, string $key): string
    {
        return substr(hash_hmac('sha256', $what, $key, true), 0, 16);
    }
}
