<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Ledger\Append;
use App\Models\SignupJourney;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\ConfirmationSent;
use Juramen\Consent\Acts\Undeliverable;
use Juramen\Consent\AskedBy;
use Juramen\Consent\Journey;
use Juramen\Register\Channel;

/**
 * A sign-up hears what became of the mail or message in which the person is asked to confirm. Inside the transaction that settles it, under
 * the lock of the person's chain.
 */
final class HearOfAsking
{
    public function __construct(
        private readonly Append $append, private readonly EndJourney $end, private readonly PublishedForms $published, private readonly SystemClock $clock
    ) {}

    /** Entered even where the person was quicker than we: the mail was sent, and that is part of the proof. */
    public function taken(Id $id, AskedBy $asking): void
    {
        $journey = $this->locked($id);
        if ($journey === null) {
            return;
        }
        $now = $this->clock->instant();
        ($this->append)($journey->subscriber->subject, new ConfirmationSent($now, $journey->consent, $journey->edition->digest, $journey->language, $asking));
        $journey->follow(match ($asking) {
            AskedBy::First => $journey->path()->mailed($now, $this->published->edition($journey->edition->digest)->sheet->rules->reminderDays),
            AskedBy::Number => $journey->path()->mailed($now) ?? $journey->path()->mailedAgain($now),
            AskedBy::Resent => $journey->path()->mailedAgain($now),
            // It moves no deadline.
            AskedBy::Reminder => null,
        });
    }

    /** Nobody will know whether it arrived, or it could not be handed over. */
    public function givenUp(Id $id): void
    {
        $journey = $this->locked($id);
        $journey?->follow($journey->path()->mailGivenUp($this->clock->instant()));
    }

    /** There is no such mailbox: nobody will ever confirm. @return bool whether that ended it */
    public function returned(Id $id): bool
    {
        $journey = SignupJourney::query()->whereKey($id->bytes)->first();

        return $journey !== null && $this->end->path(
            $journey, static fn (Journey $path, Instant $now): ?Journey => $path->undeliverable($now),
            static fn (Instant $now, Channel $through): Undeliverable => new Undeliverable($now, $journey->consent, $through), 'undeliverable',
        );
    }

    private function locked(Id $id): ?SignupJourney
    {
        return SignupJourney::query()->with('subscriber', 'edition')->whereKey($id->bytes)->lockForUpdate()->first();
    }
}
