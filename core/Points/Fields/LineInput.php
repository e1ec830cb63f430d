<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\SlottedText;
use Juramen\Register\Channel;
use Juramen\Register\Language;

/** A field to type one line in. */
trait LineInput
{
    /** The HTML input type, which also chooses the keyboard on a phone. */
    private function type(): string
    {
        return 'text';
    }

    /** Token of the HTML Standard's autofill field names, so that browsers can help (WCAG 2.2, 1.3.5). */
    abstract private function autofill(): string;

    /** The longest answer, in characters. */
    private function longest(): int
    {
        return 100;
    }

    public function reaches(Channel $channel): bool
    {
        return false;
    }

    public function control(SlottedText $page, Field $field, Language $language): void
    {
        $name = $field->name();
        $page->write(
            "<input id=\"$name\" name=\"$name\" type=\"{$this->type()}\" autocomplete=\"{$this->autofill()}\" maxlength=\"{$this->longest()}\""
                .($field->required ? ' required' : '')
        )
            ->slot("state:$name")->write(' value="')->slot("value:$name")->write('">');
    }

    public function read(string $typed): string
    {
        $answer = trim($typed);
        if (mb_strlen($answer) > $this->longest()) {
            throw new AnswerRefused('field.too-long', $this->longest(), mb_strlen($answer));
        }

        return preg_match('/[\p{Cc}\x{2028}\x{2029}]/u', $answer) === 1 ? throw new AnswerRefused('field.line') : $answer;
    }
}
