<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Ledger\Append;
use App\Models\SignupJourney;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Juramen\Canon\Id;
use Juramen\Consent\Acts\ConfirmationSent;

/** A sign-up hears what became of its confirmation mail. Inside the transaction that settles it, under the lock of the person's chain. */
final class HearOfMail
{
    public function __construct(private readonly Append $append, private readonly PublishedForms $published, private readonly SystemClock $clock) {}

    /** Entered even where the person was quicker than we: the mail was sent, and that is part of the proof. */
    public function taken(Id $id): void
    {
        $journey = $this->locked($id);
        if ($journey === null) {
            return;
        }
        $now = $this->clock->instant();
        ($this->append)($journey->subscriber->subject, new ConfirmationSent($now, $id, $journey->edition->digest, $journey->language));
        $journey->follow($journey->path()->mailed($now, $this->published->edition($journey->edition->digest)->sheet->rules->reminderDays));
    }

    public function givenUp(Id $id): void
    {
        $journey = $this->locked($id);
        $journey?->follow($journey->path()->mailGivenUp($this->clock->instant()));
    }

    private function locked(Id $id): ?SignupJourney
    {
        return SignupJourney::query()->with('subscriber', 'edition')->whereKey($id->bytes)->lockForUpdate()->first();
    }
}
