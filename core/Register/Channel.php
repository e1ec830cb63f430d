<?php

declare(strict_types=1);

namespace Juramen\Register;

/** By which means a controller reaches a person. */
enum Channel: string
{
    case Email = 'email';
    case Sms = 'sms';
    case Phone = 'phone';
    case Post = 'post';
    case Messaging = 'messaging';

    /** Whether it reaches people by their phone number, and is therefore confirmed through that number. */
    public function isByNumber(): bool
    {
        return in_array($this, [self::Sms, self::Phone, self::Messaging], true);
    }
}
