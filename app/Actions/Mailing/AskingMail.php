<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Models\SignupJourney;
use Juramen\Consent\Link;
use Juramen\Register\Audience;
use Juramen\Register\Regime;
use Symfony\Component\Mime\Email;

/** Asks a person to confirm, unless the sign-up has ended. */
abstract class AskingMail extends JourneyMail
{
    protected function isWanted(SignupJourney $journey): bool
    {
        return ! $journey->state->hasEnded();
    }

    protected function write(Email $mail, Letter $letter): Email
    {
        $link = url('/confirm/'.Link::Confirm->token($letter->journey->id, $this->keys));
        // Elsewhere nobody has subscribed yet and there is nothing to stop; Canada wants the way out in every message (CASL 6(2)).
        $canada = Audience::from($letter->edition->sheet->draft->countries, unknownIsStrict: false)->isUnder(Regime::Canada);
        $stop = $canada ? $this->withdrawal($letter) : null;
        $written = $this->rendered('confirmation', $mail, $letter, ['link' => $link, 'stop' => $stop]);

        return $stop === null ? $written : $this->stoppable($written, $stop);
    }
}
