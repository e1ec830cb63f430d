<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FormWords;
use Juramen\Points\Labelling;
use Juramen\Points\SlottedText;
use Juramen\Points\Typed;
use Juramen\Register\Language;

/**
 * A hidden mark of where the form was come upon, such as a poster's address: one of those that the sheet names, or nothing. Nobody can
 * put anything else into it, and it says nothing of the person.
 */
final readonly class SourceField implements FieldKind
{
    use OneInput;

    public function id(): string
    {
        return 'source';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Source;
    }

    public function labelling(): Labelling
    {
        return Labelling::None;
    }

    public function control(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        $page->write("<input id=\"{$field->name()}\" name=\"{$field->name()}\" type=\"hidden\" value=\"")->slot("value:{$field->name()}")->write('">');
    }

    public function read(Field $field, Typed $typed): string
    {
        $mark = trim($typed->in($field->name()));

        return in_array($mark, $field->marks, true) ? $mark : '';
    }
}
