<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Consent\Entry;
use Juramen\Log\MissingSubtree;
use Juramen\Log\SubtreeHashes;

/** The ledger's tables as queries: the one place that knows their names. */
final class LedgerTables implements SubtreeHashes
{
    public function __construct(private readonly ConnectionInterface $db) {}

    /** @param  'entries'|'leaves'|'subtrees'|'checkpoints'  $name */
    public function table(string $name): Builder
    {
        return $this->db->table(config('juramen.ledger_schema').'.'.$name);
    }

    /** @return list<Entry> of one subject, in the order of its chain */
    public function chain(Id $subject): array
    {
        return $this->table('entries')->where('subject', $subject->bytes)->orderBy('sequence')->pluck('body')->map(Entry::parse(...))->values()->all();
    }

    public function newestOf(Id $subject): ?Entry
    {
        $body = $this->table('entries')->where('subject', $subject->bytes)->orderByDesc('sequence')->value('body');

        return $body === null ? null : Entry::parse($body);
    }

    /** The entry's index in the tree; null where it is not yet sealed. */
    public function leafOf(Id $entry): ?int
    {
        return $this->table('entries')->join(config('juramen.ledger_schema').'.leaves', 'leaves.position', '=', 'entries.position')
            ->where('entries.id', $entry->bytes)->value('leaves.leaf');
    }

    /** How many entries are sealed. */
    public function size(): int
    {
        return ((int) ($this->table('leaves')->max('leaf') ?? -1)) + 1;
    }

    /** The newest checkpoint as a signed note; null before the first. */
    public function newestCheckpoint(): ?string
    {
        return $this->table('checkpoints')->orderByDesc('size')->value('note');
    }

    public function at(int $level, int $index): Digest
    {
        $hash = $this->table('subtrees')->where('level', $level)->where('idx', $index)->value('hash');

        return $hash === null ? throw MissingSubtree::at($level, $index) : Digest::fromBytes($hash);
    }
}
