<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Casts\Instants;
use App\Support\KeyStore;
use App\Support\Stored;
use App\Support\SystemClock;
use InvalidArgumentException;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Consent\Entry;
use Juramen\Log\ChainHead;
use Juramen\Log\Checkpoint;
use Juramen\Log\Frontier;
use Juramen\Log\TreeHash;

/**
 * Reads everything that evidence rests on as it is stored, and says what does not fit: every entry's bytes against its leaf, every
 * checkpoint's signature, root and number, every subject's chain with its values, look-ups and permissions, the map of chains,
 * every edition with who decided and when, every frozen form, and what the journal beside the key says was committed.
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
        private readonly Unsealed $unsealed,
        private readonly SameLedger $same,
        private readonly ExamineChains $chains,
        private readonly ExamineEditions $editions,
        private readonly KeyStore $keys,
        private readonly SystemClock $clock,
    ) {}

    /**
     * @param  string|null  $against  an earlier checkpoint, as a signed note, kept by whoever asks
     * @param  callable(string, int, int): void  $progress  told what is read, how many of how many
     */
    public function __invoke(?string $against, callable $progress): Verification
    {
        $this->faults = [];
        $checkpoints = $this->checkpoints($against);
        $sealed = $this->tree($checkpoints, $progress);
        $entries = $this->chains($checkpoints === [] ? null : end($checkpoints), $progress);
        $this->note(...$this->editions->all());
        foreach ($this->same->missing() as $line) {
            $this->fault("Entry {$line->sequence} was committed and is not in the database any more, or is another", "subject {$line->subject->hex()}");
        }
        $overdue = $this->overdue();
        if ($overdue > 0) {
            $this->fault(
                "$overdue entries have waited for more than ".self::SEALED_WITHIN.' seconds to be sealed; the scheduler stands still, or sealing is refused'
            );
        }

        return new Verification($entries, $sealed, count($checkpoints), $overdue, $this->faults);
    }

    /** @return array<int, Checkpoint> by size */
    private function checkpoints(?string $against): array
    {
        $ring = $this->keys->keyRing();
        [$found, $number] = [[], null];
        $notes = ['the one beside the key' => $this->keys->lastCheckpoint(), 'the one given' => $against];
        $stored = $this->ledger->table('checkpoints')->orderBy('size')->pluck('note', 'size')->map(Stored::text(...))->all();
        foreach ($stored as $size => $note) {
            $notes["of size $size"] = $note;
        }
        foreach ($notes as $which => $note) {
            if ($note === null) {
                continue;
            }
            try {
                $checkpoint = $ring->open($note);
                $this->sameLedger($checkpoint);
                if (isset($found[$checkpoint->size]) && ! $found[$checkpoint->size]->root->equals($checkpoint->root)) {
                    $this->fault("Two checkpoints of size {$checkpoint->size} have different roots; one is $which");
                }
                $found[$checkpoint->size] = $checkpoint;
                if (! isset($stored[$checkpoint->size])) {
                    $this->fault("The checkpoint of size {$checkpoint->size}, $which, is not in the database: it was taken out");
                }
            } catch (InvalidArgumentException $e) {
                $this->fault("Checkpoint $which: ".rtrim($e->getMessage(), '.'));
            }
        }
        ksort($found);
        foreach ($found as $checkpoint) {
            if ($checkpoint->number !== null && $checkpoint->number !== ($number ?? 0) + 1) {
                $this->fault(
                    "Before checkpoint {$checkpoint->number}, of size {$checkpoint->size}, others are missing; the one before it here is ".($number ?? 'none')
                );
            }
            $number = $checkpoint->number ?? $number;
        }

        return $found;
    }

    private function sameLedger(Checkpoint $checkpoint): void
    {
        $origin = config()->string('juramen.ledger_origin');
        if ($checkpoint->origin !== $origin) {
            throw new InvalidArgumentException("it is of the ledger {$checkpoint->origin}, not of $origin");
        }
    }

    /**
     * @param  array<int, Checkpoint>  $checkpoints
     * @param  callable(string, int, int): void  $progress
     */
    private function tree(array $checkpoints, callable $progress): int
    {
        $size = $this->ledger->size();
        $frontier = Frontier::empty();
        $broken = false;
        for ($from = 0; $from < $size; $from += self::CHUNK) {
            foreach ($this->leaves($from) as $row) {
                if ($row->leaf !== $frontier->size) {
                    $this->fault("Leaf {$frontier->size} is missing", null, null, $frontier->size);

                    return $size;
                }
                $hash = $this->leafHash($row);
                $growth = $frontier->append($hash);
                $frontier = $growth->frontier;
                foreach (array_slice($growth->completed, 1) as $subtree) {
                    if (! $broken && $this->differs($subtree->level, $subtree->index, $subtree->hash)) {
                        $broken = true;
                        $over = ($subtree->index << $subtree->level).' to '.($frontier->size - 1);
                        $this->fault(
                            "The stored hash over leaves $over is not that of their bytes; this entry or one beside it was changed", null, $row->idInHex(),
                            $row->leaf
                        );
                    }
                }
                $signed = $checkpoints[$frontier->size] ?? null;
                if ($signed !== null && ! $signed->root->equals($frontier->root())) {
                    $says = "The checkpoint of size {$frontier->size} does not match the entries it was signed over";
                    $this->fault("$says; something up to this entry was changed, added or left out", null, $row->idInHex(), $row->leaf);
                }
            }
            $progress('sealed entries', min($size, $from + self::CHUNK), $size);
        }
        $largest = array_key_last($checkpoints) ?? 0;
        if ($largest > $frontier->size) {
            $this->fault("A checkpoint was signed over $largest entries, but only {$frontier->size} are sealed here: entries are missing");
        }

        return $size;
    }

    /** @return list<StoredEntry> */
    private function leaves(int $from): array
    {
        return array_values($this->ledger->table('leaves')->select('leaves.leaf', 'leaves.hash', 'entries.*')
            ->leftJoin(LedgerTables::named('entries'), 'entries.position', '=', 'leaves.position')
            ->where('leaves.leaf', '>=', $from)->where('leaves.leaf', '<', $from + self::CHUNK)->orderBy('leaves.leaf')->get()
            ->map(StoredEntry::from(...))->all());
    }

    private function leafHash(StoredEntry $row): Digest
    {
        if ($row->body === null) {
            $this->fault('A sealed entry is gone', null, null, $row->leaf);

            return Digest::fromBytes((string) $row->leafHash);
        }
        $hash = TreeHash::ofLeaf($row->body);
        if ($hash->bytes !== $row->leafHash) {
            $this->fault('The bytes of this entry are not those that were sealed', $row->about(), $row->idInHex(), $row->leaf);
        }

        return $hash;
    }

    /** @var array<int, array<int, string>> stored subtree hashes of the chunk at hand, by level and index */
    private array $stored = [];

    private function differs(int $level, int $index, Digest $hash): bool
    {
        if (! isset($this->stored[$level][$index])) {
            $this->stored[$level] = $this->ledger->table('subtrees')->where('level', $level)->where('idx', '>=', $index)
                ->orderBy('idx')->limit(self::CHUNK)->pluck('hash', 'idx')->map(Stored::text(...))->all();
        }

        return ($this->stored[$level][$index] ?? null) !== $hash->bytes;
    }

    /**
     * Every subject's entries in order, whole chains at a time, and the map of where they end.
     *
     * @param  callable(string, int, int): void  $progress
     */
    private function chains(?Checkpoint $newest, callable $progress): int
    {
        [$count, $subject, $sequence, $chains, $map] = [0, '', 0, [], new MapOfChains];
        $all = $this->ledger->table('entries')->count();
        do {
            $rows = $this->ledger->withLeaves()->select('entries.*', 'leaves.leaf')
                ->where(fn ($q) => $q->where('subject', '>', $subject)->orWhere(fn ($q) => $q->where('subject', $subject)->where('sequence', '>', $sequence)))
                ->orderBy('subject')->orderBy('sequence')->limit(self::CHUNK)->get();
            foreach ($rows->map(StoredEntry::from(...)) as $row) {
                $entry = $this->entry($row);
                [$subject, $sequence] = [(string) $row->subject, $row->sequence];
                if ($entry !== null) {
                    $chains[$subject][] = $entry;
                }
                if ($row->leaf !== null && $newest !== null && $row->leaf < $newest->size) {
                    $map->add(new ChainHead(Id::fromBytes($subject), $sequence, Digest::of((string) $row->body)));
                }
            }
            $count += count($rows);
            // The last chain may go on in the next lot.
            $open = count($rows) === self::CHUNK ? [$subject => $chains[$subject] ?? []] : [];
            $whole = array_diff_key($chains, $open);
            $this->note(
                ...($this->chains)(
                    array_map(static fn (string|int $s, array $e): Chain => new Chain(Id::fromBytes((string) $s), $e), array_keys($whole), $whole)
                )
            );
            $chains = $open;
            $progress('entries in their chains', $count, max($all, $count));
        } while (count($rows) === self::CHUNK);
        if ($newest?->chains !== null && ! $map->root()->equals($newest->chains)) {
            $this->fault("The chains do not end where the checkpoint of size {$newest->size} says that they end: an end was cut off, or added");
        }

        return $count;
    }

    private function entry(StoredEntry $row): ?Entry
    {
        try {
            $entry = Entry::parse((string) $row->body);
        } catch (InvalidArgumentException $e) {
            $this->fault('This entry cannot be read: '.rtrim($e->getMessage(), '.'), $row->about(), $row->idInHex());

            return null;
        }
        if ($entry->id->bytes !== $row->id || $entry->subject->bytes !== $row->subject || $entry->sequence !== $row->sequence
            || $entry->act->kind()->value !== $row->kind || Instants::write($entry->recorded) !== $row->recorded) {
            $this->fault('The columns beside this entry say something else than its bytes', ExamineChains::about($entry), $row->idInHex());
        }

        return $entry;
    }

    private function overdue(): int
    {
        return $this->unsealed->everything()->where('recorded', '<', Instants::write($this->clock->instant()->plusSeconds(-self::SEALED_WITHIN)))->count();
    }

    private function fault(string $what, ?string $about = null, ?string $entry = null, ?int $leaf = null): void
    {
        $this->note(new Fault($what, $about, $entry, $leaf));
    }

    private function note(Fault ...$faults): void
    {
        array_push($this->faults, ...array_slice($faults, 0, max(0, self::MOST_FAULTS - count($this->faults))));
    }
}
