<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use Juramen\Consent\Asking;

/** The first mail in which a person is asked to confirm. */
final class ConfirmationMail extends AskingMail
{
    protected function asking(): Asking
    {
        return Asking::First;
    }
}
