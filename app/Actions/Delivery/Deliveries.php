<?php

declare(strict_types=1);

namespace App\Actions\Delivery;

use App\Actions\ActLog;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\SameLedger;
use App\Casts\Instants;
use App\Models\ActKind;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\DeliveryState;
use App\Models\Enquiry;
use App\Models\KnownSignup;
use App\Models\PublishedEdition;
use App\Models\SignupJourney;
use App\Models\User;
use App\Support\QuietReport;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Day;
use Throwable;

/**
 * What is on its way out. A delivery is laid out in the transaction that is its reason; a worker commits a claim before it tries; what
 * becomes of it is settled once, and told to the handler of its kind. A claim without outcome is uncertain and never tried again by itself.
 */
final class Deliveries
{
    /** Seconds until the next try, by number of tries; the last repeats. */
    private const RETRY = [10, 30, 120, 600, 1800];

    /** Seconds that each delivery of a crowd is put behind the one before it. */
    private const APART = 2;

    /** So many that wait of one point put its next one back by a second. */
    private const OF_ONE_POINT = 50;

    public function __construct(
        private readonly Append $append, private readonly SameLedger $same, private readonly DeliveryHandlers $handlers,
        private readonly ActLog $log, private readonly SystemClock $clock
    ) {}

    /**
     * To the person of a sign-up: once of each kind and occasion, however often it is laid out. They leave fairly: each that already waits of the
     * same crowd puts this one back, so that those of few go before those of many.
     *
     * @param  string|null  $network  from which it was asked for, truncated, where that is known
     * @param  string  $occasion  where a kind goes out more than once
     */
    public function toSubscriber(SignupJourney $journey, DeliveryKind $kind, ?string $network = null, string $occasion = ''): void
    {
        $crowd = $network === null ? null : substr(hash_hmac('sha256', "$journey->point_edition_id $network", config()->string('app.key'), true), 0, 8);
        $waiting = Delivery::query()->where('state', DeliveryState::Waiting);
        $ahead = $crowd === null ? 0 : self::APART * $waiting->clone()->where('crowd', $crowd)->count()
            + intdiv($waiting->clone()->where('point_edition_id', $journey->point_edition_id)->count(), self::OF_ONE_POINT);
        $this->lay($kind, trim("{$journey->id->hex()} $occasion"), $ahead, [
            'subscriber_id' => $journey->subscriber_id, 'journey' => $journey->id->bytes, 'point_edition_id' => $journey->point_edition_id,
            'language' => $journey->language->value, 'crowd' => $crowd,
        ]);
    }

    /** To a recipient, how many enquiries came on a day: once. */
    public function countOfDay(PublishedEdition $edition, string $recipient, Day $day): void
    {
        $this->lay(DeliveryKind::DailyCount, "$edition->point_id $recipient $day->text", 0, [
            'point_edition_id' => $edition->id, 'recipient' => "$recipient $day->text",
        ]);
    }

    /** To somebody known, about what was entered with their address: once on each occasion. */
    public function toKnown(KnownSignup $known, DeliveryKind $kind, string $occasion): void
    {
        $this->lay($kind, $occasion, 0, [
            'subscriber_id' => $known->subscriber_id, 'known_id' => $known->id->bytes, 'point_edition_id' => $known->point_edition_id,
            'language' => $known->language->value,
        ]);
    }

    /**
     * To somebody who works here: once for each occasion, such as a day.
     *
     * @param  string|null  $about  what it is about, for its handler
     */
    public function toColleague(User $user, DeliveryKind $kind, string $occasion, ?string $about = null): void
    {
        $this->lay($kind, "$user->id $occasion", 0, ['user_id' => $user->id, 'recipient' => $about]);
    }

    /**
     * What somebody wanted, to one of those who answer it, or, where none is named, word to the sender that it has arrived: once each on each
     * occasion.
     */
    public function aboutEnquiry(Enquiry $enquiry, DeliveryKind $kind, ?string $recipient = null, string $occasion = ''): void
    {
        $this->lay($kind, trim(trim("{$enquiry->id->hex()} $recipient")." $occasion"), 0, [
            'enquiry_id' => $enquiry->id->bytes, 'recipient' => $recipient, 'point_edition_id' => $enquiry->point_edition_id,
            'language' => $enquiry->language->value,
        ]);
    }

    /**
     * @param  string  $reason  with the kind it makes the idempotency key, so that the same reason lays out nothing twice
     * @param  array<string, int|string|null>  $columns
     */
    private function lay(DeliveryKind $kind, string $reason, int $ahead, array $columns): void
    {
        $now = $this->clock->instant();
        Delivery::query()->upsert([
            'idempotency_key' => substr(hash_hmac('sha256', "$kind->value $reason", config()->string('app.key')), 0, 32),
            'kind' => $kind->value, 'state' => DeliveryState::Waiting->value, 'due_at' => Instants::write($now), 'made_at' => Instants::write($now),
            'turn_at' => Instants::write($now->plusSeconds($ahead)), ...$columns,
        ], ['idempotency_key'], ['idempotency_key']);
    }

    /**
     * Takes the next due delivery in hand; null where there is none. From a restored older database nothing goes out by itself: what
     * waits in it went out before, or ended since.
     */
    public function claim(): ?Delivery
    {
        if ($this->same->isShorter() !== null) {
            return null;
        }

        return DB::transaction(function (): ?Delivery {
            $delivery = Delivery::query()->where('state', DeliveryState::Waiting)->where('due_at', '<=', Instants::write($this->clock->instant()))
                ->orderBy('turn_at')->orderBy('id')->lock('for update skip locked')->first();
            $delivery?->update(
                ['state' => DeliveryState::Claimed, 'claimed_at' => $this->clock->instant(), 'attempts' => $delivery->attempts + 1, 'problem' => null]
            );

            return $delivery;
        });
    }

    /** Writes down what became of a delivery in hand. Settling twice changes nothing. */
    public function settle(Delivery $claimed, Outcome $outcome): void
    {
        DB::transaction(function () use ($claimed, $outcome): void {
            $claimed->loadMissing('subscriber');
            if ($claimed->subscriber !== null) {
                $this->append->hold($claimed->subscriber->subject);
            }
            $delivery = Delivery::query()->with('subscriber', 'edition')->whereKey($claimed->id)
                ->whereIn('state', [DeliveryState::Claimed, DeliveryState::Uncertain])->lockForUpdate()->first();
            if ($delivery === null) {
                return;
            }
            $now = $this->clock->instant();
            $again = $delivery->attempts < $outcome->kind->tries();
            $next = $again ? $now->plusSeconds(self::RETRY[min($delivery->attempts, count(self::RETRY)) - 1]) : null;
            $delivery->update([
                'state' => $again ? DeliveryState::Waiting : match ($outcome->kind) {
                    OutcomeKind::Accepted => DeliveryState::Sent,
                    OutcomeKind::Unknown => DeliveryState::Uncertain,
                    OutcomeKind::NotNow, OutcomeKind::Faulty, OutcomeKind::Refused => DeliveryState::Failed,
                },
                ...$next === null ? ['crowd' => null] : ['due_at' => $next, 'turn_at' => $next],
                'settled_at' => $again ? null : $now,
                'problem' => $outcome->problem,
            ]);
            if (! $again) {
                $this->handlers->for($delivery->kind)->settled($delivery, $outcome);
            }
        }, 3);
    }

    /** Claims whose worker is gone: nobody knows whether it went out, so a person decides. */
    public function markUncertain(): int
    {
        $stale = Instants::write($this->clock->instant()->plusSeconds(-config()->integer('juramen.mail.claim_seconds')));
        $count = 0;
        foreach (Delivery::query()->with('subscriber')->where('state', DeliveryState::Claimed)->where('claimed_at', '<', $stale)->get() as $delivery) {
            try {
                $this->settle($delivery, Outcome::unknown('worker-gone'));
                $count++;
            } catch (Throwable $e) {
                // One whose outcome cannot be entered is said so without it; the others go on.
                QuietReport::write($e);
                Delivery::query()->whereKey($delivery->id)->where('state', DeliveryState::Claimed)
                    ->update(['state' => DeliveryState::Uncertain, 'problem' => 'not-entered', 'settled_at' => Instants::write($this->clock->instant())]);
            }
        }

        return $count;
    }

    /** After a restore that a person has understood: whatever was on its way in it waits for a person's word, one by one. */
    public function doubtEverything(): int
    {
        return Delivery::query()->whereIn('state', [DeliveryState::Waiting, DeliveryState::Claimed])
            ->update(['state' => DeliveryState::Uncertain, 'settled_at' => Instants::write($this->clock->instant()), 'problem' => 'restored']);
    }

    /** A person decided that an uncertain delivery stays as it is; it can still be sent again. */
    public function leave(Delivery $delivery, User $by): bool
    {
        return $this->decide($delivery, $by, ActKind::LeftMail, [DeliveryState::Uncertain], ['state' => DeliveryState::Left]);
    }

    /** A person decided that an uncertain or refused delivery is to be tried once more. */
    public function sendAgain(Delivery $delivery, User $by): bool
    {
        $again = array_filter(DeliveryState::cases(), static fn (DeliveryState $s): bool => $s->mayBeSentAgain());

        return $this->decide(
            $delivery, $by, ActKind::SentAgain, $again,
            ['state' => DeliveryState::Waiting, 'due_at' => Instants::write($this->clock->instant()), 'settled_at' => null]
        );
    }

    /**
     * @param  array<DeliveryState>  $from  where it must still stand
     * @param  array<string, DeliveryState|string|null>  $to  columns to what they hold from now on
     */
    private function decide(Delivery $delivery, User $by, ActKind $act, array $from, array $to): bool
    {
        return DB::transaction(function () use ($delivery, $by, $act, $from, $to): bool {
            if (Delivery::query()->whereKey($delivery->id)->whereIn('state', $from)->update($to) !== 1) {
                return false;
            }
            $this->log->write($by, $act, substr($delivery->idempotency_key, 0, 8), $delivery->kind->value);

            return true;
        });
    }
}
