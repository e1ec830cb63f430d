<?php

declare(strict_types=1);

namespace Juramen\Points;

/** The puzzle as it stands in a form, above its button: solved by a small script, or answered by whoever runs none. */
final readonly class PuzzleBlock
{
    public const TOKEN = 'puzzle';

    public const SOLUTION = 'puzzle-solution';

    public const ANSWER = 'puzzle-answer';

    /**
     * @param  string  $token  sealed
     * @param  int  $bits  how hard it is
     * @param  string  $question  for whoever runs no script
     * @param  string  $working  what stands there while the browser works
     */
    public function __construct(private string $token, private int $bits, private string $question, private string $working) {}

    public function html(): string
    {
        $escape = FormRenderer::escape(...);
        [$token, $answer] = [self::TOKEN, self::ANSWER];

        return "<div class=\"field\" id=\"$token\" data-bits=\"{$this->bits}\">\n<input type=\"hidden\" name=\"$token\" value=\"{$escape($this->token)}\">\n"
            .'<input type="hidden" name="'.self::SOLUTION."\" value=\"\">\n<div>\n<label for=\"$answer\">{$escape($this->question)}</label>\n"
            ."<input id=\"$answer\" name=\"$answer\" autocomplete=\"off\" autocapitalize=\"none\" spellcheck=\"false\">\n</div>\n"
            ."<p role=\"status\" hidden>{$escape($this->working)}</p>\n</div>\n<script src=\"/build/puzzle.js\" defer></script>\n";
    }
}
