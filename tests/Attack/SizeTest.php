<?php

declare(strict_types=1);

use App\Actions\Ledger\Seal;
use App\Models\Subscriber;
use App\Models\User;
use Database\Demo\Crowd;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Support\Visitor;

uses(Visitor::class);

/* What proving costs: a person's long chain on their page, and the whole of a large ledger. */

test('the page of a person of many entries, 200 in a long run, asks at most 40 times and costs less than 300 ms', function (): void {
    Carbon::setTestNow(now()->subDays(120));
    $times = getenv('LONG') === '1' ? 50 : 15;
    for ($i = 0; $i < $times; $i++) {
        $this->signUp('imke@post.example')->assertRedirect();
        $this->mailsAreTaken();
        $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
        $this->post('/withdraw', ['token' => $this->withdrawToken()])->assertOk();
        Carbon::setTestNow(now()->addDays(2));
        app(Seal::class)();
    }
    Carbon::setTestNow();
    expect(DB::table($this->ledger('entries'))->whereNotIn('kind', ['published', 'approved'])->count())->toBeGreaterThanOrEqual(4 * $times);
    $this->actingAs(User::query()->where('role', 'officer')->firstOrFail());
    $page = '/evidence/'.Subscriber::query()->value('subject')->hex();
    $asked = [];
    DB::listen(function ($query) use (&$asked): void {
        $asked[] = $query->sql;
    });
    $this->get($page)->assertOk()->assertDontSee('cannot be answered');
    $queries = count($asked);
    expect($queries)->toBeLessThanOrEqual(40)->and(count(array_filter($asked, fn (string $sql): bool => str_contains($sql, 'subtrees'))))
        ->toBeLessThanOrEqual(2);
    $quickest = min(array_map(fn (): float => spent(fn () => $this->get($page)->assertOk()), range(1, 5)));
    expect($quickest)->toBeLessThan(300);
    fwrite(STDERR, sprintf("\n  person's page, %d entries: %d queries, %.0f ms\n", 4 * $times, $queries, $quickest));
});

/** @return int rows that the server read, one by one, for what is done */
function rowsReadBy(callable $do): int
{
    $read = static fn (): int => (int) array_sum(array_map(
        static fn (object $row): int => (int) $row->Value, DB::select("SHOW SESSION STATUS LIKE 'Handler_read%'")
    ));
    $before = $read();
    $do();
    // Asking for the figures reads their own rows.
    $between = $read();

    return ($between - $before) - ($read() - $between);
}

test('of a large ledger desk and sealing read no more than of a small one, and it verifies within minutes and 128 MB', function (): void {
    $people = getenv('LONG') === '1' ? 96_000 : 1_280;
    $officer = User::query()->where('role', 'officer')->firstOrFail();
    $both = function () use ($officer): array {
        // Weeks have passed since everything was sealed; then one more person signs up.
        app(Seal::class)();
        Carbon::setTestNow(now()->addDays(40));
        $this->signUp(someone())->assertRedirect();
        $this->mailsAreTaken();
        app(Seal::class)();
        $this->actingAs($officer)->get('/desk')->assertOk();
        $desk = rowsReadBy(fn () => $this->get('/desk')->assertOk());
        $this->signUp(someone())->assertRedirect();

        return [$desk, rowsReadBy(fn () => expect(app(Seal::class)())->toBe(1))];
    };
    app(Crowd::class)->grow(160, static fn (int $so) => null);
    [$desk, $seal] = $both();
    $began = microtime(true);
    app(Crowd::class)->grow($people, static fn (int $so) => null);
    $grown = microtime(true);
    app(Seal::class)();
    $sealed = microtime(true);
    [$deskNow, $sealNow] = $both();
    $verifies = microtime(true);
    // As the command is called; the clock of the test is weeks ahead of its own, which is not its fault.
    Carbon::setTestNow();
    $run = new Process([PHP_BINARY, '-d', 'memory_limit=128M', 'artisan', 'ledger:verify', '--json'], base_path(), [
        'DB_DATABASE' => config('database.connections.runtime.database'), 'KEYS_PATH' => config('juramen.keys'),
        'PUBLISHED_PATH' => config('juramen.published'),
    ], timeout: 900);
    $run->run();
    $took = microtime(true) - $verifies;
    $said = json_decode($run->getOutput(), true);
    fwrite(STDERR, sprintf(
        "\n  ledger of %d entries: grown in %.0f s, sealed in %.0f s, verified in %.0f s within 128 MB;"
        ." the desk reads %d rows (%d of a small one), sealing one entry %d (%d)\n",
        $said['entries'] ?? 0, $grown - $began, $sealed - $grown, $took, $deskNow, $desk, $sealNow, $seal
    ));
    $ahead = array_filter($said['faults'] ?? [], static fn (array $f): bool => ! str_starts_with($f['what'], 'This entry is dated ahead of time'));
    expect($ahead)->toBe([], $run->getErrorOutput())->and($said['entries'])->toBeGreaterThan(3 * $people)
        ->and(substr_count($run->getErrorOutput(), ' read'))->toBeGreaterThan(2)->and($took)->toBeLessThan(300)
        // What is left to grow is the way to the root, by a row for each doubling.
        ->and($deskNow + $sealNow)->toBeLessThanOrEqual(1.2 * ($desk + $seal));
});
