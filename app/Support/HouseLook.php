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

    /** Contrast of white on a colour, 1 to 21. Source: WCAG 2.2, relative luminance and contrast ratio. */
    public static function contrast(string $accent): float
    {
        $parts = array_map(static fn (string $hex): float => hexdec($hex) / 255, str_split(ltrim($accent, '#'), 2));
        [$r, $g, $b] = array_map(static fn (float $c): float => $c <= 0.04045 ? $c / 12.92 : (($c + 0.055) / 1.055) ** 2.4, $parts);

        return 1.05 / (0.2126 * $r + 0.7152 * $g + 0.0722 * $b + 0.05);
    }
}
