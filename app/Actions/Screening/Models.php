<?php

declare(strict_types=1);

namespace App\Actions\Screening;

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
        $parse = static fn (string $text): array => TextModel::parse($text)->toArray();

        return $this->words ??= TextModel::from($this->compiled(self::wordsFile(), $parse));
    }

    public function letters(): LetterModel
    {
        $parse = static fn (string $text): array => LetterModel::parse($text)->toArray();

        return $this->letters ??= LetterModel::from($this->compiled(self::lettersFile(), $parse));
    }

    /**
     * @template T of array
     *
     * @param  callable(string): T  $parse
     * @return T
     */
    private function compiled(string $file, callable $parse): array
    {
        $kept = storage_path('framework/'.basename($file, '.txt').'-'.substr(hash('xxh128', filemtime($file).filesize($file).$file), 0, 12).'.php');
        if (! is_file($kept)) {
            $data = $parse((string) file_get_contents($file));
            $new = $kept.'.'.getmypid();
            if (@file_put_contents($new, '<?php return '.var_export($data, true).";\n") === false) {
                return $data;
            }
            rename($new, $kept);
        }

        return require $kept;
    }
}
