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

/** An age in whole years, where the day of birth would be more than is needed. */
final readonly class AgeField implements FieldKind
{
    use OneInput;

    public function id(): string
    {
        return 'age';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Birthday;
    }

    public function control(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        $name = $field->name();
        $page->write("<input id=\"$name\" name=\"$name\" type=\"text\" inputmode=\"numeric\" autocomplete=\"off\" maxlength=\"3\"");
        $this->says($page, $field)->write(' value="')->slot("value:$name")->write('">');
    }

    public function read(Field $field, Typed $typed): string
    {
        $answer = trim($typed->in($field->name()));
        if ($answer === '') {
            return '';
        }
        $isAge = preg_match('/^\d{1,3}$/D', $answer) === 1 && (int) $answer <= BirthdayField::YEARS;

        return $isAge ? (string) (int) $answer : throw new AnswerRefused('field.no-age');
    }
}
