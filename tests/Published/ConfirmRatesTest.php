<?php

declare(strict_types=1);

use Juramen\Consent\Durations;
use Juramen\Consent\Share;
use Juramen\Consent\TwoShares;

/* Rates, differences and sample sizes, against values that were printed. */

// Newcombe 1998, Statistics in Medicine 17, 857 to 872, table I, method 3 (standards.md).
test('the score interval of a rate is the printed one', function (int $count, int $of, float $from, float $to): void {
    $interval = (new Share($count, $of))->interval();
    expect(round($interval->from, 4))->toBe($from)->and(round($interval->to, 4))->toBe($to);
})->with([[81, 263, 0.2553, 0.3662], [15, 148, 0.0624, 0.1605], [0, 20, 0.0, 0.1611], [1, 29, 0.0061, 0.1718]]);

// Newcombe 1998, Statistics in Medicine 17, 873 to 890, table II, method 10 (standards.md).
test('the interval of a difference is the printed one', function (): void {
    $interval = (new TwoShares(new Share(56, 70), new Share(48, 80)))->interval();
    expect(round($interval->from, 4))->toBe(0.0524)->and(round($interval->to, 4))->toBe(0.3339);
});

// Pocock, Clinical Trials (1983), chapter 9: 90 % against 95 %, two-sided 5 %, power 90 %: 578 in each group (from memory).
test('a sample is as large as a textbook works it out', function (): void {
    expect(TwoShares::needed(0.90, 0.95, 1.2815515655446004))->toBe(578)->and(TwoShares::needed(0.95, 0.90, 1.2815515655446004))->toBe(578);
});

// Hyndman and Fan 1996, definition 7, which is also the default of R's quantile(): quantile(c(1, 2, 3, 4, 10), 0.9) is 7.6 (from memory).
test('quantiles are those of definition 7', function (): void {
    $times = new Durations([10, 1, 3, 2, 4]);
    expect(round((float) $times->quantile(0.9), 6))->toBe(7.6)->and($times->quantile(0.5))->toBe(3.0)->and($times->quantile(1))->toBe(10.0)
        ->and((new Durations([]))->quantile(0.5))->toBeNull();
});

test('whatever the counts: a rate lies in its interval, the two sides turn with their order, and more people say more', function (): void {
    mt_srand(12);
    for ($i = 0; $i < 2000; $i++) {
        [$n, $m] = [mt_rand(1, 400), mt_rand(1, 400)];
        [$a, $b] = [new Share(mt_rand(0, $n), $n), new Share(mt_rand(0, $m), $m)];
        $own = $a->interval();
        expect($own->from >= 0 && $own->to <= 1 && $own->has((float) $a->rate()))->toBeTrue();
        $ten = (new Share($a->count * 10, $n * 10))->interval();
        expect($ten->to - $ten->from)->toBeLessThan($own->to - $own->from);
        [$there, $back] = [(new TwoShares($a, $b))->interval(), (new TwoShares($b, $a))->interval()];
        expect(abs($there->from + $back->to) + abs($there->to + $back->from))->toBeLessThan(1e-9)
            ->and($there->has((float) (new TwoShares($a, $b))->difference()))->toBeTrue()->and($there->from >= -1 && $there->to <= 1)->toBeTrue();
    }
    expect((new Share(0, 0))->rate())->toBeNull()->and((new TwoShares(new Share(0, 0), new Share(1, 2)))->isMoreThanChance())->toBeFalse();
});

test('days enough for nearly everybody are the fewest that are', function (): void {
    mt_srand(3);
    for ($i = 0; $i < 200; $i++) {
        $seconds = array_map(static fn (): int => mt_rand(0, 12 * 86400), range(1, mt_rand(1, 60)));
        $times = new Durations($seconds);
        $days = (int) $times->daysFor(0.95);
        expect($times->within($days)->rate())->toBeGreaterThanOrEqual(0.95);
        $days > 1 ? expect($times->within($days - 1)->rate())->toBeLessThan(0.95) : null;
    }
});
