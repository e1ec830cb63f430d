<?php

declare(strict_types=1);

namespace Juramen\Log;

use Juramen\Canon\Digest;

/** How a run of leaves splits into complete subtrees, as RFC 9162's recursive definition has it. */
final class Range
{
    /**
     * The complete subtrees that a tree over leaves [from, to) is made of, largest first. `from` must be
     * a place at which RFC 9162 splits, so that every subtree is aligned.
     *
     * @return list<Node>
     */
    public static function completeSubtrees(int $from, int $to): array
    {
        $out = [];
        while ($from < $to) {
            $level = 0;
            while (($from & (1 << $level + 1) - 1) === 0 && $from + (1 << $level + 1) <= $to) {
                $level++;
            }
            $out[] = new Node($level, $from >> $level);
            $from += 1 << $level;
        }

        return $out;
    }

    /** The hash of the tree over leaves [from, to). */
    public static function hash(int $from, int $to, SubtreeHashes $hashes): Digest
    {
        return self::join(array_map(
            static fn (Node $subtree): Digest => $hashes->at($subtree->level, $subtree->index),
            self::completeSubtrees($from, $to),
        ));
    }

    /** The largest power of two smaller than n, where RFC 9162 splits n > 1 leaves. */
    public static function split(int $n): int
    {
        $k = 1;
        while ($k << 1 < $n) {
            $k <<= 1;
        }

        return $k;
    }

    /** @param  list<Digest>  $roots of complete subtrees, largest first */
    public static function join(array $roots): Digest
    {
        $hash = array_pop($roots);
        while (($left = array_pop($roots)) !== null) {
            $hash = TreeHash::ofNode($left, $hash ?? TreeHash::ofEmpty());
        }

        return $hash ?? TreeHash::ofEmpty();
    }
}
