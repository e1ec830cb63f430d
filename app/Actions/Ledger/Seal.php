<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Casts\Instants;
use App\Support\KeyStore;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;
use Juramen\Canon\Digest;
use Juramen\Log\Checkpoint;
use Juramen\Log\ConsistencyProof;
use Juramen\Log\Frontier;
use Juramen\Log\MissingSubtree;
use Juramen\Log\Range;
use Juramen\Log\SignedNote;
use Juramen\Log\TreeHash;

/**
 * Takes every entry that is committed and not yet in the tree, in the order of their positions, appends them, and
 * signs a checkpoint. Positions may become visible out of order; whichever appears later is taken later, for what
 * counts is not being in `leaves`, never a mark of how far one has come.
 */
final class Seal
{
    private const BATCH = 5000;

    /** Seconds within which any transaction has ended; far more than a request or a command may take. */
    private const LONGEST_TRANSACTION = 3600;

    public function __construct(
        private readonly LedgerTables $ledger,
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
        if (DB::selectOne('SELECT GET_LOCK(?, 0) AS got', [$this->lockName()])->got !== 1) {
            return 0;
        }
        try {
            $this->refuseFork();
            for ($sealed = 0; ($now = $this->batch($everything)) > 0; $sealed += $now) {
            }

            return $sealed;
        } finally {
            DB::selectOne('SELECT RELEASE_LOCK(?)', [$this->lockName()]);
        }
    }

    private function batch(bool $everything): int
    {
        $note = null;
        $count = DB::transaction(function () use (&$note, $everything): int {
            $size = $this->ledger->size();
            $rows = $this->unsealed($everything ? 0 : $this->settledPosition());
            if ($rows === []) {
                return 0;
            }
            $frontier = Frontier::of($size, $this->ledger);
            [$leaves, $subtrees] = [[], []];
            foreach ($rows as $row) {
                [$frontier, $done] = $frontier->append(TreeHash::ofLeaf($row->body));
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
            $note = SignedNote::sign((new Checkpoint(config('juramen.ledger_origin'), $frontier->size, $frontier->root()))->text(), $this->keys->signingKey())->note();
            $this->ledger->table('checkpoints')->insert(['size' => $frontier->size, 'note' => $note, 'made' => Instants::write($this->clock->instant())]);

            return count($rows);
        });
        if ($note !== null) {
            $this->keys->keepCheckpoint($note);
        }

        return $count;
    }

    /** @return list<object{position: int, body: string}> */
    private function unsealed(int $settled): array
    {
        return $this->ledger->table('entries')->select('entries.position', 'entries.body')
            ->leftJoin(config('juramen.ledger_schema').'.leaves', 'leaves.position', '=', 'entries.position')
            ->whereNull('leaves.position')->where('entries.position', '>', $settled)
            ->orderBy('entries.position')->limit(self::BATCH)->get()->all();
    }

    /**
     * Every position up to here is sealed or will never appear: it was in the tree so long before the newest
     * sealing that every transaction then open had ended by then, and was seen by that sealing.
     */
    private function settledPosition(): int
    {
        $newest = $this->ledger->table('checkpoints')->max('made');
        if ($newest === null) {
            return 0;
        }
        $size = $this->ledger->table('checkpoints')->where('made', '<', Instants::write(Instants::read($newest)->plusSeconds(-self::LONGEST_TRANSACTION)))->max('size');

        return $size === null ? 0 : (int) $this->ledger->table('leaves')->where('leaf', '<', $size)->max('position');
    }

    /** The checkpoint kept beside the key must be a state this tree once had. */
    private function refuseFork(): void
    {
        $kept = $this->keys->lastCheckpoint();
        if ($kept === null) {
            if ($this->ledger->size() > 0) {
                throw new SealingRefused('The ledger is sealed, but no checkpoint lies beside the key. Put the newest one back before sealing.');
            }

            return;
        }
        $checkpoint = $this->keys->keyRing()->open($kept);
        $size = $this->ledger->size();
        if ($size < $checkpoint->size) {
            throw new SealingRefused("The ledger holds $size sealed entries, but {$checkpoint->size} were sealed before: an older database was restored. Restore the newest one; nothing was sealed.");
        }
        if (! $this->rootAt($checkpoint->size, $size)->equals($checkpoint->root)) {
            throw new SealingRefused("The first {$checkpoint->size} sealed entries are not those of the checkpoint beside the key: the ledger was changed. Nothing was sealed.");
        }
    }

    private function rootAt(int $size, int $whole): Digest
    {
        try {
            $root = Range::hash(0, $size, $this->ledger);
            $proof = $size === 0 ? null : ConsistencyProof::make($size, $whole, $this->ledger);
        } catch (MissingSubtree|InvalidArgumentException $e) {
            throw new SealingRefused('The stored tree is not whole: '.$e->getMessage());
        }
        if ($proof !== null && ! $proof->proves($root, Range::hash(0, $whole, $this->ledger))) {
            throw new SealingRefused('The stored tree does not grow out of its earlier state. Nothing was sealed.');
        }

        return $root;
    }

    private function lockName(): string
    {
        return 'seal:'.config('juramen.ledger_schema');
    }
}
