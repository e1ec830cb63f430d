<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\Id;
use Juramen\Canon\Instant;

/**
 * One sign-up's path to consent as a state machine. A step that the state does not allow gives null, so that a
 * second press, a late press or a late clock changes nothing; only what leads on gives a new journey.
 */
final readonly class Journey
{
    /**
     * @param  Instant|null  $lapses  null while the clock stands, because no outcome of the mail is known
     * @param  Instant|null  $reminds  when the one reminder is due; null where there is none, or none any more
     */
    private function __construct(
        public Id $id, public JourneyState $state, public int $lapseDays, public ?Instant $lapses = null, public ?Instant $reminds = null,
        public ?Instant $ended = null,
    ) {}

    /** One that waits for the person to confirm. @param  int  $lapseDays 1 to 30, see HouseRules */
    public static function asked(Id $id, int $lapseDays): self
    {
        return new self($id, JourneyState::Asked, $lapseDays);
    }

    /** One that needs no confirmation: it ends as it begins. @param  int  $lapseDays 1 to 30, see HouseRules */
    public static function withoutConfirmation(Id $id, int $lapseDays, Instant $at): self
    {
        return new self($id, JourneyState::Confirmed, $lapseDays, ended: $at);
    }

    public static function restore(Id $id, JourneyState $state, int $lapseDays, ?Instant $lapses, ?Instant $reminds, ?Instant $ended): self
    {
        return new self($id, $state, $lapseDays, $lapses, $reminds, $ended);
    }

    /** A mail server took the mail: from now on days count. @param  int  $reminderDays until the reminder; 0 where there is none */
    public function mailed(Instant $at, int $reminderDays = 0): ?self
    {
        return $this->state !== JourneyState::Asked ? null : new self(
            $this->id, JourneyState::Mailed, $this->lapseDays, $at->plusDays($this->lapseDays), $reminderDays === 0 ? null : $at->plusDays($reminderDays)
        );
    }

    /** The mail cannot be delivered, or nobody will know whether it was: days count all the same, lest the address stay for ever. */
    public function mailGivenUp(Instant $at): ?self
    {
        return $this->state === JourneyState::Asked && $this->lapses === null
            ? new self($this->id, JourneyState::Asked, $this->lapseDays, $at->plusDays($this->lapseDays)) : null;
    }

    /** The one reminder goes out. It moves no deadline. */
    public function reminded(Instant $now): ?self
    {
        return $this->state === JourneyState::Mailed && $this->reminds !== null && ! $this->reminds->isAfter($now)
            ? new self($this->id, $this->state, $this->lapseDays, $this->lapses) : null;
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

    private function ended(JourneyState $state, Instant $at): self
    {
        return new self($this->id, $state, $this->lapseDays, $this->lapses, ended: $at);
    }
}
