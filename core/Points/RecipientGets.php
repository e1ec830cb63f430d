<?php

declare(strict_types=1);

namespace Juramen\Points;

/** What a mail to a recipient says of what was sent. */
enum RecipientGets: string
{
    case Whole = 'whole';
    /** That something was, with a link to it. */
    case Notice = 'notice';
    /** Once a day, how many came; no address and no words. */
    case Daily = 'daily';

    public function says(): string
    {
        return match ($this) {
            self::Whole => 'everything that was sent',
            self::Notice => 'a notice with a link to it',
            self::Daily => 'how many came, once a day',
        };
    }
}
