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
    /** @param  Instant|null  $lapses null while the clock stands, because no outcome of the mail is known */
    private function __construct(public Id $id, public JourneyState $state, public int $lapseDays, public ?Instant $lapses) {}

    /** @param  int  $lapseDays 1 to 30, see HouseRules */
    public static function asked(Id $id, int $lapseDays): self
    {
        return new self($id, JourneyState::Asked, $lapseDays, null);
    }

    public static function restore(Id $id, JourneyState $state, int $lapseDays, ?Instant $lapses): self
    {
        return new self($id, $state, $lapseDays, $lapses);
    }

    /** A mail server took the mail: from now on days count. */
    public function mailed(Instant $at): ?self
    {
        return $this->state === JourneyState::Asked ? new self($this->id, JourneyState::Mailed, $this->lapseDays, $at->plusDays($this->lapseDays)) : null;
    }

    /** The mail cannot be delivered, or nobody will know whether it was: days count all the same, lest the address stay for ever. */
    public function mailGivenUp(Instant $at): ?self
    {
        return $this->state === JourneyState::Asked && $this->lapses === null
            ? new self($this->id, JourneyState::Asked, $this->lapseDays, $at->plusDays($this->lapseDays)) : null;
    }

    /** The person pressed the button; also before we know that the mail was taken, for it plainly arrived. */
    public function confirmed(Instant $at): ?self
    {
        $tooLate = $this->lapses !== null && $at->isAfter($this->lapses);

        return $this->state->hasEnded() || $tooLate ? null : $this->ended(JourneyState::Confirmed);
    }

    /** The clock ran out. */
    public function lapsed(Instant $now): ?self
    {
        return ! $this->state->hasEnded() && $this->lapses !== null && $now->isAfter($this->lapses) ? $this->ended(JourneyState::Lapsed) : null;
    }

    public function withdrawn(): ?self
    {
        return $this->state->hasEnded() ? null : $this->ended(JourneyState::Withdrawn);
    }

    private function ended(JourneyState $state): self
    {
        return new self($this->id, $state, $this->lapseDays, $this->lapses);
    }
}
