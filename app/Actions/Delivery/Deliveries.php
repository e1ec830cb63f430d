<?php

declare(strict_types=1);

namespace App\Actions\Delivery;

use App\Actions\ActLog;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\SameLedger;
use App\Casts\Instants;
use App\Models\ActKind;
use App\Models\Delivery;
use App\Models\DeliveryState;
use App\Models\User;
use App\Support\QuietReport;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * What is on its way out, once the Outbox has it: a worker commits a claim before it tries; what becomes of it is settled once, and told to
 * the handler of its kind. A claim without outcome is uncertain and never tried again by itself.
 */
final class Deliveries
{
    /** Seconds until the next try, by number of tries; the last repeats. */
    private const RETRY = [10, 30, 120, 600, 1800];

    public function __construct(
        private readonly Append $append, private readonly SameLedger $same, private readonly DeliveryHandlers $handlers,
        private readonly ActLog $log, private readonly SystemClock $clock
    ) {}

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
                $this->settle($delivery, $delivery->kind->mayRepeat() ? Outcome::notNow('worker-gone') : Outcome::unknown('worker-gone'));
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
        }, 3);
    }
}
