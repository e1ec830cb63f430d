<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Actions\Consent\ProjectPermissions;
use App\Casts\Instants;
use App\Models\Record;
use App\Models\StoredDisclosure;
use App\Support\Journal;
use App\Support\QuietReport;
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
        private readonly Journal $journal,
        private readonly SystemClock $clock,
    ) {}

    /** @param  list<Disclosure>  $disclosures whose digests the act carries */
    public function __invoke(Id $subject, Act $act, array $disclosures = []): Entry
    {
        $this->lock($subject);
        $entry = Entry::next($this->ledger->newestOf($subject), $subject, $act, $this->clock->instant());
        $position = $this->ledger->table('entries')->insertGetId([
            'id' => $entry->id->bytes,
            'subject' => $subject->bytes,
            'sequence' => $entry->sequence,
            'kind' => $act->kind()->value,
            'recorded' => Instants::write($entry->recorded),
            'body' => $entry->bytes,
        ]);
        foreach ($disclosures as $disclosure) {
            StoredDisclosure::query()->create(['subject' => $subject, 'entry' => $entry->id, 'digest' => $disclosure->digest(), 'text' => $disclosure->text]);
        }
        DB::afterCommit(fn () => $this->note($entry, $position));
        if ($act->kind()->isPersons()) {
            ($this->project)($subject);
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

    /** Holds the subject's chain until the transaction ends. Take it before any other lock that concerns the subject. */
    public function lock(Id $subject): void
    {
        if (DB::transactionLevel() === 0) {
            throw new LogicException('The ledger is appended to inside a transaction, so that an entry and what follows from it stand or fall together.');
        }
        if (! DB::table('subjects')->where('id', $subject->bytes)->lockForUpdate()->exists()) {
            throw new LogicException("There is no subject {$subject->hex()}; make it before anything is said of it.");
        }
    }

    /** The subject of a record's chain, made at its first approval. */
    public function subjectOf(Record $record): Id
    {
        if ($record->subject === null) {
            $record->update(['subject' => $this->newSubject('record')]);
        }

        return $record->subject ?? throw new LogicException('A record has a subject once it was given one.');
    }

    /** Makes a subject, with a chain that is still empty. */
    public function newSubject(string $kind): Id
    {
        $id = Id::random();
        DB::table('subjects')->insert(['id' => $id->bytes, 'kind' => $kind]);

        return $id;
    }
}
