<?php

declare(strict_types=1);

namespace Juramen\Points\Fields;

use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldMeaning;
use Juramen\Points\Typed;
use Juramen\Register\Channel;
use Juramen\Register\EmailAddress;
use Juramen\Register\InvalidEmailAddress;

/** The email address. */
final readonly class EmailField implements FieldKind
{
    use LineInput;

    public function id(): string
    {
        return 'email';
    }

    public function meaning(): FieldMeaning
    {
        return FieldMeaning::Email;
    }

    public function reaches(Channel $channel): bool
    {
        return $channel === Channel::Email;
    }

    public function read(Field $field, Typed $typed): string
    {
        try {
            return EmailAddress::parse($typed->in($field->name()))->text;
        } catch (InvalidEmailAddress $e) {
            throw new AnswerRefused('email.'.$e->fault->value);
        }
    }

    private function type(): string
    {
        return 'email';
    }

    private function autofill(): string
    {
        return 'email';
    }

    private function longest(): int
    {
        return 254;
    }
}
