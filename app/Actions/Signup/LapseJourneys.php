<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Ledger\Append;
use App\Actions\Ledger\LedgerTables;
use App\Actions\Mailing\Mailbox;
use App\Casts\Instants;
use App\Models\ContactPoint;
use App\Models\Disclosure;
use App\Models\Journey;
use App\Models\Message;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\Act;
use Juramen\Consent\Entry;
use Juramen\Consent\EntryKind;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Consent\Reason;
use Juramen\Log\Disclosure as LogDisclosure;
use Juramen\Points\FieldKind;

/**
 * Ends sign-ups that nobody confirmed in time and deletes what was kept of the person: the values given with that
 * sign-up, and, where nothing else ties us to the person, everything by which they could be found.
 */
final class LapseJourneys
{
    public function __construct(
        private readonly Append $append,
        private readonly LedgerTables $ledger,
        private readonly Mailbox $mailbox,
        private readonly SystemClock $clock,
    ) {}

    /** @return int how many lapsed */
    public function __invoke(): int
    {
        $count = 0;
        $due = Journey::query()->whereIn('state', [JourneyState::Asked, JourneyState::Mailed])
            ->where('lapses_at', '<', Instants::write($this->clock->instant()))->orderBy('lapses_at')->limit(1000)->get();
        foreach ($due as $journey) {
            $count += DB::transaction(fn (): int => $this->lapse($journey), 5);
        }

        return $count;
    }

    private function lapse(Journey $found): int
    {
        $subject = $found->load('subscriber')->subscriber->subject;
        $this->append->lock($subject);
        $journey = Journey::query()->whereKey($found->id->bytes)->lockForUpdate()->firstOrFail();
        $now = $this->clock->instant();
        $next = $journey->machine()->lapsed($now);
        if ($next === null) {
            return 0;
        }
        ($this->append)($subject, Act::lapsed($now, $journey->id));
        $journey->update(['state' => $next->state, 'ended_at' => $now]);
        $chain = $this->ledger->chain($subject);
        $this->forget($journey, $subject, $chain);
        $sent = Message::query()->where('journey', $journey->id->bytes)->pluck('message_id')->all();
        DB::afterCommit(fn () => $this->mailbox->forget($sent));

        return 1;
    }

    /**
     * Deletes what was kept because of this sign-up: where nothing ties us to the person, everything; where only a number waits
     * to be confirmed, everything but the number.
     *
     * @param  list<Entry>  $chain
     */
    private function forget(Journey $journey, Id $subject, array $chain): void
    {
        $ties = array_filter(Permissions::of($chain)->all(), static fn (Permission $p): bool => $p->reason !== Reason::Lapsed);
        $byMail = array_filter($ties, static fn (Permission $p): bool => ! $p->target->channel->isByNumber());
        if ($byMail === []) {
            ContactPoint::query()->where('subscriber_id', $journey->subscriber_id)->where('kind', 'email')->delete();
        }
        $entries = $ties === [] ? null : $this->entriesOf($journey, $chain);
        $number = array_filter($ties, static fn (Permission $p): bool => isset($p->pending[$journey->id->hex()]));
        foreach (Disclosure::query()->where('subject', $subject->bytes)->when($entries !== null, static fn ($q) => $q->whereIn('entry', $entries))->get() as $row) {
            if ($number === [] || LogDisclosure::parse($row->text)->name !== FieldKind::Phone->value) {
                $row->delete();
            }
        }
    }

    /**
     * @param  list<Entry>  $chain
     * @return list<string> ids of the entries that belong to the journey
     */
    private function entriesOf(Journey $journey, array $chain): array
    {
        $of = array_filter($chain, static fn (Entry $e): bool => $e->act->kind === EntryKind::Given && $e->act->journey?->equals($journey->id) === true);

        return array_values(array_map(static fn (Entry $e): string => $e->id->bytes, $of));
    }
}
