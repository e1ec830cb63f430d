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
}
