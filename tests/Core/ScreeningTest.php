<?php

declare(strict_types=1);

use App\Actions\Screening\Models;
use App\Actions\Screening\ThrowAwayDomains;
use Illuminate\Support\Facades\Artisan;
use Juramen\Screening\Assessment;
use Juramen\Screening\Band;
use Juramen\Screening\Calibration\Compared;
use Juramen\Screening\Calibration\Decided;
use Juramen\Screening\Calibration\Estimate;
use Juramen\Screening\Costs;
use Juramen\Screening\LetterModel;
use Juramen\Screening\Lines;
use Juramen\Screening\Nearby;
use Juramen\Screening\Puzzled;
use Juramen\Screening\Screen;
use Juramen\Screening\Shared;
use Juramen\Screening\Signals;
use Juramen\Screening\SubmissionFacts;
use Juramen\Screening\WeighedSignal;
use Juramen\Screening\Weights;
use Tests\TestCase;

uses(TestCase::class);

/* Screening adds up what it notices; each part can be followed, and each line lies where it costs least. */

/** Facts as they may come, at random. */
function anyFacts(): SubmissionFacts
{
    $share = static fn (): float => mt_rand(0, 3) === 0 ? mt_rand(0, 100) / 100 : 0.0;

    return new SubmissionFacts(
        mt_rand(0, 9) === 0, mt_rand(0, 3) === 0 ? null : mt_rand(0, 4000), mt_rand(0, 7), throwAway: mt_rand(0, 3) === 0,
        receives: [null, true, false][mt_rand(0, 2)], randomAddress: $share(), randomName: $share(), linkInName: mt_rand(0, 5) === 0, spamText: $share(),
        links: mt_rand(0, 6), allOptional: mt_rand(0, 1) === 1, puzzle: Puzzled::cases()[mt_rand(0, 2)],
        near: new Nearby(mt_rand(0, 60), mt_rand(0, 40), mt_rand(0, 20), mt_rand(0, 6))
    );
}

test('the risk is the sum of its parts by a logistic function, whatever is noticed, and what is stored comes to the same', function (): void {
    mt_srand(5);
    $screen = new Screen;
    for ($i = 0; $i < 2000; $i++) {
        $of = $screen->assess(anyFacts());
        $sum = $of->base + array_sum(array_map(static fn (WeighedSignal $s): float => $s->amount * $s->weight, $of->signals));
        expect($of->sum)->toEqualWithDelta($sum, 1e-9)->and($of->risk)->toBe((int) round(100 / (1 + exp(-$sum))))->and($of->risk)->toBeBetween(0, 100);
        $again = Assessment::again($of->stored(), Lines::ours(), Weights::ours());
        expect(abs($again->sum - $of->sum))->toBeLessThan(0.2)
            ->and(explode(' ', $again->stored()))->toEqualCanonicalizing(explode(' ', $of->stored()));
    }
});

test('each signal has its own id, a reason and a weight, and what speaks for nobody changes nothing', function (): void {
    $ids = array_map(static fn ($s): string => $s->id(), Signals::all());
    expect(array_unique($ids))->toBe($ids)->and((new Screen)->assess(new SubmissionFacts(false, 30))->signals)->toBe([]);
    foreach (Signals::all() as $signal) {
        expect($signal->says())->not->toBe('')->and($signal->weight())->not->toBe(0.0)->and(Signals::find($signal->id()))->toEqual($signal);
    }
    // What was stored under an id that nobody knows any more is passed over.
    expect(Weights::ours()->stored('trap-touched gone-since=0.5 too-fast=9'))->toHaveCount(2)->and(Weights::ours()->stored(''))->toBe([]);
});

test('nobody is held for a network that many share, an odd address, or filling everything in', function (SubmissionFacts $facts): void {
    expect((new Screen)->assess($facts)->band)->toBe(Band::Pass);
})->with([
    'a ship' => [new SubmissionFacts(false, 40, near: new Nearby(network: 500))],
    'a school behind one network, with addresses alike' => [new SubmissionFacts(false, 40, near: new Nearby(500, 500, 500))],
    'somebody quick among them who solved the puzzle' => [
        new SubmissionFacts(false, 1, puzzle: Puzzled::Solved, near: new Nearby(500, 500, 500)),
    ],
    'an address struck at random' => [new SubmissionFacts(false, 40, randomAddress: 1.0)],
    'a name that reads so' => [new SubmissionFacts(false, 40, randomName: 1.0)],
    'all filled in' => [new SubmissionFacts(false, 40, allOptional: true)],
    'hours later' => [new SubmissionFacts(false, 60_000)],
    'nobody knows whether its domain takes mail' => [new SubmissionFacts(false, 40, receives: null)],
    'somebody fast who solved the puzzle' => [new SubmissionFacts(false, 1, puzzle: Puzzled::Solved)],
]);

test('the puzzle is put once: whoever solved it passes, unless they are likelier a bot than not', function (): void {
    mt_srand(8);
    for ($i = 0; $i < 2000; $i++) {
        $solved = (new Screen)->assess(anyFacts()->puzzled(Puzzled::Solved));
        expect($solved->band)->not->toBe(Band::Puzzle)->and($solved->band === Band::Pass)->toBe($solved->risk < Lines::ours()->puzzle || $solved->risk < 50);
    }
    // A browser that solves it and writes what reads like spam is held; a trap is a trap.
    expect((new Screen)->assess(new SubmissionFacts(false, 40, spamText: 1.0, puzzle: Puzzled::Solved))->band)->toBe(Band::Hold)
        ->and((new Screen)->assess(new SubmissionFacts(true, 40, puzzle: Puzzled::Solved))->band)->toBe(Band::Hold);
});

// Decision theory (standards.md): with cost L of losing a person and S of a bot on the list, hold from risk L/(L+S) on.
test('each line costs least where it lies, whatever mistakes cost', function (): void {
    mt_srand(9);
    for ($i = 0; $i < 500; $i++) {
        $costs = new Costs(mt_rand(1, 2000) / 100, mt_rand(1, 500) / 100);
        $lines = $costs->lines();
        expect($lines->hold)->toBe((int) ceil(100 * $costs->lost / ($costs->lost + $costs->bot)))->and($lines->puzzle)->toBeLessThanOrEqual($lines->hold)
            ->and($lines->refuse)->toBeGreaterThanOrEqual($lines->hold)->toBeLessThanOrEqual(101);
        foreach ([1, 50, 99] as $risk) {
            $holding = $lines->hold <= $risk;
            // Letting a bot through costs S with the chance that it is one; holding costs L with the chance that it is none.
            expect($holding)->toBe($risk / 100 * $costs->bot >= (1 - $risk / 100) * $costs->lost - 1e-9);
        }
    }
    expect(Lines::ours())->toEqual(new Lines(19, 92, 99))->and((new Lines(20, 60, 101))->band(100))->toBe(Band::Hold);
    foreach ([[0, 50, 90], [60, 50, 90], [10, 95, 90], [10, 50, 102]] as $wrong) {
        expect(fn () => new Lines(...$wrong))->toThrow(InvalidArgumentException::class, 'do not stand in order');
    }
    expect(fn () => new Costs(0, 1))->toThrow(InvalidArgumentException::class)->and(fn () => new Costs(1, -1))->toThrow(InvalidArgumentException::class);
});

test('of two thousand names in twenty locales under one in a hundred reads as struck at random, and none for its script', function (): void {
    $letters = (new Models)->letters();
    $locales = [
        'en_GB', 'de_DE', 'fr_FR', 'sv_SE', 'da_DK', 'nl_NL', 'pl_PL', 'cs_CZ', 'hu_HU', 'fi_FI', 'is_IS', 'tr_TR', 'ru_RU', 'uk_UA', 'el_GR', 'it_IT', 'es_ES',
        'ar_SA', 'zh_CN', 'ja_JP',
    ];
    $flagged = [];
    foreach ($locales as $locale) {
        $faker = Faker\Factory::create($locale);
        $faker->seed(1);
        for ($i = 0; $i < 100; $i++) {
            $name = "{$faker->firstName()} {$faker->lastName()}";
            $amount = $letters->randomness($name);
            $flagged = $amount >= 0.5 ? [...$flagged, "$locale $name"] : $flagged;
            expect((new Screen)->assess(new SubmissionFacts(false, 20, randomName: $amount))->band)->toBe(Band::Pass);
        }
    }
    expect(count($flagged))->toBeLessThan(20)->and($letters->randomness('山田太郎 Αλεξάνδρα עברית'))->toBe(0.0);
});

test('letters struck at random read so more and more the longer they are; hands on a keyboard do too, and nothing breaks it', function (): void {
    $letters = (new Models)->letters();
    mt_srand(4);
    $share = function (int $length) use ($letters): int {
        $struck = static fn (): string => implode('', array_map(static fn (): string => chr(97 + mt_rand(0, 25)), range(1, $length)));

        return count(array_filter(range(1, 300), static fn (): bool => $letters->randomness($struck()) >= 0.5));
    };
    [$six, $eight, $twelve] = [$share(6), $share(8), $share(12)];
    expect($six)->toBeGreaterThan(150)->toBeLessThan($eight)->and($eight)->toBeLessThan($twelve)->and($twelve)->toBeGreaterThan(270);
    foreach (['qzvkrt wmxpl', 'xkcdqwz', 'asdfghjk'] as $struck) {
        expect($letters->randomness($struck))->toBeGreaterThan(0.9);
    }
    foreach (['', 'Ng', "a\u{0300}\u{0301}bc\xFF", str_repeat('x', 100_000), '12345678', 'ÅÄÖ'] as $odd) {
        expect($letters->randomness($odd))->toBeBetween(0, 1);
    }
    expect(LetterModel::parse($letters->text())->randomness('qzvkrt'))->toEqualWithDelta($letters->randomness('qzvkrt'), 1e-6)
        ->and(LetterModel::of([])->randomness('qzvkrt'))->toBe(0.0)
        ->and(fn () => LetterModel::parse("12 ab\nabc"))->toThrow(InvalidArgumentException::class, 'Line 2');
});

test('one submission is judged from a file, with every part of the sum; what is no such file says what is wanted', function (): void {
    $file = sys_get_temp_dir().'/juramen-submission-'.getmypid().'.json';
    $score = function (string $text) use ($file): array {
        file_put_contents($file, $text);
        $code = Artisan::call('screening:score', ['file' => $file, '--json' => true]);

        $said = Artisan::output();

        return [$code, json_decode($said, true) ?? $said];
    };
    [$code, $said] = $score('{"email": "imke.thormann@post.example", "name": "Imke", "seconds": 40, "message": "Is there a cabin left?"}');
    expect([$code, $said['risk'], $said['band'], $said['signals']])->toBe([0, 1, 'pass', []]);
    [$code, $said] = $score('{"email": "jo@post.example", "seconds": 1, "trap": true, "puzzle": "left", "near": {"network": 31, "text": 9}}');
    expect([$code, $said['band']])->toBe([1, 'refuse'])
        ->and($said['start'] + array_sum(array_column($said['signals'], 'part')))->toEqualWithDelta($said['sum'], 0.05)
        ->and(array_column($said['signals'], 'id'))->toBe(['trap-touched', 'too-fast', 'repeated-text', 'puzzle-left', 'many-from-network']);
    foreach (['[1', '"text"', '{}', '{"email": "nobody"}'] as $wrong) {
        expect($score($wrong)[0])->toBe(2, $wrong);
    }
    expect($score('{}')[1])->toContain('a whole email address');
    unlink($file);
    expect(Artisan::call('screening:score', ['file' => $file]))->toBe(2);
});

test('a domain of addresses to throw away is found among all of them by halving, and its subdomains where they all are', function (): void {
    $file = sys_get_temp_dir().'/juramen-throw-away-'.getmypid().'.txt';
    config(['juramen.screening.throw_away' => $file]);
    $names = array_map(static fn (int $i): string => "bin-$i.example", range(1, 2000));
    file_put_contents("$file.json", json_encode([...$names, '  UPPER.example ', 'no domain', '', 'duck.com', '*.below.example']));
    expect(Artisan::call('screening:domains', ['file' => "$file.json", '--json' => true]))->toBe(0)
        ->and(Artisan::output())->toContain('{"domains":2002}');
    $domains = new ThrowAwayDomains($file);
    foreach ([...$names, 'upper.example', 'Bin-7.Example', 'a.below.example', 'b.a.below.example'] as $known) {
        expect($domains->has($known))->toBeTrue($known);
    }
    // What passes mail on is none, whatever the list says.
    foreach (['bin-2001.example', 'bin-.example', 'a.bin-1.example', 'below.example', 'duck.com', 'tidewick.example', '', 'zzz.example'] as $other) {
        expect($domains->has($other))->toBeFalse($other);
    }
    file_put_contents("$file.json", "nothing that is a domain\n");
    expect(Artisan::call('screening:domains', ['file' => "$file.json"]))->toBe(2)->and(Artisan::output())->toContain('one to a line')
        ->and((new ThrowAwayDomains($file))->has('bin-7.example'))->toBeTrue()
        ->and((new ThrowAwayDomains('/no/such/file'))->has('bin-7.example'))->toBeFalse();
    array_map(unlink(...), glob("$file*"));
});

test('weights are learned from decisions, and held to what a signal can mean', function (): void {
    $ours = Weights::ours();
    $many = static fn (string $stored, bool $spam, int $times): array => array_fill(0, $times, Decided::of($stored, $spam));
    expect(Estimate::of([...$many('trap-touched', true, 100), ...$many('trap-touched', false, 19)], $ours))->toBeNull();
    // At this house browsers fill the trap in for people, and spam reads like spam; a network is shared by whoever is aboard.
    $decided = [
        ...$many('trap-touched', false, 60), ...$many('trap-touched spam-text=0.80', true, 40), ...$many('spam-text many-from-network', true, 40),
        ...$many('many-from-network random-address', true, 40), ...$many('puzzle-solved spam-text', true, 30),
    ];
    $estimate = Estimate::of($decided, $ours) ?? throw new LogicException('There is enough.');
    $by = array_column(array_map(static fn (Compared $c): array => [$c->signal->id(), $c], $estimate->compared), 1, 0);
    expect($by['trap-touched']->after)->toBeLessThan($by['trap-touched']->before - 2)->and($by['trap-touched']->ham)->toBe(60)
        ->and($by['trap-touched']->spam)->toBe(40)
        // What nothing was seen of stays as it was.
        ->and($by['link-in-name']->after)->toBe($by['link-in-name']->before)
        ->and($estimate->after->surprise)->toBeLessThan($estimate->before->surprise)->and($estimate->after->right)->toBeGreaterThan($estimate->before->right)
        ->and($estimate->after->of)->toBe(210);
    foreach ($estimate->compared as $each) {
        expect($each->after * $each->before)->toBeGreaterThanOrEqual(0.0);
        if ($each->signal instanceof Shared) {
            expect($each->after)->toBeLessThanOrEqual($each->signal->weight());
        }
    }
    // Kept and taken up again they are the same.
    expect(Weights::from($estimate->weights->toArray()))->toEqual($estimate->weights);
});
