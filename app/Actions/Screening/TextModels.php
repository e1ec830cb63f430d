<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use Juramen\Screening\Text\TextModel;

/** The text model that is in use, read once for each process. */
final class TextModels
{
    /** Tokens of the model that is shipped. */
    public const KEPT = 30_000;

    private ?TextModel $model = null;

    /** The file that the model begins with: learned from the public mail corpus. */
    public static function shipped(): string
    {
        return resource_path('screening/words.txt');
    }

    public function inUse(): TextModel
    {
        return $this->model ??= TextModel::parse((string) file_get_contents(self::shipped()));
    }
}
