<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\Field;
use Juramen\Points\FieldValue;
use Juramen\Points\Labelling;
use Juramen\Points\SlottedText;
use Juramen\Register\Channel;
use Juramen\Register\Language;

/** A field of one input, which its label belongs to, and which reaches nobody. */
trait OneInput
{
    public function reaches(Channel $channel): bool
    {
        return false;
    }

    public function offersOptions(): bool
    {
        return false;
    }

    /** @return non-empty-list<string> */
    public function inputs(Field $field): array
    {
        return [$field->name()];
    }

    public function labelling(): Labelling
    {
        return Labelling::Above;
    }

    /** @return list<FieldValue> */
    public function typedAs(Field $field, string $kept, Language $language): array
    {
        return [new FieldValue($field->name(), $kept)];
    }

    /** What every control says of itself: that it must be answered, where its help stands, and a slot for what is wrong. */
    private function says(SlottedText $page, Field $field): SlottedText
    {
        $page->write($field->required ? ' required' : '');

        return $field->hasHelp() ? $page->write(" aria-describedby=\"{$field->name()}-notes\"")->slot("marked:{$field->name()}")
            : $page->slot("state:{$field->name()}");
    }
}
