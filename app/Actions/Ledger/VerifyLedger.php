<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Casts\Instants;
use App\Support\KeyStore;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;
use Juramen\Canon\Digest;
use Juramen\Consent\Entry;
use Juramen\Log\Checkpoint;
use Juramen\Log\Disclosure;
use Juramen\Log\Frontier;
use Juramen\Log\TreeHash;

/**
 * Reads the whole ledger as it is stored and says what does not fit: every entry's bytes against its leaf, every
 * checkpoint's signature and root, every subject's chain, every personal value against the digest in its entry.
 * Memory does not grow with the ledger.
 */
final class VerifyLedger
{
    private const CHUNK = 2000;

    private const MOST_FAULTS = 50;

    /** Seconds after which an entry should have been sealed. */
    private const SEALED_WITHIN = 60;

    /** @var list<Fault> */
    private array $faults = [];

    public function __construct(
        private readonly LedgerTables $ledger,
        private readonly KeyStore $keys,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @param  string|null  $against  an earlier checkpoint, as a signed note, kept by whoever asks
     * @param  callable(int, int): void  $progress  told how many sealed entries of how many were read
     * @return array{entries: int, sealed: int, checkpoints: int, overdue: int, faults: list<Fault>}
     */
    public function __invoke(?string $against, callable $progress): array
    {
        $this->faults = [];
        $checkpoints = $this->checkpoints($against);
        $sealed = $this->tree($checkpoints, $progress);
        $entries = $this->chains();
        $this->disclosures();
        $overdue = $this->overdue();
        if ($overdue > 0) {
            $this->fault("$overdue entries have waited for more than ".self::SEALED_WITHIN.' seconds to be sealed; the scheduler stands still, or sealing is refused');
        }

        return ['entries' => $entries, 'sealed' => $sealed, 'checkpoints' => count($checkpoints), 'overdue' => $overdue, 'faults' => $this->faults];
    }

    /** @return array<int, Digest> size to the root that was signed */
    private function checkpoints(?string $against): array
    {
        $ring = $this->keys->keyRing();
        $roots = [];
        $notes = ['the one beside the key' => $this->keys->lastCheckpoint(), 'the one given' => $against];
        foreach ($this->ledger->table('checkpoints')->orderBy('size')->pluck('note', 'size') as $size => $note) {
            $notes["of size $size"] = $note;
        }
        foreach ($notes as $which => $note) {
            if ($note === null) {
                continue;
            }
            try {
                $checkpoint = $ring->open($note);
                $this->sameLedger($checkpoint);
                if (isset($roots[$checkpoint->size]) && ! $roots[$checkpoint->size]->equals($checkpoint->root)) {
                    $this->fault("Two checkpoints of size {$checkpoint->size} have different roots; one is $which");
                }
                $roots[$checkpoint->size] = $checkpoint->root;
            } catch (InvalidArgumentException $e) {
                $this->fault("Checkpoint $which: {$e->getMessage()}");
            }
        }
        ksort($roots);

        return $roots;
    }

    private function sameLedger(Checkpoint $checkpoint): void
    {
        $origin = config('juramen.ledger_origin');
        if ($checkpoint->origin !== $origin) {
            throw new InvalidArgumentException("it is of the ledger {$checkpoint->origin}, not of $origin");
        }
    }

    /**
     * @param  array<int, Digest>  $roots
     * @param  callable(int, int): void  $progress
     */
    private function tree(array $roots, callable $progress): int
    {
        $size = $this->ledger->size();
        $frontier = Frontier::empty();
        $broken = false;
        for ($from = 0; $from < $size; $from += self::CHUNK) {
            foreach ($this->leaves($from) as $row) {
                if ((int) $row->leaf !== $frontier->size) {
                    $this->fault("Leaf {$frontier->size} is missing", null, $frontier->size);

                    return $size;
                }
                $hash = $this->leafHash($row);
                [$frontier, $subtrees] = $frontier->append($hash);
                foreach (array_slice($subtrees, 1) as $subtree) {
                    if (! $broken && $this->differs($subtree->level, $subtree->index, $subtree->hash)) {
                        $broken = true;
                        $this->fault('The stored hash over leaves '.($subtree->index << $subtree->level).' to '.($frontier->size - 1).' is not that of their bytes; this entry or one beside it was changed', $this->entryId($row), (int) $row->leaf);
                    }
                }
                $signed = $roots[$frontier->size] ?? null;
                if ($signed !== null && ! $signed->equals($frontier->root())) {
                    $this->fault("The checkpoint of size {$frontier->size} does not match the entries it was signed over; something up to this entry was changed, added or left out", $this->entryId($row), (int) $row->leaf);
                }
            }
            $progress(min($size, $from + self::CHUNK), $size);
        }
        $largest = array_key_last($roots) ?? 0;
        if ($largest > $frontier->size) {
            $this->fault("A checkpoint was signed over $largest entries, but only {$frontier->size} are sealed here: entries are missing");
        }

        return $size;
    }

    /** @return iterable<object> */
    private function leaves(int $from): iterable
    {
        return $this->ledger->table('leaves')->select('leaves.leaf', 'leaves.hash', 'entries.*')
            ->leftJoin(config('juramen.ledger_schema').'.entries', 'entries.position', '=', 'leaves.position')
            ->where('leaves.leaf', '>=', $from)->where('leaves.leaf', '<', $from + self::CHUNK)->orderBy('leaves.leaf')->get();
    }

    private function leafHash(object $row): Digest
    {
        if ($row->body === null) {
            $this->fault('A sealed entry is gone', null, (int) $row->leaf);

            return Digest::fromBytes($row->hash);
        }
        $hash = TreeHash::ofLeaf($row->body);
        if ($hash->bytes !== $row->hash) {
            $this->fault('The bytes of this entry are not those that were sealed', $this->entryId($row), (int) $row->leaf);
        }

        return $hash;
    }

    /** @var array<int, array<int, string>> stored subtree hashes of the chunk at hand, by level and index */
    private array $stored = [];

    private function differs(int $level, int $index, Digest $hash): bool
    {
        if (! isset($this->stored[$level][$index])) {
            $this->stored[$level] = $this->ledger->table('subtrees')->where('level', $level)->where('idx', '>=', $index)
                ->orderBy('idx')->limit(self::CHUNK)->pluck('hash', 'idx')->all();
        }

        return ($this->stored[$level][$index] ?? null) !== $hash->bytes;
    }

    /** Every subject's entries in order: canonical, contiguous, each naming the one before. */
    private function chains(): int
    {
        [$count, $before] = [0, null];
        [$subject, $sequence] = ['', 0];
        do {
            $rows = $this->ledger->table('entries')
                ->where(fn ($q) => $q->where('subject', '>', $subject)->orWhere(fn ($q) => $q->where('subject', $subject)->where('sequence', '>', $sequence)))
                ->orderBy('subject')->orderBy('sequence')->limit(self::CHUNK)->get();
            foreach ($rows as $row) {
                $entry = $this->entry($row);
                if ($entry !== null && ! $entry->follows($before?->subject->equals($entry->subject) === true ? $before : null)) {
                    $this->fault('This entry does not follow on the one before it in its subject\'s chain', $this->entryId($row));
                }
                $before = $entry ?? $before;
                [$subject, $sequence] = [$row->subject, $row->sequence];
            }
            $count += count($rows);
        } while (count($rows) === self::CHUNK);

        return $count;
    }

    private function entry(object $row): ?Entry
    {
        try {
            $entry = Entry::parse($row->body);
        } catch (InvalidArgumentException $e) {
            $this->fault('This entry cannot be read: '.$e->getMessage(), $this->entryId($row));

            return null;
        }
        if ($entry->id->bytes !== $row->id || $entry->subject->bytes !== $row->subject || $entry->sequence !== (int) $row->sequence
            || $entry->act->kind->value !== $row->kind || Instants::write($entry->recorded) !== $row->recorded) {
            $this->fault('The columns beside this entry say something else than its bytes', $this->entryId($row));
        }

        return $entry;
    }

    /** Personal values that are still kept must be those whose digests the entries carry. */
    private function disclosures(): void
    {
        $after = 0;
        do {
            $rows = DB::table('disclosures')->where('id', '>', $after)->orderBy('id')->limit(self::CHUNK)->get();
            $bodies = $this->ledger->table('entries')->whereIn('id', $rows->pluck('entry')->unique()->all())->pluck('body', 'id');
            foreach ($rows as $row) {
                $digest = $this->disclosureDigest($row->text);
                if ($digest === null || ! str_contains((string) ($bodies[$row->entry] ?? ''), '"'.$digest->base64Url().'"')) {
                    $this->fault('A personal value is not the one this entry was made with', bin2hex($row->entry));
                }
                $after = $row->id;
            }
        } while (count($rows) === self::CHUNK);
    }

    private function disclosureDigest(string $text): ?Digest
    {
        try {
            return Disclosure::parse($text)->digest();
        } catch (InvalidArgumentException) {
            return null;
        }
    }

    private function overdue(): int
    {
        return $this->ledger->table('entries')->leftJoin(config('juramen.ledger_schema').'.leaves', 'leaves.position', '=', 'entries.position')
            ->whereNull('leaves.position')->where('recorded', '<', Instants::write($this->clock->instant()->plusSeconds(-self::SEALED_WITHIN)))->count();
    }

    private function entryId(object $row): ?string
    {
        return $row->id === null ? null : bin2hex($row->id);
    }

    private function fault(string $what, ?string $entry = null, ?int $leaf = null): void
    {
        if (count($this->faults) < self::MOST_FAULTS) {
            $this->faults[] = new Fault($what, $entry, $leaf);
        }
    }
}
