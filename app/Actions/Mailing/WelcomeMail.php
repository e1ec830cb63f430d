<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Models\CurrentPermission;
use App\Models\SignupJourney;
use Juramen\Consent\Link;
use Symfony\Component\Mime\Email;

/** Says what was agreed to and how it ends; unless nothing is permitted any more. */
final class WelcomeMail extends JourneyMail
{
    protected function isWanted(SignupJourney $journey): bool
    {
        return CurrentPermission::query()->where('subscriber_id', $journey->subscriber_id)->where('allowed', true)->exists();
    }

    protected function write(Email $mail, Letter $letter): Email
    {
        $link = $this->withdrawal($letter);
        // Nobody has confirmed that the address is theirs: whoever has the inbox can say that it was not.
        $words = $letter->words->word('not-theirs');
        $notTheirs = $letter->edition->sheet->rules->doubleOptIn || $words === '' ? null
            : url('/not-theirs/'.Link::NotTheirs->token($letter->journey->id, $this->keys));

        return self::stoppable(
            $this->written('welcome', $mail, $letter, $link, notTheirs: $notTheirs), $link
        );
    }
}
