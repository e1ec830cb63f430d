<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FieldValue;
use Juramen\Points\FormWords;
use Juramen\Points\Labelling;
use Juramen\Points\SlottedText;
use Juramen\Points\Typed;
use Juramen\Register\Language;
use Juramen\Wording\Markup;

/**
 * Terms to be accepted, apart from any consent: a box that starts empty, with a link to the document. Kept is the document's name and
 * edition, so that it can be told later which one was accepted.
 */
final readonly class TermsField implements FieldKind
{
    use OneInput;

    public function id(): string
    {
        return 'terms';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Terms;
    }

    public function labelling(): Labelling
    {
        return Labelling::Beside;
    }

    public function control(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        $name = $field->name();
        $page->write("<div class=\"tick\"><input id=\"$name\" name=\"$name\" type=\"checkbox\" value=\"yes\"")->slot("tick:$name");
        $this->says($page, $field)->write("><label for=\"$name\">".Markup::escape($field->label->in($language)).' <span>('
            .Markup::escape($field->required ? $words->required : $words->optional).')</span></label></div>'."\n")
            ->write("<p class=\"small\"><a id=\"$name-document\" href=\"".Markup::escape($field->terms->link->orNothing($language)).'">'
                .Markup::escape($field->terms->named($language)).'</a></p>');
    }

    public function read(Field $field, Typed $typed): string
    {
        return match ($typed->in($field->name())) {
            'yes' => $field->terms->named($typed->language) ?: 'yes',
            '' => $field->required ? throw new AnswerRefused('field.terms') : '',
            default => throw new AnswerRefused('field.not-offered'),
        };
    }

    public function typedAs(Field $field, string $kept, Language $language): array
    {
        return $kept === '' ? [] : [new FieldValue($field->name(), 'yes')];
    }
}
