<?php

declare(strict_types=1);

namespace Database\Demo;

/** The sign of the sister company: two waves under a lamp, drawn from numbers. */
final class AtlanticSign
{
    private const WIDTH = 640;

    private const HEIGHT = 180;

    public static function png(): string
    {
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        imagealphablending($image, false);
        imagesavealpha($image, true);
        imagefill($image, 0, 0, (int) imagecolorallocatealpha($image, 255, 255, 255, 127));
        $sea = (int) imagecolorallocate($image, 94, 160, 200);
        foreach ([96, 138] as $i => $height) {
            for ($x = 0; $x < self::WIDTH; $x++) {
                $top = $height + (int) round(16 * sin($x / 46 + 1.4 * $i));
                imageline($image, $x, $top, $x, $top + 16, $sea);
            }
        }
        imagefilledellipse($image, 120, 46, 52, 52, (int) imagecolorallocate($image, 201, 138, 28));
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }
}
