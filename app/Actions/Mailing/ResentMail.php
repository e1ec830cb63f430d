<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Models\Delivery;
use App\Models\SignupJourney;
use Juramen\Consent\AskedBy;

/** The first mail once more, because the person asked for it. */
final class ResentMail extends AskingMail
{
    protected function asking(): AskedBy
    {
        return AskedBy::Resent;
    }

    protected function wordsOf(Delivery $delivery, SignupJourney $journey): string
    {
        return self::confirmation($journey);
    }
}
