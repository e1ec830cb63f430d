<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Models\SignupJourney;
use Symfony\Component\Mime\Email;

/** Says that a withdrawal is entered, to somebody who saw no page that says it. It asks for nothing, and leads nowhere. */
final class WithdrawnMail extends JourneyMail
{
    protected function isWanted(SignupJourney $journey): bool
    {
        return true;
    }

    protected function write(Email $mail, Letter $letter): Email
    {
        return $this->written('acknowledgement', $mail, $letter, null);
    }
}
