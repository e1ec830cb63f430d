<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use Juramen\Canon\Digest;
use Juramen\Log\ChainHead;
use Juramen\Log\ChainMap;

/** Builds the map of where chains end anew from their entries, read in the order of their subjects; keeps one hash a bucket. */
final class MapOfChains
{
    /** @var array<int, Digest> */
    private array $buckets = [];

    /** @var array<string, ChainHead> of the bucket at hand */
    private array $heads = [];

    private ?int $bucket = null;

    /** The newest entry of a chain so far; a later one of the same chain takes its place. */
    public function add(ChainHead $head): void
    {
        $bucket = ChainMap::bucketOf($head->subject);
        if ($bucket !== $this->bucket) {
            $this->finish();
            $this->bucket = $bucket;
        }
        $this->heads[$head->subject->bytes] = $head;
    }

    public function root(): Digest
    {
        $this->finish();
        $this->bucket = null;
        if ($this->buckets === []) {
            return ChainMap::ofEmpty(ChainMap::DEPTH);
        }
        $empty = [];
        $nodes = ChainMap::raise($this->buckets, static function (int $level, int $index) use (&$empty): Digest {
            return $empty[$level] ??= ChainMap::ofEmpty($level);
        });

        return $nodes[count($nodes) - 1]->hash;
    }

    private function finish(): void
    {
        if ($this->bucket !== null) {
            $this->buckets[$this->bucket] = ChainMap::ofBucket(array_values($this->heads));
            $this->heads = [];
        }
    }
}
