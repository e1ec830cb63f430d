<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Consent\PersonalValues;
use App\Actions\Delivery\Outcome;
use App\Actions\Signup\HearOfAsking;
use App\Models\Delivery;
use App\Models\SignupJourney;
use App\Support\Gifts;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Juramen\Canon\MacRing;
use Juramen\Consent\AskedBy;
use Juramen\Consent\Link;
use Juramen\Consent\ReturnPath;
use Juramen\Register\Audience;
use Juramen\Register\Regime;
use Juramen\Wording\MailKind;
use Symfony\Component\Mime\Email;

/** Asks a person to confirm, unless the sign-up has ended; what becomes of it moves the sign-up. */
abstract class AskingMail extends JourneyMail
{
    public function __construct(
        SmtpSender $smtp, PublishedForms $published, PersonalValues $personal, MailWords $words, MacRing $keys, Gifts $gifts,
        private readonly HearOfAsking $hear, private readonly SystemClock $clock
    ) {
        parent::__construct($smtp, $published, $personal, $words, $keys, $gifts);
    }

    abstract protected function asking(): AskedBy;

    /** The confirmation's words, or the second ones where chance allotted these. */
    protected static function confirmation(SignupJourney $journey): string
    {
        return ($journey->allotted === 'b' ? MailKind::Second : MailKind::Confirmation)->value;
    }

    public function settled(Delivery $delivery, Outcome $outcome): void
    {
        if ($delivery->journey === null) {
            return;
        }
        match (true) {
            $outcome->isAccepted() => $this->hear->taken($delivery->journey, $this->asking()),
            $outcome->isReturned() => $this->hear->returned($delivery->journey),
            $this->asking() === AskedBy::First => $this->hear->givenUp($delivery->journey),
            default => null,
        };
    }

    protected function isWanted(SignupJourney $journey): bool
    {
        return ! $journey->path()->stateAt($this->clock->instant())->hasEnded();
    }

    protected function write(Email $mail, Letter $letter): Email
    {
        // What cannot be delivered comes back to an address that names the sign-up, at the sender's own domain.
        $domain = substr($letter->edition->controller->sender, (int) strrpos($letter->edition->controller->sender, '@') + 1);
        $mail->returnPath(ReturnPath::address($letter->journey->id, $domain, $this->keys));
        $link = url('/confirm/'.Link::Confirm->token($letter->journey->id, $this->keys));
        // Elsewhere nobody has subscribed yet and there is nothing to stop; Canada wants the way out in every message (CASL 6(2)).
        $canada = Audience::from($letter->edition->sheet->draft->countries, unknownIsStrict: false)->isUnder(Regime::Canada);
        $stop = $canada ? $this->withdrawal($letter) : null;
        $written = $this->written('confirmation', $mail, $letter, $link, $stop);

        return $stop === null ? $written : self::stoppable($written, $stop);
    }
}
