<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Delivery\Outbox;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\LedgerTables;
use App\Models\CurrentPermission;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\Journey;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Permissions;
use Juramen\Consent\Reason;
use Juramen\Consent\Through;
use Juramen\Register\Channel;

/**
 * Consents by number that waited before there was a way to confirm them get their path and are asked, once. Those that were given more than
 * thirty days ago are not asked any more: they lapse.
 */
final class AskWaitingNumbers
{
    public function __construct(private readonly Append $append, private readonly LedgerTables $ledger, private readonly Outbox $outbox) {}

    /** @return int how many got their path */
    public function __invoke(): int
    {
        $channels = array_filter(Channel::cases(), static fn (Channel $c): bool => $c->isByNumber());
        $waiting = CurrentPermission::query()->where('reason', Reason::AwaitingConfirmation)->whereIn('channel', array_column($channels, 'value'))->distinct()
            ->pluck('subscriber_id');
        $begun = 0;
        foreach (Subscriber::query()->whereIn('id', $waiting)->lazyById() as $subscriber) {
            $begun += DB::transaction(fn (): int => $this->begin($subscriber), 3);
        }

        return $begun;
    }

    /** The path through the number: the only one, where no mail was sent, or one beside that of the mail. */
    private function path(SignupJourney $first, Id $consent): SignupJourney
    {
        if ($first->state === JourneyState::Asked && Delivery::query()->where('journey', $first->id->bytes)->doesntExist()) {
            $first->update(['through' => Through::Number]);

            return $first;
        }
        $path = Journey::asked(Id::random(), $first->lapse_days, $first->asked_at);

        return SignupJourney::begin($path, $consent, Through::Number, $first->subscriber, $first->point_edition_id, $first->language, null);
    }

    private function begin(Subscriber $subscriber): int
    {
        $this->append->hold($subscriber->subject);
        $consents = [];
        foreach (Permissions::of($this->ledger->chain($subscriber->subject))->all() as $permission) {
            $consents = [...$consents, ...$permission->target->channel->isByNumber() ? $permission->pending->ids() : []];
        }
        $begun = 0;
        foreach (array_unique($consents) as $hex) {
            $consent = Id::fromHex($hex);
            $paths = SignupJourney::query()->with('subscriber')->where('consent', $consent->bytes)->lockForUpdate()->get();
            $first = $paths->first();
            if ($first === null || $paths->contains(static fn (SignupJourney $j): bool => $j->through === Through::Number)) {
                continue;
            }
            $this->outbox->toSubscriber($this->path($first, $consent), DeliveryKind::NumberConfirmation);
            $begun++;
        }

        return $begun;
    }
}
