<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use Juramen\Consent\AskedBy;

/** Asks once more, in words of its own; it moves no deadline. */
final class ReminderMail extends AskingMail
{
    protected function asking(): AskedBy
    {
        return AskedBy::Reminder;
    }
}
