<?php

declare(strict_types=1);

namespace Juramen\Log;

use Juramen\Canon\Digest;

/**
 * Goes through the leaves of a tree one by one and keeps only its right edge: the same hashes as Frontier, for many thousands of
 * leaves a second. Hashes are 32 bytes each.
 */
final class GrowingTree
{
    private int $size = 0;

    /** @var list<string> roots of the complete subtrees that the size is made of, largest first */
    private array $roots = [];

    public function size(): int
    {
        return $this->size;
    }

    /**
     * @param  string  $leaf  hash of the next leaf
     * @return list<string> hashes of the subtrees that it completes above itself, the smallest first; that of level l, counted from
     *                      1, has the index (size before >> l)
     */
    public function append(string $leaf): array
    {
        [$done, $hash] = [[], $leaf];
        for ($rest = $this->size; ($rest & 1) === 1; $rest >>= 1) {
            $done[] = $hash = hash('sha256', "\x01".array_pop($this->roots).$hash, true);
        }
        $this->roots[] = $hash;
        $this->size++;

        return $done;
    }

    public function root(): Digest
    {
        return Range::join(array_map(Digest::fromBytes(...), $this->roots));
    }
}
