<?php

declare(strict_types=1);

namespace App\Support;

use Juramen\Canon\Digest;
use Juramen\Register\Look;
use Juramen\Register\LookFont;

/** The styles of a form: how it looks, and what all forms have in common. */
final class HouseLook
{
    /** @param  bool  $dark  whether as it is in the dark, wherever it is seen */
    public static function css(Look $look, bool $dark = false): string
    {
        return self::face($look).($dark ? $look->darkCss() : $look->css()).file_get_contents(resource_path('css/form.css')).$look->rules();
    }

    /** The bytes of its letters, where they are shipped; null where systems have them. */
    public static function letters(Look $look): ?string
    {
        return self::file($look->font());
    }

    /** The bytes of shipped letters by their name; null where we ship none of that name. */
    public static function shipped(Digest $digest): ?string
    {
        foreach (LookFont::cases() as $font) {
            $bytes = self::file($font);
            if ($bytes !== null && Digest::of($bytes)->equals($digest)) {
                return $bytes;
            }
        }

        return null;
    }

    /** @return Digest|null name of the letters that frozen styles load; null where they load none */
    public static function lettersOf(string $css): ?Digest
    {
        return preg_match('~^@font-face .*url\(/frozen/([0-9a-f]{64})\.woff2\)~', $css, $m) === 1 ? Digest::fromHex($m[1]) : null;
    }

    private static function face(Look $look): string
    {
        $bytes = self::letters($look);

        return $bytes === null ? '' : '@font-face { font-family: "'.LookFont::FACE.'"; font-weight: 400 700; font-display: swap;'
            .' src: url(/frozen/'.Digest::of($bytes)->hex().".woff2) format(\"woff2\"); }\n";
    }

    private static function file(LookFont $font): ?string
    {
        $file = $font->file();

        return $file === null ? null : (string) file_get_contents(public_path("build/fonts/$file"));
    }
}
