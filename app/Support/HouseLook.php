<?php

declare(strict_types=1);

namespace App\Support;

use Juramen\Register\Look;

/** The styles of a form: how it looks, and what all forms have in common. */
final class HouseLook
{
    public static function css(Look $look): string
    {
        return $look->css().file_get_contents(resource_path('css/form.css')).$look->rules();
    }
}
