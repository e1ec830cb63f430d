<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Register\Channel;

/** Through what a person is asked to confirm: what reaches them by a number is confirmed through that number, all else through the inbox. */
enum Through: string
{
    case Mail = 'mail';
    case Number = 'number';

    public static function of(Channel $channel): self
    {
        return $channel->isByNumber() ? self::Number : self::Mail;
    }

    /** By which the asking goes. */
    public function channel(): Channel
    {
        return $this === self::Mail ? Channel::Email : Channel::Sms;
    }
}
