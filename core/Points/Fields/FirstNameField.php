<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;
use Juramen\Register\Channel;

/** A first name, to greet somebody by. */
final readonly class FirstNameField implements FieldKind
{
    use LineInput;

    public function id(): string
    {
        return 'first-name';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Name;
    }

    public function reaches(Channel $channel): bool
    {
        return false;
    }

    private function type(): string
    {
        return 'text';
    }

    private function autofill(): string
    {
        return 'given-name';
    }

    private function longest(): int
    {
        return 100;
    }
}
