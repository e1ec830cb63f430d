<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FormWords;
use Juramen\Points\Governs;
use Juramen\Points\Offered;
use Juramen\Points\SlottedText;
use Juramen\Points\Typed;
use Juramen\Register\Language;

/** The language somebody wants to be written to in, each called what its speakers call it. Kept as its tag (BCP 47). */
final readonly class LanguageField implements FieldKind, Governs
{
    use Select;

    public function id(): string
    {
        return 'language';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Other;
    }

    public function offered(Field $field, Language $language): array
    {
        return array_map(static fn (Language $l): Offered => new Offered($l->value, $l->endonym(), $l === $language ? null : $l), Language::cases());
    }

    public function control(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        $this->select($page, $field, $words, 'language', $this->offered($field, $language));
    }

    public function read(Field $field, Typed $typed): string
    {
        $answer = trim($typed->in($field->name()));

        return $answer === '' ? '' : Language::tryFrom($answer)->value ?? throw new AnswerRefused('field.not-offered');
    }
}
