<?php

declare(strict_types=1);

namespace App\Actions\Mailing;

use App\Actions\Ledger\Append;
use App\Actions\Ledger\SameLedger;
use App\Casts\Instants;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\MessageState;
use App\Models\SignupJourney;
use App\Support\PublishedForms;
use App\Support\QuietReport;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\Acts\ConfirmationSent;
use Throwable;

/**
 * Mails on their way out. A mail is laid out in the transaction that is its reason; a worker commits a claim before
 * it sends; what becomes of it is settled once. A claim without outcome is uncertain and never sent again by itself.
 */
final class Outbox
{
    /** Seconds until the next try, by number of tries; the last repeats. */
    private const RETRY = [10, 30, 120, 600, 1800];

    /** Tries over about two days, then it counts as refused for good. */
    private const MOST_TRIES = 100;

    /** Tries of a mail that is itself at fault, before it goes to the desk. */
    private const MOST_FAULTY = 4;

    /** Seconds that each mail of a crowd is put behind the one before it. */
    private const APART = 2;

    /** So many that wait of one point put its next one back by a second. */
    private const OF_ONE_POINT = 50;

    public function __construct(
        private readonly Append $append, private readonly SameLedger $same, private readonly PublishedForms $published, private readonly SystemClock $clock
    ) {}

    /**
     * Mails leave fairly: each that already waits of the same crowd puts this one back, so that those of few go before those of many.
     *
     * @param  string|null  $network  from which it was asked for, truncated, where that is known
     */
    public function lay(SignupJourney $journey, MessageKind $kind, ?string $network = null): void
    {
        $now = $this->clock->instant();
        $crowd = $network === null ? null : substr(hash_hmac('sha256', "$journey->point_edition_id $network", config()->string('app.key'), true), 0, 8);
        $waiting = Message::query()->where('state', MessageState::Waiting);
        $ahead = $crowd === null ? 0 : self::APART * $waiting->clone()->where('crowd', $crowd)->count()
            + intdiv($waiting->clone()->where('point_edition_id', $journey->point_edition_id)->count(), self::OF_ONE_POINT);
        Message::query()->create([
            'message_id' => Id::random()->hex(),
            'kind' => $kind,
            'subscriber_id' => $journey->subscriber_id,
            'journey' => $journey->id,
            'point_edition_id' => $journey->point_edition_id,
            'language' => $journey->language,
            'state' => MessageState::Waiting,
            'due_at' => $now,
            'made_at' => $now,
            'crowd' => $crowd,
            'turn_at' => $now->plusSeconds($ahead),
        ]);
    }

    /**
     * Takes the next due mail in hand; null where there is none. From a restored older database nothing goes out by itself: what
     * waits in it was mailed before, or ended since.
     */
    public function claim(): ?Message
    {
        if ($this->same->isShorter() !== null) {
            return null;
        }

        return DB::transaction(function (): ?Message {
            $message = Message::query()->where('state', MessageState::Waiting)
                ->where('due_at', '<=', $this->clock->instant()->utc->format('Y-m-d H:i:s.u'))
                ->orderBy('turn_at')->orderBy('id')->lock('for update skip locked')->first();
            $message?->update(
                ['state' => MessageState::Claimed, 'claimed_at' => $this->clock->instant(), 'attempts' => $message->attempts + 1, 'problem' => null]
            );

            return $message;
        });
    }

    /** Writes down what became of a mail in hand. Settling twice changes nothing. */
    public function settle(Message $claimed, Outcome $outcome): void
    {
        DB::transaction(function () use ($claimed, $outcome): void {
            $this->append->lock($claimed->subscriber->subject);
            $message = Message::query()->with('subscriber', 'edition')->whereKey($claimed->id)
                ->whereIn('state', [MessageState::Claimed, MessageState::Uncertain])->lockForUpdate()->first();
            if ($message === null) {
                return;
            }
            $now = $this->clock->instant();
            $again = $message->attempts < match ($outcome->kind) {
                OutcomeKind::NotNow => self::MOST_TRIES,
                OutcomeKind::Faulty => self::MOST_FAULTY,
                default => 0,
            };
            $message->update([
                'state' => match (true) {
                    $again => MessageState::Waiting,
                    $outcome->kind === OutcomeKind::Accepted => MessageState::Sent,
                    $outcome->kind === OutcomeKind::Unknown => MessageState::Uncertain,
                    default => MessageState::Failed,
                },
                ...$again ? array_fill_keys(['due_at', 'turn_at'], $now->plusSeconds(self::RETRY[min($message->attempts, count(self::RETRY)) - 1]))
                    : ['crowd' => null],
                'settled_at' => $again ? null : $now,
                'problem' => $outcome->problem,
            ]);
            if (! $again) {
                $this->tellJourney($message, $outcome);
            }
        }, 3);
    }

    /** Claims whose worker is gone: nobody knows whether the mail went out, so a person decides. */
    public function markUncertain(): int
    {
        $stale = Message::query()->with('subscriber')->where('state', MessageState::Claimed)
            ->where(
                'claimed_at', '<', $this->clock->instant()->plusSeconds(-config()->integer('juramen.mail.claim_seconds'))->utc->format('Y-m-d H:i:s.u')
            )->get();
        $count = 0;
        foreach ($stale as $message) {
            try {
                $this->settle($message, Outcome::unknown('worker-gone'));
                $count++;
            } catch (Throwable $e) {
                // One whose outcome cannot be entered is said so without it; the others go on.
                QuietReport::write($e);
                Message::query()->whereKey($message->id)->where('state', MessageState::Claimed)
                    ->update(['state' => MessageState::Uncertain, 'problem' => 'not-entered', 'settled_at' => Instants::write($this->clock->instant())]);
            }
        }

        return $count;
    }

    /** After a restore that a person has understood: whatever was on its way in it waits for a person's word, one by one. */
    public function doubtEverything(): int
    {
        return Message::query()->whereIn('state', [MessageState::Waiting, MessageState::Claimed])
            ->update(['state' => MessageState::Uncertain, 'settled_at' => Instants::write($this->clock->instant()), 'problem' => 'restored']);
    }

    /** A person decided that an uncertain mail is to be sent once more. */
    public function sendAgain(Message $message): bool
    {
        return Message::query()->whereKey($message->id)->whereIn('state', [MessageState::Uncertain, MessageState::Failed])
            ->update(['state' => MessageState::Waiting, 'due_at' => $this->clock->instant()->utc->format('Y-m-d H:i:s.u'), 'settled_at' => null]) === 1;
    }

    private function tellJourney(Message $message, Outcome $outcome): void
    {
        $journey = $message->kind === MessageKind::Confirmation ? SignupJourney::query()->whereKey($message->journey?->bytes)->lockForUpdate()->first() : null;
        if ($journey === null) {
            return;
        }
        $now = $this->clock->instant();
        if ($outcome->kind === OutcomeKind::Accepted) {
            // Entered even where the person was quicker than we: the mail was sent, and that is part of the proof.
            ($this->append)($message->subscriber->subject, new ConfirmationSent($now, $journey->id, $message->edition->digest, $message->language));
        }
        $next = $outcome->kind === OutcomeKind::Accepted ? $journey->machine()->mailed($now) : $journey->machine()->mailGivenUp($now);
        if ($next !== null) {
            $after = $outcome->kind === OutcomeKind::Accepted ? $this->published->edition($message->edition->digest)->sheet->rules->reminderDays : 0;
            $journey->update(['state' => $next->state, 'lapses_at' => $next->lapses, 'remind_at' => $after === 0 ? null : $now->plusDays($after)]);
        }
    }
}
