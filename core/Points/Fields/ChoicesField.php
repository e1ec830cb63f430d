<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FieldOption;
use Juramen\Points\FieldValue;
use Juramen\Points\FormWords;
use Juramen\Points\Governs;
use Juramen\Points\Labelling;
use Juramen\Points\SlottedText;
use Juramen\Points\Typed;
use Juramen\Register\Channel;
use Juramen\Register\Language;
use Juramen\Wording\Markup;

/** Any of several answers, none ticked beforehand. Kept as they were read, in the form's language, each on a line. */
final readonly class ChoicesField implements FieldKind, Governs
{
    public function id(): string
    {
        return 'choices';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Other;
    }

    public function reaches(Channel $channel): bool
    {
        return false;
    }

    public function offersOptions(): bool
    {
        return true;
    }

    /** @return non-empty-list<string> */
    public function inputs(Field $field): array
    {
        $inputs = array_map(static fn (FieldOption $o): string => $field->inputOf($o), $field->options);

        return $inputs === [] ? [$field->name()] : $inputs;
    }

    public function labelling(): Labelling
    {
        return Labelling::Group;
    }

    public function control(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        foreach ($field->options as $option) {
            $input = $field->inputOf($option);
            $page->write("<div class=\"tick\"><input id=\"$input\" name=\"$input\" type=\"checkbox\" value=\"yes\"")->slot("tick:$input")
                ->write("><label for=\"$input\">".Markup::escape($option->label->in($language))."</label></div>\n");
        }
    }

    public function read(Field $field, Typed $typed): string
    {
        $chosen = [];
        foreach ($field->options as $option) {
            match ($typed->in($field->inputOf($option))) {
                'yes' => $chosen[] = $option->label->in($typed->language),
                '' => null,
                default => throw new AnswerRefused('field.not-offered'),
            };
        }

        return implode("\n", $chosen);
    }

    public function typedAs(Field $field, string $kept, Language $language): array
    {
        $lines = explode("\n", $kept);
        $chosen = array_filter($field->options, static fn (FieldOption $o): bool => in_array($o->label->orNothing($language), $lines, true));

        return array_values(array_map(static fn (FieldOption $o): FieldValue => new FieldValue($field->inputOf($o), 'yes'), $chosen));
    }

    public function offered(Field $field, Language $language): array
    {
        return FieldOption::offered($field->options, $language);
    }

    public function chosen(Field $field, Typed $typed): array
    {
        $chosen = array_filter($field->options, static fn (FieldOption $o): bool => $typed->in($field->inputOf($o)) === 'yes');

        return array_values(array_map(static fn (FieldOption $o): string => $o->id->text, $chosen));
    }

    public function otherwise(Field $field, array $answers): string
    {
        $checked = static fn (FieldOption $o): string => '[id="'.$field->inputOf($o).'"]:checked';
        $wanted = array_filter($field->options, static fn (FieldOption $o): bool => in_array($o->id->text, $answers, true));
        $any = implode(', ', array_map($checked, $field->options));

        return ":has($any)".($wanted === [] ? '' : ':not(:has('.implode(', ', array_map($checked, $wanted)).'))');
    }
}
