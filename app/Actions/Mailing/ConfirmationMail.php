<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Models\Delivery;
use App\Models\SignupJourney;
use Juramen\Consent\AskedBy;

/** The first mail in which a person is asked to confirm. */
final class ConfirmationMail extends AskingMail
{
    protected function asking(): AskedBy
    {
        return AskedBy::First;
    }

    protected function wordsOf(Delivery $delivery, SignupJourney $journey): string
    {
        return self::confirmation($journey);
    }
}
