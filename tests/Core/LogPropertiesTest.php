<?php

declare(strict_types=1);

use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Juramen\Log\ChainHead;
use Juramen\Log\ChainMap;
use Juramen\Log\Checkpoint;
use Juramen\Log\ConsistencyProof;
use Juramen\Log\Disclosure;
use Juramen\Log\Frontier;
use Juramen\Log\InclusionProof;
use Juramen\Log\MemorySubtrees;
use Juramen\Log\Range;
use Juramen\Log\Subtree;
use Juramen\Log\TreeHash;

/* Properties of the tree and the map over chains, at random sizes; the published values stand in tests/Published. */

beforeEach(fn () => mt_srand(20261127));

/** @return list<Digest> */
function leaves(int $count): array
{
    return array_map(static fn (int $i): Digest => TreeHash::ofLeaf("entry $i ".mt_rand()), range(1, $count));
}

test('of a tree of any size each leaf is proven, by a way no longer than the tree is deep, and nothing else is', function (): void {
    for ($run = 0; $run < 40; $run++) {
        $leaves = leaves($size = mt_rand(1, 600));
        $hashes = MemorySubtrees::ofLeaves($leaves);
        $root = Range::hash(0, $size, $hashes);
        $at = mt_rand(0, $size - 1);
        $proof = InclusionProof::make($at, $size, $hashes);
        expect($proof->proves($leaves[$at], $root))->toBeTrue()->and(count($proof->path))->toBeLessThanOrEqual((int) ceil(log($size, 2)) + 1)
            ->and($proof->proves(TreeHash::ofLeaf('another'), $root))->toBeFalse();
        // A way with one hash changed, left out or added proves nothing.
        foreach (array_keys($proof->path) as $step) {
            $changed = $proof->path;
            $changed[$step] = Digest::of('changed');
            $short = array_values(array_diff_key($proof->path, [$step => true]));
            expect((new InclusionProof($at, $size, $changed))->proves($leaves[$at], $root))->toBeFalse()
                ->and((new InclusionProof($at, $size, $short))->proves($leaves[$at], $root))->toBeFalse();
        }
        expect((new InclusionProof($at, $size, [...$proof->path, Digest::of('more')]))->proves($leaves[$at], $root))->toBeFalse();
    }
});

test('a tree that grew proves to be the same before; one in which anything before was changed does not', function (): void {
    for ($run = 0; $run < 40; $run++) {
        $leaves = leaves($second = mt_rand(2, 400));
        $first = mt_rand(1, $second);
        $hashes = MemorySubtrees::ofLeaves($leaves);
        [$before, $after] = [Range::hash(0, $first, $hashes), Range::hash(0, $second, $hashes)];
        expect(ConsistencyProof::make($first, $second, $hashes)->proves($before, $after))->toBeTrue();
        $leaves[mt_rand(0, $first - 1)] = TreeHash::ofLeaf('rewritten');
        $rewritten = MemorySubtrees::ofLeaves($leaves);
        expect(ConsistencyProof::make($first, $second, $rewritten)->proves($before, Range::hash(0, $second, $rewritten)))->toBeFalse();
    }
});

test('a tree taken up at any size goes on as if it had never been laid down', function (): void {
    for ($run = 0; $run < 30; $run++) {
        $leaves = leaves($size = mt_rand(2, 300));
        $hashes = MemorySubtrees::ofLeaves($leaves);
        $from = mt_rand(0, $size - 1);
        $frontier = Frontier::of($from, $hashes);
        foreach (array_slice($leaves, $from) as $leaf) {
            $growth = $frontier->append($leaf);
            foreach ($growth->completed as $subtree) {
                expect($subtree->hash->equals($hashes->at($subtree->level, $subtree->index)))->toBeTrue();
            }
            $frontier = $growth->frontier;
        }
        expect($frontier->root()->equals(Range::hash(0, $size, $hashes)))->toBeTrue()->and($frontier->size)->toBe($size);
    }
});

/**
 * The root of the map over all heads, from nothing but them.
 *
 * @param  list<ChainHead>  $heads
 */
function mapOf(array $heads): Digest
{
    usort($heads, static fn (ChainHead $a, ChainHead $b): int => $a->subject->bytes <=> $b->subject->bytes);
    $buckets = [];
    foreach ($heads as $head) {
        $buckets[ChainMap::bucketOf($head->subject)][] = $head;
    }
    $nodes = ChainMap::raise(array_map(ChainMap::ofBucket(...), $buckets), static fn (int $level): Digest => ChainMap::ofEmpty($level));

    return $nodes[count($nodes) - 1]->hash;
}

test('the map over chains, brought up to date bucket by bucket, is the one made anew from all heads', function (): void {
    $heads = [];
    /** @var array<int, array<int, Digest>> $stored */
    $stored = [];
    for ($round = 0; $round < 25; $round++) {
        $new = array_map(static fn (): ChainHead => new ChainHead(Id::random(), 1, Digest::of((string) mt_rand())), range(1, mt_rand(1, 6)));
        // Some that were there before have gone on.
        foreach ($heads === [] ? [] : (array) array_rand($heads, min(count($heads), 2)) as $some) {
            $heads[$some] = new ChainHead($heads[$some]->subject, $heads[$some]->sequence + 1, Digest::of((string) mt_rand()));
            $new[] = $heads[$some];
        }
        foreach ($new as $head) {
            $heads[$head->subject->hex()] = $head;
        }
        ksort($heads);
        $touched = [];
        foreach ($new as $head) {
            $bucket = ChainMap::bucketOf($head->subject);
            $of = array_filter($heads, static fn (ChainHead $h): bool => ChainMap::bucketOf($h->subject) === $bucket);
            $touched[$bucket] = ChainMap::ofBucket(array_values($of));
        }
        // What stands beside the ways is all that is needed, and is asked for, no more and no less.
        $asked = [];
        $nodes = ChainMap::raise($touched, static function (int $level, int $index) use ($stored, &$asked): Digest {
            $asked["$level $index"] = true;

            return $stored[$level][$index] ?? ChainMap::ofEmpty($level);
        });
        $beside = array_map(static fn ($node): string => "$node->level $node->index", ChainMap::beside(array_keys($touched)));
        sort($beside);
        $asked = array_keys($asked);
        sort($asked);
        expect($asked)->toBe($beside);
        foreach ($nodes as $node) {
            $stored[$node->level][$node->index] = $node->hash;
        }
        $root = $nodes[count($nodes) - 1];
        expect($root)->toBeInstanceOf(Subtree::class)->and($root->hash->equals(mapOf(array_values($heads))))->toBeTrue();
    }
    // A chain whose end was cut off, or that is missing, leads to another root.
    $all = array_values($heads);
    $cut = $all;
    $cut[0] = new ChainHead($all[0]->subject, max(1, $all[0]->sequence - 1), Digest::of('the entry before'));
    expect(mapOf($cut)->equals(mapOf($all)))->toBeFalse()->and(mapOf(array_slice($all, 1))->equals(mapOf($all)))->toBeFalse();
});

test('a checkpoint is read back as it was written, and a line more or less is none', function (): void {
    for ($run = 0; $run < 50; $run++) {
        $chains = mt_rand(0, 1) === 1 ? Digest::of((string) mt_rand()) : null;
        $number = $chains === null ? null : mt_rand(1, 99);
        $checkpoint = new Checkpoint('juramen.example/ledger', mt_rand(0, 10 ** 17), Digest::of((string) mt_rand()), $chains, $number);
        $text = $checkpoint->text();
        expect(Checkpoint::parse($text))->toEqual($checkpoint);
        foreach ([substr($text, 0, -1), "$text\n", ltrim(strstr($text, "\n") ?: ''), str_replace("\n", "\r\n", $text)] as $other) {
            expect(fn () => Checkpoint::parse($other))->toThrow(InvalidArgumentException::class);
        }
    }
});

test('a value that is disclosed is read back, and a text with anything else in it is no disclosure', function (): void {
    foreach (['imke@post.example', 'Jürgen "J" <b>', '', '😀', str_repeat('x', 5000)] as $value) {
        $made = Disclosure::make('email', $value);
        $read = Disclosure::parse($made->text);
        expect($read->value)->toBe($value)->and($read->name)->toBe('email')->and($read->digest()->equals($made->digest()))->toBeTrue()
            ->and(Disclosure::make('email', $value)->text)->not->toBe($made->text);
    }
    foreach (['["salt","email"]', '["salt","email","a","b"]', '{"0":"salt","1":"email","2":"a"}', '["salt","email",1]', 'salt'] as $json) {
        expect(fn () => Disclosure::parse(rtrim(strtr(base64_encode($json), '+/', '-_'), '=')))->toThrow(InvalidArgumentException::class);
    }
});
