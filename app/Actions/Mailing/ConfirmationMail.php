<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Consent\PersonalValues;
use App\Actions\Delivery\Outcome;
use App\Actions\Signup\HearOfMail;
use App\Models\Delivery;
use App\Support\PublishedForms;
use Juramen\Canon\MacRing;

/** Asks a person to confirm; what becomes of it moves the sign-up. */
final class ConfirmationMail extends AskingMail
{
    public function __construct(SmtpSender $smtp, PublishedForms $published, PersonalValues $personal, MacRing $keys, private readonly HearOfMail $hear)
    {
        parent::__construct($smtp, $published, $personal, $keys);
    }

    public function settled(Delivery $delivery, Outcome $outcome): void
    {
        if ($delivery->journey === null) {
            return;
        }
        $outcome->isAccepted() ? $this->hear->taken($delivery->journey) : $this->hear->givenUp($delivery->journey);
    }
}
