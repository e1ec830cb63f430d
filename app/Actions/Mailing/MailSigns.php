<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Support\PublishedForms;
use App\Support\UnknownBytes;
use Juramen\Canon\Digest;
use Juramen\Register\Controller;

/** The sign of a house as mails bear it: made small and as PNG, which every reader shows, so that a mail stays under 20 kB. */
final class MailSigns
{
    /** Bytes at most; in a mail a third more. */
    private const LARGEST = 9_000;

    /** Pixels at most, on screens with two for one. */
    private const TALLEST = 96;

    /** @var array<string, MailSign|null> by the name of the bytes from which they are made */
    private array $made = [];

    public function __construct(private readonly PublishedForms $published) {}

    /** Null where mails bear none, or where none can be made small enough. */
    public function of(Controller $controller): ?MailSign
    {
        $sign = $controller->look->signsMails ? $controller->look->sign : null;

        return $sign === null ? null : $this->made[$sign->digest->hex()] ??= $this->make($sign->digest);
    }

    private function make(Digest $digest): ?MailSign
    {
        try {
            $image = @imagecreatefromstring($this->published->frozen($digest));
        } catch (UnknownBytes) {
            return null;
        }
        for ($tall = self::TALLEST; $image !== false && $tall >= 24; $tall -= 12) {
            $tall = min($tall, imagesy($image));
            $wide = max(1, (int) round(imagesx($image) * $tall / imagesy($image)));
            $small = imagecreatetruecolor($wide, $tall);
            imagealphablending($small, false);
            imagesavealpha($small, true);
            imagecopyresampled($small, $image, 0, 0, 0, 0, $wide, $tall, imagesx($image), imagesy($image));
            ob_start();
            imagepng($small, null, 9);
            $bytes = (string) ob_get_clean();
            if (strlen($bytes) <= self::LARGEST) {
                $shown = min($tall, intdiv(self::TALLEST, 2));

                return new MailSign($bytes, max(1, (int) round($wide * $shown / $tall)), $shown);
            }
        }

        return null;
    }
}
