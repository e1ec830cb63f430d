<?php

declare(strict_types=1);

namespace Juramen\Wording;

/** What a statement's text leaves to the registers; written in braces, filled at publishing. */
enum Placeholder: string
{
    case Controller = 'controller';
    case Contact = 'contact';
    case Notice = 'notice';
    case Withdrawal = 'withdrawal';
    case Rate = 'rate';
    case Recipients = 'recipients';

    /** What it stands for, for those who write. */
    public function says(): string
    {
        return match ($this) {
            self::Controller => 'the controller\'s name',
            self::Contact => 'where people reach the controller',
            self::Notice => 'a link to the privacy notice',
            self::Withdrawal => 'the sentence that says how to withdraw',
            self::Rate => 'how often it comes',
            self::Recipients => 'who gets the details for its own use',
        };
    }

    /** All of them, as they are written. */
    public static function list(): string
    {
        return '{'.implode('}, {', array_column(self::cases(), 'value')).'}';
    }

    /** @return list<string> names in braces, as they stand in the text, known or not */
    public static function namesIn(string $text): array
    {
        preg_match_all('/\{([^{}\s]{1,40})\}/u', $text, $m);

        return array_values(array_unique($m[1]));
    }
}
