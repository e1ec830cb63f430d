<?php

declare(strict_types=1);

use App\Actions\Evidence\ProveChain;
use App\Actions\Ledger\Seal;
use App\Actions\Ledger\Verification;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;

/* Others go on working while evidence is read: whatever they do between any two statements of it, nothing is said to be changed. */

/**
 * Reads once for each statement that reading takes, and lets somebody else act over a connection of their own behind that one.
 *
 * @param  callable(): list<string>  $faults
 * @return int how many statements it took
 */
function meanwhile(callable $act, callable $faults): int
{
    config(['database.connections.others' => config('database.connections.runtime')]);
    [$at, $seen] = [null, 0];
    DB::listen(function ($query) use (&$at, &$seen, $act): void {
        if ($query->connectionName !== 'others' && ++$seen === $at) {
            DB::usingConnection('others', $act);
        }
    });
    for ($turn = 1; $turn === 1 || $turn <= $seen; $turn++) {
        [$at, $seen] = [$turn, 0];
        expect($faults())->toBe([], "behind statement $turn");
    }
    DB::disconnect('others');

    return $turn - 1;
}

test('a person\'s evidence is read as it was at one moment, though somebody acts and seals between its statements', function (): void {
    $who = entries(3);
    app(Seal::class)();
    $act = function () use ($who): void {
        entries(1, $who);
        entries(1);
        app(Seal::class)();
    };
    expect(meanwhile($act, fn (): array => app(ProveChain::class)($who)->faults))->toBeGreaterThan(8);
    // And what nobody has sealed yet, when somebody seals it.
    expect(meanwhile(fn () => app(Seal::class)(), function () use ($who): array {
        entries(1, $who);

        return app(ProveChain::class)($who)->faults;
    }))->toBeGreaterThan(8);
    expect(verified()->faults)->toBe([]);
});

test('verifying everything finds nothing at fault in what others write meanwhile', function (): void {
    /** @var list<Id> $people */
    $people = [entries(2), entries(1)];
    app(Seal::class)();
    $act = function () use ($people): void {
        array_map(fn (Id $who): Id => entries(1, $who), $people);
        app(Seal::class)();
    };
    $says = fn (Verification $v): array => array_map(fn ($fault): string => $fault->text(), $v->faults);
    expect(meanwhile($act, fn (): array => $says(verified())))->toBeGreaterThan(10);
});
