<?php

declare(strict_types=1);

namespace Juramen\Wording;

/** What the words of a mail leave to the form, its controller, and the person; written in braces. */
enum MailPlaceholder: string
{
    case Title = 'title';
    case Controller = 'controller';
    case Days = 'days';
    case Name = 'name';

    public function written(): string
    {
        return '{'.$this->value.'}';
    }

    /** What it stands for, for those who write. */
    public function says(): string
    {
        return match ($this) {
            self::Title => 'the title of the form',
            self::Controller => 'the controller\'s name',
            self::Days => 'the days to confirm',
            self::Name => 'the name that was typed',
        };
    }
}
