<?php

declare(strict_types=1);

use Juramen\Canon\Id;
use Juramen\Consent\PrizeDraw;

/* A winner that nobody can choose, and that anybody can draw again. */

/** @return list<Id> */
function idsFor(int $count): array
{
    return array_map(static fn (): Id => Id::fromBytes(hash('md5', (string) mt_rand(), true)), range(1, $count));
}

test('whoever has the ids and the seed draws the same, in whatever order the ids come', function (): void {
    mt_srand(3);
    for ($turn = 0; $turn < 50; $turn++) {
        $entries = idsFor(mt_rand(1, 60));
        $seed = hash('sha256', (string) $turn, true);
        $mixed = $entries;
        shuffle($mixed);
        // As the guide tells somebody who does not trust us.
        $hex = array_map(static fn (Id $id): string => $id->hex(), $mixed);
        sort($hex);
        $digest = hash('sha256', implode('', array_map(static fn (string $h): string => "$h\n", $hex)), true);
        $number = unpack('J', substr(hash_hmac('sha256', $digest."\0\0\0\0\0\0\0\0", $seed, true), 0, 8))[1] & PHP_INT_MAX;
        expect(PrizeDraw::winner($seed, $entries)->hex())->toBe($hex[$number % count($hex)])
            ->and(PrizeDraw::winner($seed, $mixed)->hex())->toBe($hex[$number % count($hex)])
            ->and(PrizeDraw::digestOf($mixed)->bytes)->toBe($digest)->and(PrizeDraw::commitment($seed)->bytes)->toBe(hash('sha256', $seed, true));
    }
});

test('each entry wins about as often, one more entry or another seed draws anew, and nobody wins where nobody takes part', function (): void {
    mt_srand(4);
    $entries = idsFor(5);
    $wins = [];
    for ($turn = 0; $turn < 2000; $turn++) {
        $winner = PrizeDraw::winner(hash('sha256', "seed $turn", true), $entries)->hex();
        $wins[$winner] = ($wins[$winner] ?? 0) + 1;
    }
    // 400 expected; five standard deviations are 89.
    expect($wins)->toHaveCount(5)->and(min($wins))->toBeGreaterThan(311)->and(max($wins))->toBeLessThan(489);
    expect(fn () => PrizeDraw::winner('x', []))->toThrow(InvalidArgumentException::class);
});
