<?php

declare(strict_types=1);

namespace Juramen\Points;

/** What kind of value goes over to a destination, or is taken there. */
enum ValueType: string
{
    case Text = 'text';
    case Number = 'number';
    /** A day without a time. */
    case Day = 'day';
    /** A moment, in UTC. */
    case Moment = 'moment';
    case Link = 'link';

    public function says(): string
    {
        return match ($this) {
            self::Text => 'text',
            self::Number => 'a number',
            self::Day => 'a day',
            self::Moment => 'a moment',
            self::Link => 'a link',
        };
    }

    /** Whether what is of this type is understood where another is taken: everything but a moment can be read as text. */
    public function fits(self $there): bool
    {
        return $this === $there || $there === self::Text;
    }
}
