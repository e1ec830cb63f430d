<?php

declare(strict_types=1);

namespace Juramen\Log;

use InvalidArgumentException;
use Juramen\Canon\Digest;

/** Proof that a tree is an earlier one with leaves appended, nothing changed. Source: RFC 9162 section 2.1.4. */
final readonly class ConsistencyProof
{
    /** @param  list<Digest>  $path */
    public function __construct(public int $first, public int $second, public array $path)
    {
        if ($first < 1 || $first > $second) {
            throw new InvalidArgumentException("Consistency leads from a tree of at least 1 leaf to one as large or larger, not from $first to $second.");
        }
    }

    /** @throws MissingSubtree */
    public static function make(int $first, int $second, SubtreeHashes $hashes): self
    {
        $proof = new self($first, $second, []);

        return new self($proof->first, $proof->second, $first === $second ? [] : self::path($first, 0, $second, true, $hashes));
    }

    /** @return list<Digest> SUBPROOF(m, D[from:to], whole) */
    private static function path(int $m, int $from, int $to, bool $whole, SubtreeHashes $hashes): array
    {
        $n = $to - $from;
        if ($m === $n) {
            return $whole ? [] : [Range::hash($from, $to, $hashes)];
        }
        $k = Range::split($n);
        if ($m <= $k) {
            return [...self::path($m, $from, $from + $k, $whole, $hashes), Range::hash($from + $k, $to, $hashes)];
        }

        return [...self::path($m - $k, $from + $k, $to, false, $hashes), Range::hash($from, $from + $k, $hashes)];
    }

    /** Whether this proof leads from the first root to the second. Source: RFC 9162 section 2.1.4.2. */
    public function proves(Digest $firstRoot, Digest $secondRoot): bool
    {
        if ($this->first === $this->second) {
            return $this->path === [] && $firstRoot->equals($secondRoot);
        }
        $path = $this->path;
        if (($this->first & ($this->first - 1)) === 0) {
            array_unshift($path, $firstRoot);
        }
        if ($path === []) {
            return false;
        }
        [$fn, $sn] = [$this->first - 1, $this->second - 1];
        while (($fn & 1) === 1) {
            $fn >>= 1;
            $sn >>= 1;
        }
        $fr = $sr = $path[0];
        foreach (array_slice($path, 1) as $c) {
            if ($sn === 0) {
                return false;
            }
            if (($fn & 1) === 1 || $fn === $sn) {
                $fr = TreeHash::ofNode($c, $fr);
                $sr = TreeHash::ofNode($c, $sr);
                while (($fn & 1) === 0 && $fn !== 0) {
                    $fn >>= 1;
                    $sn >>= 1;
                }
            } else {
                $sr = TreeHash::ofNode($sr, $c);
            }
            $fn >>= 1;
            $sn >>= 1;
        }

        return $sn === 0 && $fr->equals($firstRoot) && $sr->equals($secondRoot);
    }
}
