<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;

/** A last name. */
final readonly class LastNameField implements FieldKind
{
    use PersonName;

    public function id(): string
    {
        return 'last-name';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Name;
    }

    private function autofill(): string
    {
        return 'family-name';
    }
}
