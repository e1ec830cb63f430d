<?php

declare(strict_types=1);

use App\Actions\Ledger\Seal;
use App\Models\CurrentPermission;
use App\Models\Subscriber;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Commands as people script them: exit 0 where all is well, 1 where something was found, 2 where it could not run; JSON with --json. */

/** @return array{int, array<string, mixed>} the exit code and what was said */
function said(string $command, array $with = []): array
{
    $code = Artisan::call($command, [...$with, '--json' => true]);
    preg_match('/^\{.*\}$/m', Artisan::output(), $json);

    return [$code, (array) json_decode($json[0] ?? '{}', true)];
}

test('what is permitted for an address is said for every moment of its life, and why', function (): void {
    $moments = [];
    $ask = function (string $at) use (&$moments): void {
        $moments[$at] = now()->format('Y-m-d\TH:i:s');
        Carbon::setTestNow(now()->addHour());
    };
    Carbon::setTestNow('2026-06-01 10:00:00');
    $ask('before');
    $this->signUp('imke@post.example');
    $this->mailsAreTaken();
    $ask('asked');
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    $ask('confirmed');
    $this->post('/withdraw', ['token' => $this->withdrawToken()])->assertOk();
    $ask('withdrawn');
    $expected = [
        'before' => [false, 'never-asked'], 'asked' => [false, 'awaiting-confirmation'], 'confirmed' => [true, 'confirmed'],
        'withdrawn' => [false, 'withdrawn'],
    ];
    config(['juramen.timezone' => 'UTC']);
    foreach ($moments as $name => $at) {
        [$code, $answer] = said('consent:state', ['address' => ' IMKE@Post.example', '--at' => $at]);
        $row = $answer['permissions'][0] ?? null;
        expect($code)->toBe($row === null ? 1 : 0);
        if ($name === 'before') {
            expect($row)->toBeNull();

            continue;
        }
        expect([$row['allowed'], $row['reason']])->toBe($expected[$name])->and($row['purpose'])->toBe('voyage-news')->and($row['why'])->toBeString();
    }
});

test('an address that is none, a time that is none and a person whom nobody knows are told apart', function (): void {
    expect(said('consent:state', ['address' => 'nobody@post.example'])[0])->toBe(1)
        ->and(said('consent:state', ['address' => 'not an address'])[0])->toBe(2)
        ->and(said('consent:state', ['address' => 'nobody@post.example', '--at' => 'tomorrow or so'])[0])->toBe(2)
        ->and(said('consent:state', ['address' => 'nobody@post.example', '--at' => '2026-10-25T02:30'])[0])->toBe(2, 'an hour that came twice');
    $this->signUp('imke@post.example');
    DB::connection('owner')->statement("DROP TRIGGER {$this->ledger('entries')}_no_update");
    $body = DB::table($this->ledger('entries'))->where('kind', 'given')->value('body');
    DB::connection('owner')->table($this->ledger('entries'))->where('kind', 'given')->update(['body' => str_replace('"page"', '"copy"', $body)]);
    // What is not as it was written answers nothing.
    expect(said('consent:state', ['address' => 'imke@post.example'])[0])->toBe(2);
    DB::connection('owner')->unprepared(
        "CREATE TRIGGER {$this->ledger('entries')}_no_update BEFORE UPDATE ON {$this->ledger('entries')} FOR EACH ROW
            SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'The ledger only grows: no UPDATE.'"
    );
});

test('what is noted beside the ledger is compared with it, said, and mended only when asked', function (): void {
    for ($i = 0; $i < 3; $i++) {
        $this->signUp("person$i@post.example");
        $this->mailsAreTaken();
        $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    }
    expect(said('consent:rebuild', ['--check' => true]))->toBe([0, ['ok' => true, 'subscribers' => 3, 'differences' => []]]);
    CurrentPermission::query()->orderBy('id')->limit(1)->update(['allowed' => false]);
    CurrentPermission::query()->orderByDesc('id')->limit(1)->delete();
    [$code, $found] = said('consent:rebuild', ['--check' => true]);
    expect($code)->toBe(1)->and($found['differences'])->toHaveCount(2)->and(CurrentPermission::query()->count())->toBe(2);
    expect(said('consent:rebuild')[0])->toBe(1)->and(said('consent:rebuild', ['--check' => true])[0])->toBe(0)
        ->and(CurrentPermission::query()->where('allowed', true)->count())->toBe(3);
});

test('a grown population is one that everything holds of', function (): void {
    [$code, $grown] = said('demo:grow', ['--subscribers' => '150']);
    expect($code)->toBe(0)->and($grown['subscribers'])->toBe(150)->and(Subscriber::query()->count())->toBe(150);
    [$code, $verified] = said('ledger:verify');
    expect($code)->toBe(0)->and($verified['sealed'])->toBe($grown['sealed'])->and(array_column($verified['passes'], 'name'))->toHaveCount(3)
        ->and(said('consent:rebuild', ['--check' => true])[0])->toBe(0)
        ->and(said('consent:state', ['address' => 'crowd.7@post.example'])[0])->toBe(0);
    // Grown once more they are others.
    expect(said('demo:grow', ['--subscribers' => '50'])[0])->toBe(0)->and(Subscriber::query()->count())->toBe(200);
    foreach (['', '0', '-3', 'many', '1e3', '123456789'] as $many) {
        expect(said('demo:grow', ['--subscribers' => $many])[0])->toBe(2);
    }
    expect(Subscriber::query()->count())->toBe(200);
});

test('a ledger is verified against what somebody kept, and a file that holds no checkpoint is said', function (): void {
    entries(3);
    app(Seal::class)();
    $kept = tempnam(sys_get_temp_dir(), 'checkpoint');
    file_put_contents($kept, DB::table($this->ledger('checkpoints'))->value('note'));
    entries(2);
    app(Seal::class)();
    expect(said('ledger:verify', ['--against' => $kept])[0])->toBe(0)->and(said('ledger:verify', ['--against' => '/nowhere'])[0])->toBe(2);
    file_put_contents($kept, "juramen.tidewick.example/ledger\n3\nAAAA\n");
    expect(said('ledger:verify', ['--against' => $kept])[0])->toBe(1);
    unlink($kept);
});

test('keys are changed by a command, and what was sealed before still verifies', function (): void {
    entries(2);
    app(Seal::class)();
    $this->artisan('ledger:rotate-key')->assertExitCode(0);
    entries(1);
    app(Seal::class)();
    expect(said('ledger:verify')[0])->toBe(0)->and(DB::table($this->ledger('entries'))->where('kind', 'key-rotated')->count())->toBe(1);
});
