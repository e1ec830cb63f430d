<?php

declare(strict_types=1);

namespace App\Actions\Evidence;

use App\Actions\Ledger\Chain;
use App\Actions\Ledger\ChainHeads;
use App\Actions\Ledger\ExamineChains;
use App\Actions\Ledger\ExamineEditions;
use App\Actions\Ledger\Fault;
use App\Actions\Ledger\LedgerTables;
use App\Support\Journal;
use App\Support\JournalLine;
use App\Support\KeyStore;
use App\Support\OneMoment;
use Illuminate\Support\Collection;
use InvalidArgumentException;
use Juramen\Canon\Id;
use Juramen\Consent\Entry;
use Juramen\Log\ChainHead;
use Juramen\Log\ChainMap;
use Juramen\Log\Checkpoint;
use Juramen\Log\InclusionProof;
use Juramen\Log\MissingSubtree;
use Juramen\Log\SubtreeHashes;
use Juramen\Log\TreeHash;

/**
 * Checks everything that an answer about one person rests on, whenever it is asked: the whole chain, each sealed entry's place in the
 * tree under the newest signed checkpoint, that the chain ends where that checkpoint says, what was committed since, personal
 * values, the look-up, every edition named with its frozen form, and what is noted as permitted. People act and entries are sealed
 * meanwhile; so all is read as it was at one moment.
 */
final class ProveChain
{
    public function __construct(
        private readonly LedgerTables $ledger,
        private readonly ChainHeads $heads,
        private readonly ExamineChains $chains,
        private readonly ExamineEditions $editions,
        private readonly Journal $journal,
        private readonly KeyStore $keys,
        private readonly OneMoment $moment,
    ) {}

    public function __invoke(Id $subject): ProvenChain
    {
        // Before that moment: a line is written once its entry is committed, so whatever it speaks of must be seen then.
        $committed = $this->journal->lines();

        return $this->moment->read(fn (): ProvenChain => $this->prove($subject, $committed));
    }

    /** @param  list<JournalLine>  $committed */
    private function prove(Id $subject, array $committed): ProvenChain
    {
        $rows = $this->ledger->withLeaves()->where('subject', $subject->bytes)->orderBy('sequence')->get(['entries.id', 'entries.body', 'leaves.leaf']);
        [$entries, $faults, $leaves] = [[], [], []];
        foreach ($rows as $row) {
            try {
                $entries[] = $entry = Entry::parse($row->body);
            } catch (InvalidArgumentException $e) {
                $faults[] = new Fault('An entry cannot be read: '.rtrim($e->getMessage(), '.'), null, bin2hex($row->id));

                continue;
            }
            if ($entry->id->bytes !== $row->id || ! $entry->subject->equals($subject)) {
                $faults[] = new Fault('The columns beside an entry say something else than its bytes', null, bin2hex($row->id));
            }
            if ($row->leaf !== null) {
                $leaves[$entry->id->hex()] = (int) $row->leaf;
            }
        }
        try {
            $note = $this->ledger->newestCheckpoint();
            $checkpoint = $note === null ? null : $this->keys->keyRing()->open($note);
        } catch (InvalidArgumentException $e) {
            [$checkpoint, $faults] = [null, [...$faults, new Fault('The newest checkpoint is none that was signed: '.rtrim($e->getMessage(), '.'))]];
        }
        $faults = [
            ...$faults,
            ...match (true) {
                $checkpoint !== null => [...$this->tree($rows, $checkpoint), ...$this->head($subject, $entries, $leaves, $checkpoint)],
                $leaves !== [] => [new Fault('There is no checkpoint over what was sealed')],
                default => [],
            },
            ...self::committed($subject, $entries, $committed),
            ...($entries === [] ? [] : ($this->chains)([new Chain($subject, $entries)])),
            ...$this->editions->namedIn($entries),
        ];

        return new ProvenChain(
            $entries, array_map(static fn (Entry $e): ?int => $leaves[$e->id->hex()] ?? null, $entries), $checkpoint,
            array_map(static fn (Fault $f): string => $f->text(), $faults)
        );
    }

    /**
     * Every sealed entry leads to the root that was signed; all nodes of the tree are fetched at once.
     *
     * @param  Collection<int, \stdClass>  $rows
     * @return list<Fault>
     */
    private function tree(Collection $rows, Checkpoint $checkpoint): array
    {
        $sealed = $rows->filter(static fn (\stdClass $row): bool => $row->leaf !== null && $row->leaf < $checkpoint->size);
        $prove = static fn (SubtreeHashes $hashes, \stdClass $row): InclusionProof => InclusionProof::make((int) $row->leaf, $checkpoint->size, $hashes);
        $hashes = $this->ledger->subtreesFor(static fn (SubtreeHashes $wanted) => $sealed->each(static fn (\stdClass $row) => $prove($wanted, $row)));
        $faults = [];
        foreach ($sealed as $row) {
            try {
                $proves = $prove($hashes, $row)->proves(TreeHash::ofLeaf($row->body), $checkpoint->root);
            } catch (MissingSubtree) {
                $proves = false;
            }
            if (! $proves) {
                $says = 'An entry does not lead to the root that was signed: it, or the tree over it, was changed after sealing';
                $faults[] = new Fault($says, null, bin2hex($row->id), (int) $row->leaf);
            }
        }
        foreach ($rows->where('leaf', '>=', $checkpoint->size) as $row) {
            $faults[] = new Fault('An entry is said to be sealed, but no checkpoint covers it', null, bin2hex($row->id), (int) $row->leaf);
        }

        return $faults;
    }

    /**
     * The chain ends, as far as it is sealed, where the signed checkpoint says that it ends.
     *
     * @param  list<Entry>  $entries
     * @param  array<string, int>  $leaves
     * @return list<Fault>
     */
    private function head(Id $subject, array $entries, array $leaves, Checkpoint $checkpoint): array
    {
        if ($checkpoint->chains === null) {
            return [];
        }
        $bucket = ChainMap::bucketOf($subject);
        $heads = $this->heads->of([$bucket]);
        $nodes = $this->heads->raise($heads, $this->heads->beside(array_keys($heads)));
        if (! $nodes[count($nodes) - 1]->hash->equals($checkpoint->chains)) {
            return [new Fault('Where this chain ends cannot be told: the stored map of chains does not lead to the root that was signed')];
        }
        $sealed = array_values(array_filter($entries, static fn (Entry $e): bool => isset($leaves[$e->id->hex()])));
        $last = $sealed === [] ? null : $sealed[count($sealed) - 1];
        $signed = array_values(array_filter($heads[$bucket], static fn (ChainHead $h): bool => $h->subject->equals($subject)))[0] ?? null;

        return match (true) {
            $signed === null && $last === null => [],
            $signed !== null && $last !== null && $signed->equals(new ChainHead($subject, $last->sequence, $last->digest())) => [],
            default => [new Fault('This chain does not end where the signed checkpoint says: '
                .($signed === null ? 'it knows no entry of it' : "entry {$signed->sequence} was its newest")
                .', and here '.($last === null ? 'none is sealed' : "entry {$last->sequence} is"))],
        };
    }

    /**
     * Everything that was written since the last sealing is there.
     *
     * @param  list<Entry>  $entries
     * @param  list<JournalLine>  $lines
     * @return list<Fault>
     */
    private static function committed(Id $subject, array $entries, array $lines): array
    {
        $there = array_map(static fn (Entry $e): string => $e->digest()->bytes, $entries);
        $faults = [];
        foreach ($lines as $line) {
            if ($line->subject->equals($subject) && ! in_array($line->digest->bytes, $there, true)) {
                $faults[] = new Fault("Entry {$line->sequence} was committed and is not here any more, or is another");
            }
        }

        return $faults;
    }
}
