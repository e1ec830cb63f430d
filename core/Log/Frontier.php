<?php

declare(strict_types=1);

namespace Juramen\Log;

use InvalidArgumentException;
use Juramen\Canon\Digest;

/**
 * The right edge of a tree: the roots of the complete subtrees that its size is made of, largest first.
 * All that appending and the root need, in O(log n) memory.
 */
final readonly class Frontier
{
    /** @param  list<Digest>  $roots */
    private function __construct(public int $size, private array $roots) {}

    public static function empty(): self
    {
        return new self(0, []);
    }

    /**
     * The edge of an existing tree of the given size.
     *
     * @throws MissingSubtree
     */
    public static function of(int $size, SubtreeHashes $hashes): self
    {
        if ($size < 0) {
            throw new InvalidArgumentException("A tree has no leaves or more, not $size.");
        }
        $roots = [];
        foreach (Range::completeSubtrees(0, $size) as $node) {
            $roots[] = $hashes->at($node->level, $node->index);
        }

        return new self($size, $roots);
    }

    public function append(Digest $leafHash): Growth
    {
        $roots = $this->roots;
        $done = [new Subtree(0, $this->size, $leafHash)];
        $hash = $leafHash;
        for ($level = 0; ($this->size >> $level & 1) === 1; $level++) {
            $left = array_pop($roots) ?? throw new InvalidArgumentException('The edge does not fit its size.');
            $hash = TreeHash::ofNode($left, $hash);
            $done[] = new Subtree($level + 1, $this->size >> $level + 1, $hash);
        }
        $roots[] = $hash;

        return new Growth(new self($this->size + 1, $roots), $done);
    }

    public function root(): Digest
    {
        return Range::join($this->roots);
    }
}
