<?php

declare(strict_types=1);

namespace Juramen\Log;

use Juramen\Canon\Digest;
use Juramen\Canon\Id;

/**
 * A Merkle map from every subject to the head of its chain, so that a chain whose end was cut off shows. Subjects lie in 65,536
 * buckets by the first two bytes of their random ids; over the buckets stands a full binary tree. The hash of a bucket is
 * SHA-256 over a zero byte and its heads in the order of their subjects (16 bytes subject, 8 bytes sequence, 32 bytes digest
 * each); that of a node is RFC 9162's. The format is ours.
 */
final class ChainMap
{
    /** Levels from the buckets, level 0, to the root. */
    public const DEPTH = 16;

    public static function bucketOf(Id $subject): int
    {
        return (ord($subject->bytes[0]) << 8) | ord($subject->bytes[1]);
    }

    /** @param  list<ChainHead>  $heads  of one bucket, in the order of their subjects' bytes */
    public static function ofBucket(array $heads): Digest
    {
        $bytes = "\x00";
        foreach ($heads as $head) {
            $bytes .= $head->subject->bytes.pack('J', $head->sequence).$head->digest->bytes;
        }

        return Digest::of($bytes);
    }

    /** The hash of a subtree in which there is nobody. */
    public static function ofEmpty(int $level): Digest
    {
        $hash = self::ofBucket([]);
        for ($i = 0; $i < $level; $i++) {
            $hash = TreeHash::ofNode($hash, $hash);
        }

        return $hash;
    }

    /**
     * The nodes over some buckets, level by level up to the root.
     *
     * @param  array<int, Digest>  $buckets  by index
     * @param  callable(int, int): Digest  $beside  the hash of a node by level and index, where it is not over these buckets
     * @return list<Subtree> the buckets first, the root last
     */
    public static function raise(array $buckets, callable $beside): array
    {
        $nodes = [];
        $level = $buckets;
        for ($at = 0; ; $at++) {
            foreach ($level as $index => $hash) {
                $nodes[] = new Subtree($at, $index, $hash);
            }
            if ($at === self::DEPTH) {
                return $nodes;
            }
            $above = [];
            foreach (array_keys($level) as $index) {
                $left = $index & ~1;
                $above[$left >> 1] ??= TreeHash::ofNode($level[$left] ?? $beside($at, $left), $level[$left | 1] ?? $beside($at, $left | 1));
            }
            $level = $above;
        }
    }

    /**
     * Which nodes stand beside the ways from some buckets to the root.
     *
     * @param  list<int>  $buckets
     * @return list<Node>
     */
    public static function beside(array $buckets): array
    {
        $beside = [];
        $level = array_fill_keys($buckets, true);
        for ($at = 0; $at < self::DEPTH; $at++) {
            $above = [];
            foreach (array_keys($level) as $index) {
                if (! isset($level[$index ^ 1])) {
                    $beside[] = new Node($at, $index ^ 1);
                }
                $above[$index >> 1] = true;
            }
            $level = $above;
        }

        return $beside;
    }
}
