<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Support\Journal;
use App\Support\JournalLine;
use App\Support\KeyStore;
use App\Support\Stored;
use InvalidArgumentException;
use Juramen\Canon\Digest;
use Juramen\Log\ConsistencyProof;
use Juramen\Log\MissingSubtree;
use Juramen\Log\Range;
use Juramen\Log\SubtreeHashes;

/**
 * Whether the database holds the ledger that was sealed and written before, by what lies beside the key: the newest checkpoint, and
 * the journal of what was committed since. A restored older database is not it, nor is one from which something was taken.
 */
final class SameLedger
{
    public function __construct(private readonly LedgerTables $ledger, private readonly KeyStore $keys, private readonly Journal $journal) {}

    /**
     * Why it is not the same; null where nothing speaks against it.
     *
     * @param  SubtreeHashes|null  $hashes  through which the stored tree is read, where whoever asks reads it too
     */
    public function isNot(?SubtreeHashes $hashes = null): ?string
    {
        return $this->isShorter() ?? $this->differs($hashes ?? new RememberedSubtrees($this->ledger)) ?? $this->lacks();
    }

    /** A quick look at the size alone, for whoever asks often. */
    public function isShorter(): ?string
    {
        $kept = $this->keys->lastCheckpoint();
        $size = $this->ledger->size();
        if ($kept === null) {
            return $size === 0 ? null : 'The ledger is sealed, but no checkpoint lies beside the key. Put the newest one back before sealing.';
        }
        $checkpoint = $this->keys->keyRing()->open($kept);

        return $size >= $checkpoint->size ? null
            : "The ledger holds $size sealed entries, but {$checkpoint->size} were sealed before: an older database was restored. Restore the newest one.";
    }

    /** @return list<JournalLine> lines whose entry is not in the database as it was written */
    public function missing(): array
    {
        return $this->withoutEntry($this->journal->lines(), sealed: false);
    }

    /**
     * Those of the lines that must be watched over longer, because what they speak of is not sealed yet, or gone.
     *
     * @param  list<JournalLine>  $lines
     * @return list<JournalLine>
     */
    public function unsealed(array $lines): array
    {
        return $this->withoutEntry($lines, sealed: true);
    }

    private function lacks(): ?string
    {
        $missing = $this->missing();

        return $missing === [] ? null
            : count($missing).' '.(count($missing) === 1 ? 'entry was' : 'entries were').' committed and '.(count($missing) === 1 ? 'is' : 'are')
            .' not in the database any more, or '.(count($missing) === 1 ? 'is' : 'are').' another: '
            .implode(
                '; ', array_map(static fn (JournalLine $l): string => "subject {$l->subject->hex()}, entry {$l->sequence}", array_slice($missing, 0, 10))
            ).'.';
    }

    private function differs(SubtreeHashes $hashes): ?string
    {
        $kept = $this->keys->lastCheckpoint();
        if ($kept === null) {
            return null;
        }
        $checkpoint = $this->keys->keyRing()->open($kept);
        $size = $this->ledger->size();
        try {
            $root = Range::hash(0, $checkpoint->size, $hashes);
            $grows = in_array($checkpoint->size, [0, $size], true) || ConsistencyProof::make($checkpoint->size, $size, $hashes)
                ->proves($root, Range::hash(0, $size, $hashes));
        } catch (MissingSubtree|InvalidArgumentException $e) {
            return 'The stored tree is not whole: '.$e->getMessage();
        }

        return match (true) {
            ! $root->equals($checkpoint->root) => "The first {$checkpoint->size} sealed entries are not those of the checkpoint beside the key:"
                .' the ledger was changed.',
            ! $grows => 'The stored tree does not grow out of its earlier state.',
            default => null,
        };
    }

    /**
     * @param  list<JournalLine>  $lines
     * @param  bool  $sealed  whether an entry counts only once it is in the tree
     * @return list<JournalLine>
     */
    private function withoutEntry(array $lines, bool $sealed): array
    {
        $left = [];
        foreach (array_chunk($lines, 1000) as $some) {
            $query = $sealed ? $this->ledger->withLeaves()->whereNotNull('leaves.leaf') : $this->ledger->table('entries');
            $bodies = $query->whereIn('entries.position', array_map(static fn (JournalLine $l): int => $l->position, $some))
                ->pluck('entries.body', 'entries.position');
            foreach ($some as $line) {
                if (! isset($bodies[$line->position]) || ! Digest::of(Stored::text($bodies[$line->position]))->equals($line->digest)) {
                    $left[] = $line;
                }
            }
        }

        return $left;
    }
}
