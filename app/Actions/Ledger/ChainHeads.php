<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Log\ChainHead;
use Juramen\Log\ChainMap;
use Juramen\Log\Subtree;

/**
 * The stored map from subjects to the heads of their sealed chains. Only a help for quick reading: what it says counts only where
 * it leads to the root that the newest checkpoint signed.
 */
final class ChainHeads
{
    /**
     * @param  list<int>  $buckets
     * @return array<int, list<ChainHead>> by bucket, each in the order of its subjects; every bucket asked for is there
     */
    public function of(array $buckets): array
    {
        $heads = array_fill_keys($buckets, []);
        foreach (array_chunk($buckets, 5000) as $some) {
            foreach (DB::table('chain_heads')->whereIn('bucket', $some)->orderBy('subject')->get() as $row) {
                $heads[(int) $row->bucket][] = new ChainHead(Id::fromBytes($row->subject), (int) $row->sequence, Digest::fromBytes($row->digest));
            }
        }

        return $heads;
    }

    /**
     * The stored nodes beside the ways from some buckets to the root, read once for however often these are raised.
     *
     * @param  list<int>  $buckets
     * @return array<int, array<int, Digest>> by level and index; those that stand over nobody are not there
     */
    public function beside(array $buckets): array
    {
        $beside = [];
        foreach (ChainMap::beside($buckets) as $node) {
            $beside[$node->level][] = $node->index;
        }
        $stored = [];
        if ($beside !== []) {
            $query = DB::table('chain_map');
            foreach ($beside as $level => $indexes) {
                $query->orWhere(static fn ($q) => $q->where('level', $level)->whereIn('idx', $indexes));
            }
            foreach ($query->get() as $row) {
                $stored[(int) $row->level][(int) $row->idx] = Digest::fromBytes($row->hash);
            }
        }

        return $stored;
    }

    /**
     * The root to which buckets lead with the nodes beside them, and every node on the way.
     *
     * @param  array<int, list<ChainHead>>  $heads  by bucket
     * @param  array<int, array<int, Digest>>  $beside  of these buckets
     * @return list<Subtree> the root last
     */
    public function raise(array $heads, array $beside): array
    {
        $empty = [];

        return ChainMap::raise(array_map(ChainMap::ofBucket(...), $heads), static function (int $level, int $index) use ($beside, &$empty): Digest {
            return $beside[$level][$index] ?? $empty[$level] ??= ChainMap::ofEmpty($level);
        });
    }

    /**
     * @param  list<ChainHead>  $heads
     * @param  list<Subtree>  $nodes
     */
    public function keep(array $heads, array $nodes): void
    {
        foreach (array_chunk($heads, 1000) as $some) {
            DB::table('chain_heads')->upsert(array_map(static fn (ChainHead $h): array => [
                'subject' => $h->subject->bytes, 'bucket' => ChainMap::bucketOf($h->subject), 'sequence' => $h->sequence, 'digest' => $h->digest->bytes,
            ], $some), ['subject'], ['sequence', 'digest']);
        }
        foreach (array_chunk($nodes, 2000) as $some) {
            $rows = array_map(static fn (Subtree $n): array => ['level' => $n->level, 'idx' => $n->index, 'hash' => $n->hash->bytes], $some);
            DB::table('chain_map')->upsert($rows, ['level', 'idx'], ['hash']);
        }
    }
}
