<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FormWords;
use Juramen\Points\SlottedText;
use Juramen\Points\Typed;
use Juramen\Register\Language;

/** What somebody wants to say, in as many lines as they like. */
final readonly class MessageField implements FieldKind
{
    use OneInput;

    /** In characters: a letter of two pages. */
    private const LONGEST = 5000;

    public function id(): string
    {
        return 'message';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Message;
    }

    public function control(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        $name = $field->name();
        $page->write("<textarea id=\"$name\" name=\"$name\" rows=\"6\" autocomplete=\"off\" maxlength=\"".self::LONGEST.'"');
        // A line break behind the tag is no part of what was typed (HTML Standard), so one of its own is kept.
        $this->says($page, $field)->write(">\n")->slot("value:$name")->write('</textarea>');
    }

    public function read(Field $field, Typed $typed): string
    {
        $answer = trim((string) preg_replace('~\r\n?~', "\n", $typed->in($field->name())));
        if (mb_strlen($answer) > self::LONGEST) {
            throw new AnswerRefused('field.too-long', self::LONGEST, mb_strlen($answer));
        }

        return preg_match('/[^\P{Cc}\n\t]/u', $answer) === 1 ? throw new AnswerRefused('field.unseen') : $answer;
    }
}
