<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;
use Juramen\Register\Channel;

/** A whole name. */
final readonly class NameField implements FieldKind
{
    use LineInput;

    public function id(): string
    {
        return 'name';
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
        return 'name';
    }

    private function longest(): int
    {
        return 100;
    }
}
