<?php

declare(strict_types=1);

namespace App\Models;

/** Mails of a journey. */
enum MessageKind: string
{
    case Confirmation = 'confirmation';
    case Reminder = 'reminder';
    case Welcome = 'welcome';
}
