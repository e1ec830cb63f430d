<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Consent\DeleteValues;
use App\Actions\Consent\SuspendPerson;
use App\Actions\Delivery\Outbox;
use App\Actions\Ledger\Append;
use App\Models\DeliveryKind;
use App\Models\SignupJourney;
use App\Models\Suspension;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\Acts\Confirmed;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Through;
use Juramen\Log\Disclosure;

/** The person pressed the button of the confirmation page: what waits to be confirmed through that inbox or number is permitted. */
final class ConfirmJourney
{
    public function __construct(
        private readonly Append $append,
        private readonly WaitingChannels $waiting,
        private readonly SuspendPerson $suspend,
        private readonly Outbox $outbox,
        private readonly DeleteValues $delete,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @param  string|null  $network  of the press, already truncated; kept where the edition's rules keep it
     * @return JourneyState where the journey stands afterwards; pressing again changes nothing
     */
    public function __invoke(Id $id, ?string $network): JourneyState
    {
        return DB::transaction(function () use ($id, $network): JourneyState {
            $found = SignupJourney::query()->with('subscriber')->whereKey($id->bytes)->firstOrFail();
            $chain = $this->append->hold($found->subscriber->subject);
            $journey = SignupJourney::query()->whereKey($id->bytes)->lockForUpdate()->firstOrFail();
            $now = $this->clock->instant();
            $next = $journey->path()->confirmed($now);
            if ($next === null) {
                return $journey->path()->stateAt($now);
            }
            // What was asked on a form at fault before an officer suspended it is not mended by a press of today.
            $suspensions = Suspension::query()->with('point', 'user')->whereNull('lifted_at')->orderBy('id')->sharedLock()->get();
            foreach ($this->waiting->channels($journey) as $channel) {
                $kept = $network === null ? [] : [Disclosure::make('network', $network)];
                $digests = array_map(static fn (Disclosure $d) => $d->digest(), $kept);
                ($this->append)($chain, new Confirmed($now, $journey->consent, $digests, $channel), $kept);
            }
            foreach ($suspensions as $suspension) {
                ($this->suspend)($chain, $found->subscriber, $suspension, $now);
            }
            $journey->follow($next);
            $this->delete->welcomeBack($found->subscriber->subject);
            if ($journey->through === Through::Mail) {
                $this->outbox->toSubscriber($journey, DeliveryKind::Welcome);
            }

            return $next->state;
        }, 5);
    }
}
