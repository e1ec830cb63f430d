<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Support\KeptAsPhp;
use Juramen\Screening\LetterModel;
use Juramen\Screening\Text\TextModel;

/** What screening has learned, as it is shipped: read from files, and kept as PHP beside them so that a request reads nothing anew. */
final class Models
{
    /** Tokens of the text model that is shipped. */
    public const KEPT = 30_000;

    private ?TextModel $words = null;

    private ?LetterModel $letters = null;

    /** The file that the text model begins with: learned from the public mail corpus by screening:corpus. */
    public static function wordsFile(): string
    {
        return resource_path('screening/words.txt');
    }

    /** The file of the letter model: learned by screening:letters. */
    public static function lettersFile(): string
    {
        return resource_path('screening/letters.txt');
    }

    public function words(): TextModel
    {
        return $this->words ??= TextModel::from(
            self::kept(self::wordsFile(), static fn (string $text): array => TextModel::parse($text)->toArray())
        );
    }

    public function letters(): LetterModel
    {
        return $this->letters ??= LetterModel::from(
            self::kept(self::lettersFile(), static fn (string $text): array => LetterModel::parse($text)->toArray())
        );
    }

    /**
     * @template T of array
     *
     * @param  callable(string): T  $parse
     * @return T
     */
    private static function kept(string $file, callable $parse): array
    {
        return KeptAsPhp::of(
            basename($file, '.txt'), filemtime($file).filesize($file).$file, static fn (): array => $parse((string) file_get_contents($file))
        );
    }
}
