<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;
use Juramen\Register\Channel;

/** A phone number. */
final readonly class PhoneField implements FieldKind
{
    use LineInput;

    public function id(): string
    {
        return 'phone';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Phone;
    }

    public function reaches(Channel $channel): bool
    {
        return $channel->isByNumber();
    }

    private function type(): string
    {
        return 'tel';
    }

    private function autofill(): string
    {
        return 'tel';
    }

    private function longest(): int
    {
        return 30;
    }
}
