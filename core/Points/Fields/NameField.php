<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;

/** A whole name. */
final readonly class NameField implements FieldKind
{
    use PersonName;

    public function id(): string
    {
        return 'name';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Name;
    }

    private function autofill(): string
    {
        return 'name';
    }
}
