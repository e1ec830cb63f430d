<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Support\Stored;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\ById;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Consent\Entry;
use Juramen\Log\MemorySubtrees;
use Juramen\Log\MissingSubtree;
use Juramen\Log\SubtreeHashes;
use Juramen\Log\WantedSubtrees;
use PDOStatement;

/**
 * The ledger's tables as queries: the one place that knows their names. The connection is asked for at each use, so that after a
 * lost one everything goes on over the new one, inside the same transactions and locks.
 */
final class LedgerTables implements SubtreeHashes
{
    public function connection(): ConnectionInterface
    {
        return DB::connection();
    }

    /** For going through millions of rows. */
    public function prepare(string $sql): PDOStatement
    {
        return DB::connection()->getPdo()->prepare($sql);
    }

    /** @param  'entries'|'leaves'|'subtrees'|'checkpoints'  $name */
    public function table(string $name): Builder
    {
        return $this->connection()->table(self::named($name));
    }

    /** A table with its schema. */
    public static function named(string $table): string
    {
        return config()->string('juramen.ledger_schema').'.'.$table;
    }

    /** @return list<Entry> of one subject, in the order of its chain */
    public function chain(Id $subject): array
    {
        return array_map(Entry::parse(...), Stored::texts($this->table('entries')->where('subject', $subject->bytes)->orderBy('sequence')->pluck('body')));
    }

    public function newestOf(Id $subject): ?Entry
    {
        $body = $this->table('entries')->where('subject', $subject->bytes)->orderByDesc('sequence')->value('body');

        return $body === null ? null : Entry::parse(Stored::text($body));
    }

    /**
     * @param  list<Id>  $subjects
     * @return ById<Entry> the newest of each, by subject in hex; none where there is none
     */
    public function newestOfAll(array $subjects): ById
    {
        $bytes = array_map(static fn (Id $s): string => $s->bytes, $subjects);
        $ends = $this->table('entries')->whereIn('subject', $bytes)->groupBy('subject')->selectRaw('subject, MAX(sequence) AS sequence');
        $bodies = $this->table('entries')->joinSub($ends, 'ends', static function (JoinClause $join): void {
            $join->on('ends.subject', '=', 'entries.subject')->on('ends.sequence', '=', 'entries.sequence');
        })->pluck('body');

        return ById::of(array_map(Entry::parse(...), Stored::texts($bodies)), static fn (Entry $e): string => $e->subject->hex());
    }

    /** @return Builder of entries with their leaf, which is null where they are not sealed */
    public function withLeaves(): Builder
    {
        return $this->table('entries')->leftJoin(self::named('leaves'), 'leaves.position', '=', 'entries.position');
    }

    /** How many entries are sealed. */
    public function size(): int
    {
        return Stored::number($this->table('leaves')->max('leaf') ?? -1) + 1;
    }

    /** The newest checkpoint as a signed note; null before the first. */
    public function newestCheckpoint(): ?string
    {
        return Stored::textOrNull($this->table('checkpoints')->orderByDesc('size')->value('note'));
    }

    /**
     * Every hash that a computation needs, fetched in one query.
     *
     * @param  callable(SubtreeHashes): mixed  $computation
     */
    public function subtreesFor(callable $computation): SubtreeHashes
    {
        $wanted = new WantedSubtrees;
        $computation($wanted);
        $levels = [];
        if ($wanted->wanted() !== []) {
            $query = $this->table('subtrees');
            foreach ($wanted->wanted() as $level => $indexes) {
                $query->orWhere(static fn ($q) => $q->where('level', $level)->whereIn('idx', $indexes));
            }
            foreach ($query->get() as $row) {
                $levels[(int) $row->level][(int) $row->idx] = Digest::fromBytes($row->hash);
            }
        }

        return MemorySubtrees::of($levels);
    }

    public function at(int $level, int $index): Digest
    {
        $hash = $this->table('subtrees')->where('level', $level)->where('idx', $index)->value('hash');

        return $hash === null ? throw MissingSubtree::at($level, $index) : Digest::fromBytes(Stored::text($hash));
    }
}
