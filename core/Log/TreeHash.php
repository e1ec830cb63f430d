<?php

declare(strict_types=1);

namespace Juramen\Log;

use Juramen\Canon\Digest;

/** The two hashes of a Merkle tree and its empty root. Source: RFC 9162 section 2.1.1 (as RFC 6962). */
final class TreeHash
{
    public static function ofEmpty(): Digest
    {
        return Digest::of('');
    }

    public static function ofLeaf(string $bytes): Digest
    {
        return Digest::of("\x00".$bytes);
    }

    public static function ofNode(Digest $left, Digest $right): Digest
    {
        return Digest::of("\x01".$left->bytes.$right->bytes);
    }
}
