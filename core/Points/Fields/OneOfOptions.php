<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FieldOption;
use Juramen\Points\FieldValue;
use Juramen\Points\Typed;
use Juramen\Register\Language;

/** One of the answers that the sheet offers. Kept as it was read, in the form's language. */
trait OneOfOptions
{
    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Other;
    }

    public function offersOptions(): bool
    {
        return true;
    }

    public function offered(Field $field, Language $language): array
    {
        return FieldOption::offered($field->options, $language);
    }

    public function read(Field $field, Typed $typed): string
    {
        $answer = trim($typed->in($field->name()));
        foreach ($field->options as $option) {
            if ($option->id->text === $answer) {
                return $option->label->in($typed->language);
            }
        }

        return $answer === '' ? '' : throw new AnswerRefused('field.not-offered');
    }

    public function typedAs(Field $field, string $kept, Language $language): array
    {
        $chosen = array_filter($field->options, static fn (FieldOption $o): bool => $o->label->orNothing($language) === $kept);

        return array_values(array_map(static fn (FieldOption $o): FieldValue => new FieldValue($field->name(), $o->id->text), $chosen));
    }
}
