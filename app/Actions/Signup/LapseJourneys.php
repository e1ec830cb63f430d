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
use Juramen\Consent\Act;
use Juramen\Consent\Entry;
use Juramen\Consent\EntryKind;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Consent\Reason;

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
        DB::table('spent_marks')->where('spent_at', '<', Instants::write($this->clock->instant()->plusDays(-2)))->delete();
        DB::table('held_submissions')->where('deleted_at', '<', Instants::write($this->clock->instant()))->delete();

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
        if ($this->somethingTiesUs(Permissions::of($chain))) {
            Disclosure::query()->whereIn('entry', $this->entriesOf($journey, $chain))->delete();
        } else {
            Disclosure::query()->where('subject', $subject->bytes)->delete();
            ContactPoint::query()->where('subscriber_id', $journey->subscriber_id)->delete();
        }
        $sent = Message::query()->where('journey', $journey->id->bytes)->pluck('message_id')->all();
        DB::afterCommit(fn () => $this->mailbox->forget($sent));

        return 1;
    }

    private function somethingTiesUs(Permissions $permissions): bool
    {
        return array_filter($permissions->all(), static fn (Permission $p): bool => $p->reason !== Reason::Lapsed) !== [];
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
