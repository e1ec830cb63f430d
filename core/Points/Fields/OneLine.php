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
     * @throws AnswerRefused where it is longer, more than a line, or turned round by marks that nobody sees
     */
    public static function read(string $typed, int $longest): string
    {
        $answer = trim($typed);
        if (mb_strlen($answer) > $longest) {
            throw new AnswerRefused('field.too-long', $longest, mb_strlen($answer));
        }

        if (preg_match('/[\p{Cc}\x{2028}\x{2029}]/u', $answer) === 1) {
            throw new AnswerRefused('field.line');
        }

        // Marks that turn the direction of what follows (UAX 9, explicit directional formatting) are in no name or address of a street.
        return preg_match('/[\x{202A}-\x{202E}\x{2066}-\x{2069}]/u', $answer) === 1 ? throw new AnswerRefused('field.unseen') : $answer;
    }
}
