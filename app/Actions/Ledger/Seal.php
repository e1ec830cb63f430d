<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Casts\Instants;
use App\Support\Journal;
use App\Support\KeyStore;
use App\Support\SystemClock;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Log\ChainHead;
use Juramen\Log\ChainMap;
use Juramen\Log\Checkpoint;
use Juramen\Log\Frontier;
use Juramen\Log\SignedNote;
use Juramen\Log\Subtree;
use Juramen\Log\SubtreeHashes;
use Juramen\Log\TreeHash;

/**
 * Takes every entry that is committed and not yet in the tree, in the order of their positions, appends them, brings the map of
 * chains up to date, and signs a checkpoint over both. Positions may become visible out of order; whichever appears later is
 * taken later, for what counts is not being in `leaves`, never a mark of how far one has come.
 */
final class Seal
{
    private const BATCH = 5000;

    public function __construct(
        private readonly LedgerTables $ledger,
        private readonly Unsealed $unsealed,
        private readonly SameLedger $same,
        private readonly ChainHeads $heads,
        private readonly Journal $journal,
        private readonly KeyStore $keys,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @param  bool  $everything  looks through the whole ledger, and so finds even what a transaction left that was
     *                            open for hours; else only from where every transaction must have ended
     * @return int how many entries were sealed
     *
     * @throws SealingRefused
     */
    public function __invoke(bool $everything = false): int
    {
        if (DB::scalar('SELECT GET_LOCK(?, 0)', [$this->lockName()]) !== 1) {
            return 0;
        }
        try {
            $tree = new RememberedSubtrees($this->ledger);
            $why = $this->same->isNot($tree);
            if ($why !== null) {
                throw new SealingRefused("$why Nothing was sealed.");
            }
            $this->journal->close();
            for ($sealed = 0; ($now = $this->batch($everything, $tree)) > 0; $sealed += $now) {
            }
            $this->journal->clear($this->same->unsealed(...));

            return $sealed;
        } finally {
            DB::selectOne('SELECT RELEASE_LOCK(?)', [$this->lockName()]);
        }
    }

    private function batch(bool $everything, SubtreeHashes $tree): int
    {
        $note = null;
        $count = DB::transaction(function () use (&$note, $everything, $tree): int {
            $size = $this->ledger->size();
            $rows = $this->next($everything ? $this->unsealed->everything() : $this->unsealed->query());
            if ($rows === []) {
                return 0;
            }
            $before = $this->newestCheckpoint();
            $frontier = Frontier::of($size, $tree);
            [$leaves, $subtrees] = [[], []];
            foreach ($rows as $row) {
                $growth = $frontier->append(TreeHash::ofLeaf($row->body));
                [$frontier, $done] = [$growth->frontier, $growth->completed];
                $leaves[] = ['leaf' => $frontier->size - 1, 'position' => $row->position, 'hash' => $done[0]->hash->bytes];
                foreach ($done as $subtree) {
                    $subtrees[] = ['level' => $subtree->level, 'idx' => $subtree->index, 'hash' => $subtree->hash->bytes];
                }
            }
            foreach (['leaves' => $leaves, 'subtrees' => $subtrees] as $table => $all) {
                foreach (array_chunk($all, 1000) as $chunk) {
                    $this->ledger->table($table)->insert($chunk);
                }
            }
            $checkpoint = new Checkpoint(
                config()->string('juramen.ledger_origin'), $frontier->size, $frontier->root(), $this->chains($rows, $before), ($before->number ?? 0) + 1
            );
            $note = SignedNote::sign($checkpoint->text(), $this->keys->signingKey())->note();
            $this->ledger->table('checkpoints')->insert(['size' => $frontier->size, 'note' => $note, 'made' => Instants::write($this->clock->instant())]);

            return count($rows);
        });
        if ($note !== null) {
            $this->keys->keepCheckpoint($note);
        }

        return $count;
    }

    /**
     * The root of the map with the entries of this batch. What is stored of it must first lead to the root that was signed
     * last: a map that was changed is not built upon.
     *
     * @param  list<\stdClass>  $rows
     */
    private function chains(array $rows, ?Checkpoint $before): Digest
    {
        // Checkpoints from before there was a map signed none: the first that does covers everything sealed before it.
        $new = $before !== null && $before->chains === null ? $this->sealedHeads() : [];
        foreach ($rows as $row) {
            $known = $new[$row->subject] ?? null;
            if ($known === null || $known->sequence < (int) $row->sequence) {
                $new[$row->subject] = new ChainHead(Id::fromBytes($row->subject), (int) $row->sequence, Digest::of($row->body));
            }
        }
        $heads = $this->heads->of(array_values(array_unique(array_map(static fn (ChainHead $h): int => ChainMap::bucketOf($h->subject), array_values($new)))));
        $signed = $before === null ? ChainMap::ofEmpty(ChainMap::DEPTH) : $before->chains;
        $beside = $this->heads->beside(array_keys($heads));
        $stored = $this->root($this->heads->raise($heads, $beside));
        if ($signed !== null && ! $stored->equals($signed)) {
            throw new SealingRefused('The stored map of chains does not lead to the root that was signed last: it was changed. Nothing was sealed.');
        }
        foreach ($heads as $bucket => $some) {
            $all = [];
            foreach ($some as $head) {
                $all[$head->subject->bytes] = $head;
            }
            foreach ($new as $subject => $head) {
                if (ChainMap::bucketOf($head->subject) === $bucket && ($all[$subject]->sequence ?? 0) < $head->sequence) {
                    $all[$subject] = $head;
                }
            }
            ksort($all, SORT_STRING);
            $heads[$bucket] = array_values($all);
        }
        $nodes = $this->heads->raise($heads, $beside);
        $this->heads->keep(array_merge([], ...array_values($heads)), $nodes);

        return $this->root($nodes);
    }

    /** @return array<string, ChainHead> bytes of each subject to its newest sealed entry */
    private function sealedHeads(): array
    {
        $ends = $this->ledger->withLeaves()->whereNotNull('leaves.leaf')->groupBy('entries.subject')
            ->selectRaw('entries.subject, MAX(entries.sequence) AS sequence');
        $heads = [];
        foreach ($this->ledger->table('entries')->joinSub($ends, 'ends', static fn ($on) => $on->on('ends.subject', '=', 'entries.subject')
            ->on('ends.sequence', '=', 'entries.sequence'))->select('entries.subject', 'entries.sequence', 'entries.body')->cursor() as $row) {
            $heads[$row->subject] = new ChainHead(Id::fromBytes($row->subject), (int) $row->sequence, Digest::of($row->body));
        }

        return $heads;
    }

    /** @param  list<Subtree>  $nodes */
    private function root(array $nodes): Digest
    {
        return $nodes[count($nodes) - 1]->hash;
    }

    private function newestCheckpoint(): ?Checkpoint
    {
        $note = $this->ledger->newestCheckpoint();

        return $note === null ? null : $this->keys->keyRing()->open($note);
    }

    /** @return list<\stdClass> with position, body, subject, sequence */
    private function next(Builder $unsealed): array
    {
        return array_values($unsealed->select('entries.position', 'entries.body', 'entries.subject', 'entries.sequence')
            ->orderBy('entries.position')->limit(self::BATCH)->get()->all());
    }

    private function lockName(): string
    {
        return 'seal:'.config()->string('juramen.ledger_schema');
    }
}
