<?php

declare(strict_types=1);

namespace App\Support;

/** A controller's house look as the styles of its forms. */
final class HouseLook
{
    /** @param  string  $accent #rrggbb */
    public static function css(string $accent): string
    {
        return str_replace('ACCENT', $accent, (string) file_get_contents(resource_path('css/form.css')));
    }
}
