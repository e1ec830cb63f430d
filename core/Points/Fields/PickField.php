<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldOption;
use Juramen\Points\FormWords;
use Juramen\Points\Governs;
use Juramen\Points\SlottedText;
use Juramen\Points\Typed;
use Juramen\Register\Language;
use Juramen\Wording\Markup;

/** One of several answers, all of which are in sight, none chosen beforehand. */
final readonly class PickField implements FieldKind, Governs
{
    use Group, OneOfOptions {
        OneOfOptions::offersOptions insteadof Group;
    }

    public function id(): string
    {
        return 'pick';
    }

    /** @return non-empty-list<string> */
    public function inputs(Field $field): array
    {
        return [$field->name()];
    }

    public function control(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        $name = $field->name();
        $required = $field->required ? ' required' : '';
        foreach ($field->options as $option) {
            $id = $field->inputOf($option);
            $page->write("<div class=\"tick\"><input id=\"$id\" name=\"$name\" type=\"radio\" value=\"{$option->id}\"$required")
                ->slot("picked:$name:{$option->id}")->write("><label for=\"$id\">".Markup::escape($option->label->in($language))."</label></div>\n");
        }
    }

    public function chosen(Field $field, Typed $typed): array
    {
        $answer = trim($typed->in($field->name()));

        return array_filter($field->options, static fn (FieldOption $o): bool => $o->id->text === $answer) === [] ? [] : [$answer];
    }

    public function otherwise(Field $field, array $answers): string
    {
        $others = array_filter($field->options, static fn (FieldOption $o): bool => ! in_array($o->id->text, $answers, true));

        return ':has('.implode(', ', array_map(static fn (FieldOption $o): string => '[id="'.$field->inputOf($o).'"]:checked', $others)).')';
    }
}
