<?php

declare(strict_types=1);

namespace Database\Demo;

/** A drawing of the islands at dawn, for the walking guide: made of numbers, and nobody's photograph. */
final class IslandPicture
{
    private const WIDTH = 1400;

    private const HEIGHT = 460;

    public static function png(): string
    {
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        for ($y = 0; $y < self::HEIGHT; $y++) {
            $t = $y / self::HEIGHT;
            $sky = (int) imagecolorallocate($image, (int) (236 - 60 * $t), (int) (214 - 20 * $t), (int) (180 + 30 * $t));
            imageline($image, 0, $y, self::WIDTH, $y, $sky);
        }
        foreach ([[300, 70, 150, 168, 172], [345, 55, 104, 132, 128], [395, 40, 62, 96, 78]] as $i => [$base, $high, $r, $g, $b]) {
            $hill = (int) imagecolorallocate($image, $r, $g, $b);
            for ($x = 0; $x < self::WIDTH; $x++) {
                $top = $base - (int) ($high * (sin($x / (150 + 70 * $i) + $i * 2) + 0.4 * sin($x / 47 + $i)));
                imageline($image, $x, $top, $x, self::HEIGHT, $hill);
            }
        }
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }
}
