<?php

declare(strict_types=1);

use App\Actions\Ledger\Append;
use App\Actions\Ledger\HeldChain;
use App\Actions\Ledger\LedgerTables;
use App\Actions\Ledger\Seal;
use App\Models\Subscriber;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\Withdrawn;
use Juramen\Consent\Entry;
use Juramen\Consent\How;
use Juramen\Consent\Target;
use Juramen\Register\Channel;

/* Chains of the ledger under whatever order of transactions: held, added to, given up. */

beforeEach(function (): void {
    mt_srand(20261127);
    $this->append = app(Append::class);
    $this->ends = fn (): Withdrawn => new Withdrawn(Instant::of(now()), How::LinkPage, [new Target('voyage-news', Channel::Email)]);
});

/** Whether each entry of a subject's chain follows on the one before. */
function isWhole(Id $subject): bool
{
    $before = null;
    foreach (app(LedgerTables::class)->chain($subject) as $entry) {
        if (! $entry->follows($before)) {
            return false;
        }
        $before = $entry;
    }

    return true;
}

test('whatever is entered, taken back with its transaction, or entered in between, every chain stays whole', function (): void {
    $subjects = [entries(0), entries(0), entries(0)];
    $due = array_fill(0, 3, 0);
    for ($run = 0; $run < 60; $run++) {
        Carbon::setTestNow(now()->addSeconds(mt_rand(0, 5)));
        $chosen = array_values((array) array_rand($subjects, mt_rand(1, 3)));
        shuffle($chosen);
        $added = array_fill(0, 3, 0);
        try {
            DB::transaction(function () use ($subjects, $chosen, &$added): void {
                $chains = $this->append->holdAll(array_map(static fn (int $i): Id => $subjects[$i], $chosen));
                for ($act = mt_rand(1, 5); $act > 0; $act--) {
                    $which = mt_rand(0, count($chosen) - 1);
                    // By its chain or by its name: both go on where the other stopped, but only the chain knows without asking.
                    ($this->append)($chains[$which], ($this->ends)());
                    $added[$chosen[$which]]++;
                }
                if (mt_rand(0, 3) === 0) {
                    throw new RuntimeException('given up');
                }
            });
            foreach ($added as $i => $count) {
                $due[$i] += $count;
            }
        } catch (RuntimeException) {
            // Nothing of it stands.
        }
        if (mt_rand(0, 4) === 0) {
            app(Seal::class)();
        }
    }
    foreach ($subjects as $i => $subject) {
        expect(isWhole($subject))->toBeTrue()->and(app(LedgerTables::class)->chain($subject))->toHaveCount($due[$i]);
    }
    app(Seal::class)();
    expect(verified()->faults)->toBe([])->and(array_sum($due))->toBeGreaterThan(60);
});

test('the newest of many chains is read at once as it is read one by one', function (): void {
    $subjects = array_map(static fn (int $n): Id => entries($n), [0, 1, 5, 0, 3, 2]);
    $ledger = app(LedgerTables::class);
    $all = $ledger->newestOfAll($subjects);
    foreach ($subjects as $subject) {
        expect($all->get($subject->hex())?->digest())->toEqual($ledger->newestOf($subject)?->digest());
    }
    expect($all->count())->toBe(4)->and($ledger->newestOfAll([])->count())->toBe(0);
});

test('a chain is held and added to in a transaction only, and none is held that was never begun', function (): void {
    $subject = entries(1);
    expect(fn () => $this->append->hold($subject))->toThrow(LogicException::class, 'inside a transaction')
        ->and(fn () => DB::transaction(fn () => $this->append->holdAll([$subject, Id::random()])))->toThrow(LogicException::class, 'There is no subject')
        ->and(app(LedgerTables::class)->chain($subject))->toHaveCount(1);
});

test('a chain that was just begun is added to without a question; begun and given up, it was never there', function (): void {
    $chain = null;
    try {
        DB::transaction(function () use (&$chain): void {
            $chain = $this->append->begin('person');
            DB::enableQueryLog();
            $first = ($this->append)($chain, new Withdrawn(Instant::of(now()), How::LinkPage, [new Target('voyage-news', Channel::Email)]));
            DB::disableQueryLog();
            expect($first->sequence)->toBe(1);
            throw new RuntimeException('given up');
        });
    } catch (Throwable) {
        // The subject has no subscriber, and the projection says so; either way nothing stands.
    }
    expect(array_filter(array_column(DB::getQueryLog(), 'query'), static fn (string $q): bool => str_starts_with($q, 'select `body`')))->toBe([])
        ->and($chain)->toBeInstanceOf(HeldChain::class)->and(DB::table('subjects')->where('id', $chain->subject->bytes)->exists())->toBeFalse();
});

test('two who hold the same chains in another order wait for each other and both go through', function (): void {
    $subjects = [entries(1), entries(1)];
    config(['database.connections.second' => config('database.connections.runtime')]);
    $other = DB::connection('second');
    $other->beginTransaction();
    $held = $other->table('subjects')->whereIn('id', array_map(static fn (Id $s): string => $s->bytes, $subjects))->orderBy('id')->lockForUpdate()->pluck('id');
    DB::statement('SET innodb_lock_wait_timeout = 1');
    // While somebody else holds them they are not to be had, in whatever order they are asked for.
    foreach ([$subjects, array_reverse($subjects)] as $order) {
        expect(fn () => DB::transaction(fn () => $this->append->holdAll($order)))->toThrow(Illuminate\Database\QueryException::class, '1205');
    }
    $other->commit();
    DB::transaction(fn () => array_map(fn (HeldChain $c): Entry => ($this->append)($c, ($this->ends)()), $this->append->holdAll(array_reverse($subjects))));
    expect($held)->toHaveCount(2)->and(isWhole($subjects[0]) && isWhole($subjects[1]))->toBeTrue()
        ->and(app(LedgerTables::class)->chain($subjects[0]))->toHaveCount(2);
});

test('no person, point or record is left without the chain that it stands on', function (): void {
    entries(1);
    foreach (['subscribers', 'points', 'records'] as $table) {
        $subject = DB::table($table)->whereNotNull('subject')->value('subject');
        expect(fn () => DB::table('subjects')->where('id', $subject)->delete())->toThrow(Illuminate\Database\QueryException::class, '1451')
            ->and(DB::table('subjects')->where('id', $subject)->exists())->toBeTrue();
    }
    expect(Subscriber::query()->count())->toBe(1);
});
