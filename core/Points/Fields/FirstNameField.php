<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;

/** A first name, to greet somebody by. */
final readonly class FirstNameField implements FieldKind
{
    use PersonName;

    public function id(): string
    {
        return 'first-name';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Name;
    }

    private function autofill(): string
    {
        return 'given-name';
    }
}
