<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActRefusal;
use App\Actions\Registers\ChangeRecord;
use App\Models\Record;
use App\Models\User;
use GdImage;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Document;
use Juramen\Canon\Refused;
use Juramen\Register\Picture;

/**
 * Puts an image above a point's form, or a sign on a house's look: read, made small, and written anew, so that nothing of the file that came
 * is kept but what one sees. Its bytes are named by their digest and frozen with every edition that shows them.
 */
final class PutImage
{
    private const LARGEST_FILE = 3_000_000;

    /** Pixels that are read at most: more would fill the memory. */
    private const MOST_PIXELS = 24_000_000;

    /** Bytes of what visitors load. */
    private const LARGEST = 100_000;

    private const TYPES = [IMAGETYPE_PNG, IMAGETYPE_JPEG, IMAGETYPE_WEBP, IMAGETYPE_GIF];

    public function __construct(private readonly ChangeRecord $change) {}

    /** @throws Refused where it is no image, or too large */
    public function __invoke(Record $record, ImagePlace $place, string $file, User $author): void
    {
        $frozen = new Freezer;
        [$bytes, $width, $height] = self::made($file, $place);
        $picture = Picture::of($frozen->freeze('image/webp', $bytes), $width, $height);
        DB::transaction(function () use ($record, $place, $picture, $frozen, $author): void {
            $frozen->keep();
            $put = static fn (Document $document): Document => $document->with($place->place(), $picture->text());
            $this->change->change($record, $author, $record->newestRevision()->number, $place->says(), $put);
        }, 3);
    }

    /** @return array{string, int, int} */
    private static function made(string $file, ImagePlace $place): array
    {
        if ($file === '' || strlen($file) > self::LARGEST_FILE) {
            throw Refused::because(ActRefusal::FileSize, most: intdiv(self::LARGEST_FILE, 1_000_000));
        }
        // Size and type are read from its head; only what is small enough is opened.
        $head = @getimagesizefromstring($file);
        if ($head === false || ! in_array($head[2], self::TYPES, true)) {
            throw Refused::because(ActRefusal::NoImage);
        }
        if ($head[0] * $head[1] > self::MOST_PIXELS) {
            throw Refused::because(ActRefusal::ImageTooWide, most: (string) intdiv(self::MOST_PIXELS, 1_000_000));
        }
        $image = @imagecreatefromstring($file);
        if ($image === false) {
            throw Refused::because(ActRefusal::NoImage);
        }

        return self::written($image, $place);
    }

    /** @return array{string, int, int} smaller and plainer until it fits */
    private static function written(GdImage $image, ImagePlace $place): array
    {
        for ($share = min(1.0, $place->widest() / imagesx($image), $place->tallest() / imagesy($image)); $share > 0.01; $share *= 0.8) {
            [$width, $height] = [max(1, (int) round(imagesx($image) * $share)), max(1, (int) round(imagesy($image) * $share))];
            $small = imagecreatetruecolor($width, $height);
            imagealphablending($small, false);
            imagesavealpha($small, true);
            imagecopyresampled($small, $image, 0, 0, 0, 0, $width, $height, imagesx($image), imagesy($image));
            foreach ([82, 65, 45] as $quality) {
                ob_start();
                imagewebp($small, null, $quality);
                $bytes = (string) ob_get_clean();
                if ($bytes !== '' && strlen($bytes) <= self::LARGEST) {
                    return [$bytes, $width, $height];
                }
            }
        }
        throw Refused::because(ActRefusal::NoImage);
    }
}
