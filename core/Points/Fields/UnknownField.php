<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;

/** A field of a kind that is no longer offered: old forms with it are still shown, taken and proven. */
final readonly class UnknownField implements FieldKind
{
    use LineInput;

    public function __construct(private string $id) {}

    public function id(): string
    {
        return $this->id;
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Other;
    }

    private function autofill(): string
    {
        return 'off';
    }

    private function longest(): int
    {
        return 500;
    }
}
