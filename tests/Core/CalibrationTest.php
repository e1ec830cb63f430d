<?php

declare(strict_types=1);

use Juramen\Screening\Alike\AddressPattern;
use Juramen\Screening\Alike\Traits;
use Juramen\Screening\Calibration\Compared;
use Juramen\Screening\Calibration\Decided;
use Juramen\Screening\Calibration\Estimate;
use Juramen\Screening\Calibration\Example;
use Juramen\Screening\Calibration\LogisticRegression;
use Juramen\Screening\Calibration\Rightness;
use Juramen\Screening\Weights;

/* What is learned from decisions, whatever was decided. */

/** @return list<Example> of chances that follow coefficients, the constant first */
function drawnFrom(array $with, int $many): array
{
    return array_map(static function () use ($with): Example {
        $seen = array_map(static fn (): float => mt_rand(0, 2) === 0 ? mt_rand(1, 100) / 100 : 0.0, array_slice($with, 1));

        return new Example($seen, mt_rand() / mt_getrandmax() < LogisticRegression::chance($with, $seen));
    }, range(1, $many));
}

test('what is fitted cannot be bettered by a small step in any direction, and comes close to what it was drawn from', function (): void {
    mt_srand(41);
    $loss = static function (array $examples, array $with, array $from, array $hold): float {
        $loss = array_sum(array_map(static fn (float $w, float $f, float $h): float => $h / 2 * ($w - $f) ** 2, $with, $from, $hold));
        foreach ($examples as $each) {
            $chance = LogisticRegression::chance($with, $each->seen);
            $loss -= log($each->is ? $chance : 1 - $chance);
        }

        return $loss;
    };
    for ($round = 0; $round < 12; $round++) {
        $true = array_map(static fn (): float => mt_rand(-300, 300) / 100, range(0, mt_rand(1, 5)));
        $from = array_map(static fn (): float => mt_rand(-200, 200) / 100, $true);
        $hold = array_map(static fn (): float => mt_rand(1, 200) / 100, $true);
        $examples = drawnFrom($true, mt_rand(5, 300));
        $found = (new LogisticRegression($from, $hold))->fit($examples);
        $least = $loss($examples, $found, $from, $hold);
        foreach (array_keys($found) as $i) {
            foreach ([-0.01, 0.01] as $by) {
                expect($loss($examples, array_replace($found, [$i => $found[$i] + $by]), $from, $hold))->toBeGreaterThan($least);
            }
        }
    }
    $true = [-1.0, 2.5, -1.5];
    $found = (new LogisticRegression([0.0, 0.0, 0.0], [0.01, 0.01, 0.01]))->fit(drawnFrom($true, 6000));
    expect($found)->toEqualWithDelta($true, 0.35);
});

test('examples that are told apart wholly, that are all alike, or that are none, run nowhere', function (array $examples): void {
    $found = (new LogisticRegression([-4.6, 8.0], [4.0, 0.44]))->fit($examples);
    expect($found)->toHaveCount(2)->and(max(array_map(abs(...), $found)))->toBeLessThan(40.0)->and(array_filter($found, is_nan(...)))->toBe([]);
})->with([
    'none' => [[]], 'one' => [[new Example([1.0], true)]],
    'told apart' => [[...array_fill(0, 200, new Example([1.0], true)), ...array_fill(0, 200, new Example([0.0], false))]],
    'the other way' => [[...array_fill(0, 200, new Example([1.0], false)), ...array_fill(0, 200, new Example([0.0], true))]],
    'all spam' => [array_fill(0, 500, new Example([1.0], true))],
]);

test('whatever was decided, no signal changes its side, few decisions change little, and their order nothing', function (): void {
    mt_srand(17);
    $stored = ['trap-touched', 'too-fast', 'spam-text=0.60', 'many-from-network', 'alike-addresses many-from-domain', 'puzzle-solved', 'replayed=0.40', ''];
    for ($round = 0; $round < 6; $round++) {
        $decided = array_map(static fn (): Decided => Decided::of(
            trim($stored[array_rand($stored)].' '.$stored[array_rand($stored)]), mt_rand(0, 1) === 1
        ), range(1, 120));
        $estimate = Estimate::of($decided, Weights::ours()) ?? throw new LogicException('There is enough.');
        foreach ($estimate->compared as $each) {
            expect($each->after * $each->signal->weight())->toBeGreaterThanOrEqual(0.0);
        }
        $turned = Estimate::of(array_reverse($decided), Weights::ours())?->weights->toArray() ?? [];
        expect($turned['by'])->toEqualWithDelta($estimate->weights->toArray()['by'], 0.011);
    }
    $few = [...array_fill(0, 20, Decided::of('trap-touched', true)), ...array_fill(0, 20, Decided::of('all-optional', false))];
    $changed = array_map(static fn (Compared $c): float => abs($c->after - $c->before), Estimate::of($few, Weights::ours())->compared ?? []);
    expect(max($changed))->toBeLessThan(1.0);
});

test('how right weights are is counted, and a sure mistake surprises more than an unsure one', function (): void {
    $ours = static fn (int $i): Weights => Weights::ours();
    $sure = Rightness::of([Decided::of('trap-touched', false)], $ours);
    $unsure = Rightness::of([Decided::of('too-fast random-name=0.30', false)], $ours);
    $right = Rightness::of([Decided::of('trap-touched', true), Decided::of('', false)], $ours);
    expect([$sure->right, $sure->of, $right->right, $right->of])->toBe([0, 1, 2, 2])->and($sure->surprise)->toBeGreaterThan($unsure->surprise)
        ->and($right->surprise)->toBeLessThan(0.1);
});

test('likeness goes both ways, hangs on no single trait, and an address without digits is anybody\'s', function (): void {
    expect(AddressPattern::of('jo.hn42'))->toBe(AddressPattern::of('an.na17'))->not->toBe(AddressPattern::of('jo-hn42'));
    mt_srand(23);
    $any = static fn (): Traits => Traits::of(
        ['imke', 'x1', 'y22.z'][mt_rand(0, 2)].'@'.['a', 'b'][mt_rand(0, 1)].'.example',
        ['', 'cheap berths and casino nights for everybody on board', 'is there a cabin left for two and a dog'][mt_rand(0, 2)],
        ['', '192.0.2.0/24', '198.51.100.0/24'][mt_rand(0, 2)], ['', 'too-fast', 'trap-touched=0.50'][mt_rand(0, 2)]
    );
    for ($i = 0; $i < 300; $i++) {
        [$one, $two] = [$any(), $any()];
        expect($one->isLike($two))->toBe($two->isLike($one));
    }
    $of = static fn (string $email, string $network, string $stored): Traits => Traits::of($email, '', $network, $stored);
    expect($of('a1@x.example', '', '')->isLike($of('b2@x.example', '', '')))->toBeFalse()
        ->and($of('imke@x.example', '', 'too-fast')->isLike($of('bent@x.example', '', 'too-fast')))->toBeFalse()
        ->and($of('a1@x.example', '', 'too-fast=0.20')->isLike($of('b2@x.example', '', 'too-fast=0.90')))->toBeTrue();
});
