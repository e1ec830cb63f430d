<?php

declare(strict_types=1);

use Juramen\Canon\Digest;
use Juramen\Log\Checkpoint;
use Juramen\Log\ConsistencyProof;
use Juramen\Log\Disclosure;
use Juramen\Log\Frontier;
use Juramen\Log\GrowingTree;
use Juramen\Log\InclusionProof;
use Juramen\Log\MemorySubtrees;
use Juramen\Log\Range;
use Juramen\Log\SigningKey;
use Juramen\Log\TreeHash;
use Juramen\Log\VerifyingKey;

/** @return list<Digest> hashes of the eight leaves that implementations of RFC 6962 are tried on (standards.md) */
function publishedLeaves(): array
{
    return array_map(static fn (string $hex): Digest => TreeHash::ofLeaf((string) hex2bin($hex)), [
        '', '00', '10', '2021', '3031', '40414243', '5051525354555657', '606162636465666768696a6b6c6d6e6f',
    ]);
}

// Roots of RFC 6962 / RFC 9162 trees, as given in standards.md (the eight-leaf tree of the reference tests).
test('roots of the published tree', function (int $size, string $root): void {
    $hashes = MemorySubtrees::ofLeaves(publishedLeaves());
    expect(Range::hash(0, $size, $hashes)->hex())->toBe($root)
        ->and(Frontier::of($size, $hashes)->root()->hex())->toBe($root);
})->with([
    [0, 'e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855'],
    [1, '6e340b9cffb37a989ca544e6bb780a2c78901d3fb33738768511a30617afa01d'],
    [3, 'aeb6bcfe274b70a14fb067a5e5578264db0fa9b51af5e0ba159158f329e06e77'],
    [8, '5dc9da79a70659a9ad559cb701ded9a2ab9d823aad2f4960cfe370eff4604328'],
]);

test('going through leaves one by one gives every hash of the tree, and its root at every size', function (): void {
    $leaves = [...publishedLeaves(), ...array_map(static fn (int $i): Digest => TreeHash::ofLeaf("leaf $i"), range(8, 99))];
    $hashes = MemorySubtrees::ofLeaves($leaves);
    $tree = new GrowingTree;
    foreach ($leaves as $size => $leaf) {
        foreach ($tree->append($leaf->bytes) as $below => $hash) {
            expect(bin2hex($hash))->toBe($hashes->at($below + 1, $size >> $below + 1)->hex());
        }
        expect($tree->root()->hex())->toBe(Range::hash(0, $size + 1, $hashes)->hex());
    }
});

// RFC 9162 sections 2.1.3.2 and 2.1.4.2: every proof of every size leads to the root, and to no other.
test('inclusion and consistency proofs hold for every size up to 70, and only for what they prove', function (): void {
    $leaves = array_map(static fn (int $i): Digest => TreeHash::ofLeaf("leaf $i"), range(0, 69));
    $hashes = MemorySubtrees::ofLeaves($leaves);
    $wrong = Digest::of('another');
    for ($size = 1; $size <= 70; $size++) {
        $root = Range::hash(0, $size, $hashes);
        for ($i = 0; $i < $size; $i++) {
            $proof = InclusionProof::make($i, $size, $hashes);
            $other = new InclusionProof(($i + 1) % $size, $size, $proof->path);
            if (! $proof->proves($leaves[$i], $root) || $proof->proves($wrong, $root) || $proof->proves($leaves[$i], $wrong)
                || ($size > 1 && $other->proves($leaves[$i], $root))) {
                throw new RuntimeException("Inclusion of $i in $size is wrong.");
            }
            $first = $i + 1;
            $consistency = ConsistencyProof::make($first, $size, $hashes);
            $before = Range::hash(0, $first, $hashes);
            if (! $consistency->proves($before, $root) || $consistency->proves($wrong, $root) || $consistency->proves($before, $wrong)) {
                throw new RuntimeException("Consistency of $first with $size is wrong.");
            }
        }
    }
    expect($size)->toBe(71);
});

// RFC 9162 section 2.1.5 shows which nodes the proofs of a seven-leaf tree carry (from memory).
test('the example proofs of RFC 9162 section 2.1.5', function (): void {
    $leaves = array_map(static fn (int $i): Digest => TreeHash::ofLeaf("d$i"), range(0, 6));
    [$a, $b, $c, $d, $e, $f, $j] = $leaves;
    [$g, $h, $i] = [TreeHash::ofNode($a, $b), TreeHash::ofNode($c, $d), TreeHash::ofNode($e, $f)];
    [$k, $l] = [TreeHash::ofNode($g, $h), TreeHash::ofNode($i, $j)];
    $hashes = MemorySubtrees::ofLeaves($leaves);
    expect(InclusionProof::make(0, 7, $hashes)->path)->toEqual([$b, $h, $l])
        ->and(InclusionProof::make(3, 7, $hashes)->path)->toEqual([$c, $g, $l])
        ->and(InclusionProof::make(4, 7, $hashes)->path)->toEqual([$f, $j, $k])
        ->and(InclusionProof::make(6, 7, $hashes)->path)->toEqual([$i, $k])
        ->and(ConsistencyProof::make(3, 7, $hashes)->path)->toEqual([$c, $d, $g, $l])
        ->and(ConsistencyProof::make(4, 7, $hashes)->path)->toEqual([$l])
        ->and(ConsistencyProof::make(6, 7, $hashes)->path)->toEqual([$i, $j, $k]);
});

// RFC 9901 (SD-JWT), as given in standards.md.
test('disclosures have the published digests', function (string $text, string $digest, string $name, string $value): void {
    expect(Digest::of($text)->base64Url())->toBe($digest);
    if ($name !== '') {
        $disclosure = Disclosure::parse($text);
        expect($disclosure->digest()->base64Url())->toBe($digest)->and($disclosure->name)->toBe($name)->and($disclosure->value)->toBe($value);
    }
})->with([
    ['WyJfMjZiYzRMVC1hYzZxMktJNmNCVzVlcyIsICJmYW1pbHlfbmFtZSIsICJNw7ZiaXVzIl0', 'X9yH0Ajrdm1Oij4tWso9UzzKJvPoDxwmuEcO3XAdRC0', 'family_name', 'Möbius'],
    // A disclosure of an array's element, which we never make; its digest is the same computation.
    ['WyJsa2x4RjVqTVlsR1RQVW92TU5JdkNBIiwgIkZSIl0', 'w0I8EKcdCtUPkGCNUrfwVp2xEgNjtoIDlOxc9-PlOhs', '', ''],
]);

// RFC 8032 section 7.1, tests 1 and 2 (from memory).
test('Ed25519 signs as RFC 8032 says', function (string $seed, string $public, string $message, string $signature): void {
    $key = new SigningKey('test.example', (string) hex2bin($seed));
    expect(bin2hex($key->public->key))->toBe($public)
        ->and(bin2hex($key->sign((string) hex2bin($message))))->toBe($signature)
        ->and($key->public->verifies((string) hex2bin($message), (string) hex2bin($signature)))->toBeTrue()
        ->and($key->public->verifies('other', (string) hex2bin($signature)))->toBeFalse();
})->with([
    [
        '9d61b19deffd5a60ba844af492ec2cc44449c5697b326919703bac031cae7f60', 'd75a980182b10ab7d54bfed3c964073a0ee172f3daa62325af021a68f707511a', '',
        'e5564300c360ac729086e2cc806e828a84877f1eb8e5d974d873e065224901555fb8821590a33bacc61e39701cf9b46bd25bf5f0595bbe24655141438e7a100b',
    ],
    [
        '4ccd089b28ff96da9db6c346ec114e0f5b8a319f35aba624da8cf6ed4fb8a6fb', '3d4017c3e843895a92b70aa74d1b7ebc9c982ccf2ec4968cc0cd55f12af4660c', '72',
        '92a009a9f0d4cab8720e820b5f642540a2b27b5416503f8fb3762223ebdb69da085ac1e43e15996e458f3613d0f11d8c387b2eaeb4302aeeb00d291612bb0c00',
    ],
]);

// The open signed-note format: its first documented example key and how a key id is made (from memory).
test('a verifier key of the signed-note format is read and its id agrees', function (): void {
    $text = 'PeterNeumann+c74f20a3+ARpc2QcUPDhMQegwxbzhKqiBfsVkmqq/LDE4izWy10TW';
    expect(VerifyingKey::parse($text)->text())->toBe($text)
        ->and(fn () => VerifyingKey::parse(str_replace('c74f20a3', 'c74f20a4', $text)))->toThrow(InvalidArgumentException::class);
});

// The open tlog-checkpoint format: origin, size, base64 root, a line each (from memory).
test('a checkpoint has three lines', function (): void {
    $checkpoint = new Checkpoint('ledger.example/consent', 3, Digest::fromHex('aeb6bcfe274b70a14fb067a5e5578264db0fa9b51af5e0ba159158f329e06e77'));
    expect($checkpoint->text())->toBe("ledger.example/consent\n3\nrra8/idLcKFPsGel5VeCZNsPqbUa9eC6FZFY8yngbnc=\n")
        ->and(Checkpoint::parse($checkpoint->text()))->toEqual($checkpoint);
});
