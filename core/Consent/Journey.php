<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\Id;
use Juramen\Canon\Instant;

/**
 * One sign-up's path to consent as a state machine. A step that the state does not allow gives null, so that a
 * second press, a late press or a late clock changes nothing; only what leads on gives a new journey.
 *
 * Days count from the mail's acceptance: while the worker or the mail server is away the clock stands, but nobody's address is kept
 * unconfirmed for more than LONGEST_DAYS from asking.
 */
final readonly class Journey
{
    /** Days from asking after which an unconfirmed sign-up ends, whatever became of its mails. */
    public const LONGEST_DAYS = 30;

    /** How often a person may have the mail sent once more: enough for a full mailbox or a mail that was deleted, too few to flood anybody. */
    public const RESENDS = 2;

    /** Seconds between a mail's acceptance and the next that may be asked for. */
    public const APART = 60;

    /**
     * @param  Instant|null  $lapses  null where nothing has to be confirmed
     * @param  Instant|null  $reminds  when the one reminder is due; null where there is none, or none any more
     * @param  Instant|null  $mailed  when the newest mail in which the person was asked was taken; null before the first
     * @param  int  $resent  how often the person had it sent once more
     */
    private function __construct(
        public Id $id, public JourneyState $state, public int $lapseDays, public Instant $asked, public ?Instant $lapses = null,
        public ?Instant $reminds = null, public ?Instant $mailed = null, public int $resent = 0, public ?Instant $ended = null,
    ) {}

    /** One that waits for the person to confirm. @param  int  $lapseDays 1 to 30, see HouseRules */
    public static function asked(Id $id, int $lapseDays, Instant $at): self
    {
        return new self($id, JourneyState::Asked, $lapseDays, $at, $at->plusDays(self::LONGEST_DAYS));
    }

    /** One that needs no confirmation: it ends as it begins. @param  int  $lapseDays 1 to 30, see HouseRules */
    public static function withoutConfirmation(Id $id, int $lapseDays, Instant $at): self
    {
        return new self($id, JourneyState::Confirmed, $lapseDays, $at, ended: $at);
    }

    public static function restore(
        Id $id, JourneyState $state, int $lapseDays, Instant $asked, ?Instant $lapses, ?Instant $reminds, ?Instant $mailed, int $resent, ?Instant $ended
    ): self {
        return new self($id, $state, $lapseDays, $asked, $lapses, $reminds, $mailed, $resent, $ended);
    }

    /** A mail server took the mail: from now on days count. @param  int  $reminderDays until the reminder; 0 where there is none */
    public function mailed(Instant $at, int $reminderDays = 0): ?self
    {
        if ($this->state !== JourneyState::Asked || $this->stateAt($at)->hasEnded()) {
            return null;
        }
        [$lapses, $reminds] = [$this->days($at), $at->plusDays($reminderDays)];

        return $this->with(
            state: JourneyState::Mailed, lapses: $lapses, reminds: $reminderDays === 0 || ! $lapses->isAfter($reminds) ? null : $reminds, mailed: $at
        );
    }

    /** The mail that the person asked for once more was taken: days count from it, for its button has to work as long as it says. */
    public function mailedAgain(Instant $at): ?self
    {
        return $this->stateAt($at)->hasEnded() ? null : $this->with(
            state: JourneyState::Mailed, lapses: $this->mailed === null ? $this->days($at) : Instant::later($this->days($at), $this->lapses ?? $at), mailed: $at
        );
    }

    /** The mail cannot be delivered, or nobody will know whether it was: days count all the same, lest the address stay for long. */
    public function mailGivenUp(Instant $at): ?self
    {
        return $this->state === JourneyState::Asked && $this->lapses?->isAfter($this->days($at)) === true
            ? $this->with(state: $this->state, lapses: $this->days($at)) : null;
    }

    /** The one reminder goes out. It moves no deadline. */
    public function reminded(Instant $now): ?self
    {
        return ! $this->stateAt($now)->hasEnded() && $this->reminds !== null && ! $this->reminds->isAfter($now) ? $this->with(state: $this->state) : null;
    }

    /**
     * The person asked for the mail once more. While the last is still on its way to the mail server there is none to repeat: the time between two
     * counts from the asking, until that mail is taken.
     */
    public function resent(Instant $now): ?self
    {
        return $this->stateAt($now) === JourneyState::Mailed && $this->resent < self::RESENDS
            && $this->mailed?->plusSeconds(self::APART)->isAfter($now) === false
            ? $this->with(state: $this->state, reminds: $this->reminds, mailed: $now, resent: $this->resent + 1) : null;
    }

    /** The person pressed the button; also before we know that the mail was taken, for it plainly arrived. */
    public function confirmed(Instant $at): ?self
    {
        return $this->stateAt($at)->hasEnded() ? null : $this->ended(JourneyState::Confirmed, $at);
    }

    /** The clock ran out. */
    public function lapsed(Instant $now): ?self
    {
        return ! $this->state->hasEnded() && $this->stateAt($now) === JourneyState::Lapsed ? $this->ended(JourneyState::Lapsed, $now) : null;
    }

    /** Whoever has the inbox says that somebody else entered it: before confirming, or of what needed no confirmation. */
    public function notTheirs(Instant $at): ?self
    {
        return $this->state->hasEnded() && $this->state !== JourneyState::Confirmed ? null : $this->ended(JourneyState::NotTheirs, $at);
    }

    /** The person mended the address; what was asked goes on as another sign-up, to the right one. */
    public function corrected(Instant $at): ?self
    {
        return $this->stateAt($at)->hasEnded() ? null : $this->ended(JourneyState::Corrected, $at);
    }

    /** The mail came back, or was refused for its address: nobody will ever confirm. */
    public function undeliverable(Instant $at): ?self
    {
        return $this->state->hasEnded() ? null : $this->ended(JourneyState::Undeliverable, $at);
    }

    /** Withdrawn while it waited. */
    public function withdrawn(Instant $at): ?self
    {
        return $this->state->hasEnded() ? null : $this->ended(JourneyState::Withdrawn, $at);
    }

    /** What it gave was withdrawn later, all of it. */
    public function revoked(Instant $at): ?self
    {
        return $this->state === JourneyState::Confirmed ? $this->ended(JourneyState::Revoked, $at) : null;
    }

    /** Where it stands for the person at a moment: once its days are over it has lapsed, though no clock has ended it yet. */
    public function stateAt(Instant $now): JourneyState
    {
        return ! $this->state->hasEnded() && $this->lapses !== null && $now->isAfter($this->lapses) ? JourneyState::Lapsed : $this->state;
    }

    /** Its days from a moment on, never past the longest time. */
    private function days(Instant $from): Instant
    {
        return Instant::earlier($from->plusDays($this->lapseDays), $this->asked->plusDays(self::LONGEST_DAYS));
    }

    private function ended(JourneyState $state, Instant $at): self
    {
        return new self($this->id, $state, $this->lapseDays, $this->asked, $this->lapses, null, $this->mailed, $this->resent, $at);
    }

    /** Goes on; a reminder that is not named is none any more. */
    private function with(JourneyState $state, ?Instant $lapses = null, ?Instant $reminds = null, ?Instant $mailed = null, ?int $resent = null): self
    {
        return new self(
            $this->id, $state, $this->lapseDays, $this->asked, $lapses ?? $this->lapses, $reminds, $mailed ?? $this->mailed, $resent ?? $this->resent
        );
    }
}
