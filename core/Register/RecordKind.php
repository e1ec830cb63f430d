<?php

declare(strict_types=1);

namespace Juramen\Register;

/** What a record holds. */
enum RecordKind: string
{
    case Sheet = 'sheet';
    case Statement = 'statement';
    case Controller = 'controller';
    case Purpose = 'purpose';
    case Processor = 'processor';
    case Rules = 'rules';
    case Mail = 'mail';
    case ContactList = 'list';
    case Destination = 'destination';

    /** As the office calls one of them. */
    public function noun(): string
    {
        return match ($this) {
            self::Sheet => 'signup point',
            self::Statement => 'statement',
            self::Controller => 'controller',
            self::Purpose => 'purpose',
            self::Processor => 'processor or recipient',
            self::Rules => 'house rules',
            self::Mail => 'mail',
            self::ContactList => 'list',
            self::Destination => 'destination',
        };
    }

    /** Whether one can be taken out of use. */
    public function canBeRetired(): bool
    {
        return in_array($this, [self::Statement, self::Purpose, self::Processor, self::Mail, self::ContactList, self::Destination], true);
    }
}
