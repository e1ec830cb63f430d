<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Register\Channel;

/** The small set of fields a form is made of. */
enum FieldKind: string
{
    case FirstName = 'first-name';
    case Name = 'name';
    case Email = 'email';
    case Phone = 'phone';

    /** Token of the HTML Standard's autofill field names, so that browsers can help (WCAG 2.2, 1.3.5). */
    public function autofill(): string
    {
        return match ($this) {
            self::FirstName => 'given-name',
            self::Name => 'name',
            self::Phone => 'tel',
            self::Email => 'email',
        };
    }

    /** The HTML input type, which also chooses the keyboard on a phone. */
    public function inputType(): string
    {
        return match ($this) {
            self::Email => 'email',
            self::Phone => 'tel',
            default => 'text',
        };
    }

    /** Whether what is given here is the address of that channel. */
    public function reaches(Channel $channel): bool
    {
        return match ($this) {
            self::Email => $channel === Channel::Email,
            self::Phone => $channel->isByNumber(),
            default => false,
        };
    }

    /** The longest value, in characters. */
    public function longest(): int
    {
        return match ($this) {
            self::Email => 254,
            self::Phone => 30,
            default => 100,
        };
    }
}
