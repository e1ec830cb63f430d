<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FormWords;
use Juramen\Points\Governs;
use Juramen\Points\SlottedText;
use Juramen\Register\Language;

/** One of several answers, from a list that opens. */
final readonly class ChoiceField implements FieldKind, Governs
{
    use OneOfOptions, Select {
        OneOfOptions::offersOptions insteadof Select;
        OneOfOptions::typedAs insteadof Select;
    }

    public function id(): string
    {
        return 'choice';
    }

    public function control(SlottedText $page, Field $field, Language $language, FormWords $words): void
    {
        $this->select($page, $field, $words, 'off', $this->offered($field, $language));
    }
}
