<?php

declare(strict_types=1);

namespace Juramen\Log;

use InvalidArgumentException;
use Juramen\Canon\Digest;

/** Proof that one leaf stands at an index of a tree of a given size. Source: RFC 9162 section 2.1.3. */
final readonly class InclusionProof
{
    /** @param  list<Digest>  $path sibling hashes, from the leaf up */
    public function __construct(public int $index, public int $size, public array $path)
    {
        if ($index < 0 || $index >= $size) {
            throw new InvalidArgumentException("A tree of $size leaves has no leaf $index; indexes run from 0 to size - 1.");
        }
    }

    /** @throws MissingSubtree */
    public static function make(int $index, int $size, SubtreeHashes $hashes): self
    {
        $proof = new self($index, $size, []);
        $path = [];
        for ([$from, $to] = [0, $size]; $to - $from > 1;) {
            $middle = $from + Range::split($to - $from);
            if ($index < $middle) {
                array_unshift($path, Range::hash($middle, $to, $hashes));
                $to = $middle;
            } else {
                array_unshift($path, Range::hash($from, $middle, $hashes));
                $from = $middle;
            }
        }

        return new self($proof->index, $proof->size, $path);
    }

    /** Whether this proof leads from the leaf's hash to the root. Source: RFC 9162 section 2.1.3.2. */
    public function proves(Digest $leafHash, Digest $root): bool
    {
        [$fn, $sn, $r] = [$this->index, $this->size - 1, $leafHash];
        foreach ($this->path as $p) {
            if ($sn === 0) {
                return false;
            }
            if (($fn & 1) === 1 || $fn === $sn) {
                $r = TreeHash::ofNode($p, $r);
                while (($fn & 1) === 0 && $fn !== 0) {
                    $fn >>= 1;
                    $sn >>= 1;
                }
            } else {
                $r = TreeHash::ofNode($r, $p);
            }
            $fn >>= 1;
            $sn >>= 1;
        }

        return $sn === 0 && $r->equals($root);
    }
}
