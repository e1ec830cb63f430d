<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\AnswerRefused;

/** A line that somebody typed. */
final class OneLine
{
    /**
     * @param  int  $longest  in characters
     *
     * @throws AnswerRefused where it is longer, or more than a line
     */
    public static function read(string $typed, int $longest): string
    {
        $answer = trim($typed);
        if (mb_strlen($answer) > $longest) {
            throw new AnswerRefused('field.too-long', $longest, mb_strlen($answer));
        }

        return preg_match('/[\p{Cc}\x{2028}\x{2029}]/u', $answer) === 1 ? throw new AnswerRefused('field.line') : $answer;
    }
}
