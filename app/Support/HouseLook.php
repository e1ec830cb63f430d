<?php

declare(strict_types=1);

namespace App\Support;

use Juramen\Register\Look;

/** The styles of a form: how it looks, and what all forms have in common. */
final class HouseLook
{
    /** @param  bool  $dark  whether as it is in the dark, wherever it is seen */
    public static function css(Look $look, bool $dark = false): string
    {
        return ($dark ? $look->darkCss() : $look->css()).file_get_contents(resource_path('css/form.css')).$look->rules();
    }
}
