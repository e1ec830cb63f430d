<?php

declare(strict_types=1);

namespace Juramen\Consent;

/** Which of the messages in which a person is asked to confirm. */
enum AskedBy: string
{
    case First = 'first';
    /** The one reminder, where the rules have one. */
    case Reminder = 'reminder';
    /** Sent once more because the person asked for it. */
    case Resent = 'resent';
    /** To a number that is to be confirmed. */
    case Number = 'number';
}
