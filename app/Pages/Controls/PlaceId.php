<?php

declare(strict_types=1);

namespace App\Pages\Controls;

/** The id under which a place of a document stands on its page. */
final class PlaceId
{
    public static function of(string $place): string
    {
        return 'at-'.str_replace('/', '-', $place);
    }
}
