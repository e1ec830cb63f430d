<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Actions\Consent\ProjectPermissions;
use App\Actions\Handover\FollowLists;
use App\Casts\Instants;
use App\Models\StoredDisclosure;
use App\Support\Journal;
use App\Support\QuietReport;
use App\Support\Stored;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Consent\Act;
use Juramen\Consent\Entry;
use Juramen\Log\Disclosure;
use LogicException;
use RuntimeException;

/**
 * The one appender to the ledger. Works inside the caller's transaction: under the lock of the subject's row it adds
 * the entry, keeps its personal values apart, and brings the projection of permissions up to date.
 */
final class Append
{
    public function __construct(
        private readonly LedgerTables $ledger,
        private readonly ProjectPermissions $project,
        private readonly FollowLists $follow,
        private readonly Journal $journal,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @param  Id|HeldChain  $to  a subject, or its chain where that is held already
     * @param  list<Disclosure>  $disclosures whose digests the act carries
     */
    public function __invoke(Id|HeldChain $to, Act $act, array $disclosures = []): Entry
    {
        $chain = $to instanceof HeldChain ? $to : $this->hold($to);
        $subject = $chain->subject;
        $entry = Entry::next($chain->end($this->ledger->newestOf(...)), $subject, $act, $this->clock->instant());
        $position = $this->ledger->table('entries')->insertGetId([
            'id' => $entry->id->bytes,
            'subject' => $subject->bytes,
            'sequence' => $entry->sequence,
            'kind' => $act->kind()->value,
            'recorded' => Instants::write($entry->recorded),
            'body' => $entry->bytes,
        ]);
        $chain->endsOn($entry);
        foreach ($disclosures as $disclosure) {
            StoredDisclosure::query()->create(['subject' => $subject, 'entry' => $entry->id, 'digest' => $disclosure->digest(), 'text' => $disclosure->text]);
        }
        DB::afterCommit(fn () => $this->note($entry, $position));
        if ($act->kind()->isPersons()) {
            ($this->follow)($entry, ($this->project)($subject));
        }

        return $entry;
    }

    /** After the commit and before anybody is told: whoever removes the entry now leaves its line behind. */
    private function note(Entry $entry, int $position): void
    {
        try {
            $this->journal->write($entry, $position);
        } catch (RuntimeException $e) {
            // The entry stands; it is unwatched until it is sealed.
            QuietReport::write($e);
        }
    }

    /** Holds a subject's chain until the transaction ends. Take it before any other lock that concerns the subject. */
    public function hold(Id $subject): HeldChain
    {
        return $this->holdAll([$subject])[0];
    }

    /**
     * Holds several chains at once, always in the same order, so that no two wait for each other.
     *
     * @param  non-empty-list<Id>  $subjects
     * @return non-empty-list<HeldChain> in the order given
     */
    public function holdAll(array $subjects): array
    {
        if (DB::transactionLevel() === 0) {
            throw new LogicException('The ledger is appended to inside a transaction, so that an entry and what follows from it stand or fall together.');
        }
        $bytes = array_map(static fn (Id $s): string => $s->bytes, $subjects);
        $held = Stored::texts(DB::table('subjects')->whereIn('id', $bytes)->orderBy('id')->lockForUpdate()->pluck('id'));
        foreach ($subjects as $subject) {
            if (! in_array($subject->bytes, $held, true)) {
                throw new LogicException("There is no subject {$subject->hex()}; make it before anything is said of it.");
            }
        }
        $chains = array_map(static fn (Id $s): HeldChain => new HeldChain($s), $subjects);
        if (count($chains) > 1) {
            $ends = $this->ledger->newestOfAll($subjects);
            array_map(static fn (HeldChain $c) => $c->endsOn($ends->get($c->subject->hex())), $chains);
        }

        return $chains;
    }

    /** Makes a subject; its chain is still empty. */
    public function begin(string $kind): HeldChain
    {
        $chain = new HeldChain(Id::random());
        $chain->endsOn(null);
        DB::table('subjects')->insert(['id' => $chain->subject->bytes, 'kind' => $kind]);

        return $chain;
    }
}
