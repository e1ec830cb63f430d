<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

/** Asks once more, in words of its own. Whatever becomes of it moves nothing. */
final class ReminderMail extends AskingMail {}
