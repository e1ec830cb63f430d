<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use Juramen\Log\Checkpoint;
use Juramen\Log\GrowingTree;
use PDO;

/**
 * The first pass of verifying: every sealed entry's bytes against its leaf, every stored hash of the tree against those below it, every
 * checkpoint against the root of what it was signed over. It looks at bytes alone, so it is bound by reading and hashing them.
 */
final class VerifyTree
{
    private const AT_ONCE = 5000;

    private const ROWS = 'SELECT l.leaf, l.hash, e.body, e.id, e.subject FROM %s l LEFT JOIN %s e ON e.position = l.position
        WHERE l.leaf >= ? AND l.leaf < ? ORDER BY l.leaf';

    private const SUBTREES = 'SELECT idx, hash FROM %s WHERE level = ? AND idx >= ? ORDER BY idx LIMIT '.self::AT_ONCE;

    /** @var array<int, array<int, string>> stored hashes at hand, by level and index */
    private array $stored = [];

    private bool $differs = false;

    /** @var callable(Fault): void */
    private mixed $note;

    public function __construct(private readonly LedgerTables $ledger) {}

    /**
     * @param  array<int, Checkpoint>  $checkpoints  by size
     * @param  callable(int, int): void  $progress  how many leaves are read, of how many
     * @param  callable(Fault): void  $note
     * @return int how many entries are sealed
     */
    public function __invoke(array $checkpoints, callable $progress, callable $note): int
    {
        [$this->note, $this->stored, $this->differs] = [$note, [], false];
        $size = $this->ledger->size();
        $tree = new GrowingTree;
        $rows = $this->ledger->prepare(sprintf(self::ROWS, LedgerTables::named('leaves'), LedgerTables::named('entries')));
        for ($from = 0; $from < $size; $from += self::AT_ONCE) {
            $rows->execute([$from, $from + self::AT_ONCE]);
            while (is_array($row = $rows->fetch(PDO::FETCH_NUM))) {
                /** @var array{int, string, string|null, string|null, string|null} $row */
                if ($row[0] !== $tree->size()) {
                    ($this->note)(new Fault("Leaf {$tree->size()} is missing", null, null, $tree->size()));

                    return $size;
                }
                $this->leaf($tree, $row, $checkpoints);
            }
            $progress(min($size, $from + self::AT_ONCE), $size);
        }
        $largest = array_key_last($checkpoints) ?? 0;
        if ($largest > $tree->size()) {
            ($this->note)(new Fault("A checkpoint was signed over $largest entries, but only {$tree->size()} are sealed here: entries are missing"));
        }

        return $size;
    }

    /**
     * @param  array{int, string, string|null, string|null, string|null}  $row  leaf, its stored hash, body, id, subject
     * @param  array<int, Checkpoint>  $checkpoints
     */
    private function leaf(GrowingTree $tree, array $row, array $checkpoints): void
    {
        [$leaf, $sealed, $body, $id] = $row;
        $hash = $body === null ? $sealed : hash('sha256', "\x00".$body, true);
        if ($body === null) {
            ($this->note)(new Fault('A sealed entry is gone', null, null, $leaf));
        } elseif ($hash !== $sealed) {
            $says = 'The bytes of this entry are not those that were sealed';
            ($this->note)(new Fault($says, 'subject '.bin2hex((string) $row[4]), bin2hex((string) $id), $leaf));
        }
        foreach ($tree->append($hash) as $below => $made) {
            $this->subtree($below + 1, $leaf >> $below + 1, $made, $leaf, $id);
        }
        $signed = $checkpoints[$leaf + 1] ?? null;
        if ($signed !== null && ! $signed->root->equals($tree->root())) {
            $says = 'The checkpoint of size '.($leaf + 1).' does not match the entries it was signed over';
            ($this->note)(new Fault("$says; something up to this entry was changed, added or left out", null, self::hex($id), $leaf));
        }
    }

    /** The first that differs is said; all above it then differ too. */
    private function subtree(int $level, int $index, string $made, int $leaf, ?string $id): void
    {
        if (! isset($this->stored[$level][$index])) {
            $hashes = $this->ledger->prepare(sprintf(self::SUBTREES, LedgerTables::named('subtrees')));
            $hashes->execute([$level, $index]);
            /** @var array<int, string> $some */
            $some = $hashes->fetchAll(PDO::FETCH_KEY_PAIR);
            $this->stored[$level] = $some;
        }
        if (($this->stored[$level][$index] ?? null) === $made || $this->differs) {
            return;
        }
        $this->differs = true;
        $says = 'The stored hash over leaves '.($index << $level)." to $leaf is not that of their bytes; this entry or one beside it was changed";
        ($this->note)(new Fault($says, null, self::hex($id), $leaf));
    }

    private static function hex(?string $bytes): ?string
    {
        return $bytes === null ? null : bin2hex($bytes);
    }
}
