<?php

declare(strict_types=1);

use App\Actions\Delivery\Deliver;
use App\Actions\Delivery\Deliveries;
use App\Actions\Delivery\OutcomeKind;
use App\Actions\Ledger\LedgerTables;
use App\Actions\Ledger\Seal;
use App\Actions\Signup\LapseJourneys;
use App\Models\Delivery;
use App\Models\DeliveryState;
use App\Models\SignupJourney;
use App\Models\User;
use App\Support\Journal;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Sleep;
use Symfony\Component\Process\Process;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Connections that break, single mails and rows that are at fault, and a worker that is told to stop. */

afterEach(function (): void {
    mailServer('accept');
    Sleep::fake(false);
});

test('after the database was away between two mails, transaction, lock and ledger go on over one connection', function (): void {
    $who = [someone(), someone()];
    array_map(fn (string $to) => $this->signUp($to), $who);
    [$deliveries, $send, $ledger] = [app(Deliveries::class), app(Deliver::class), app(LedgerTables::class)];
    expect($send($deliveries->claim())->kind)->toBe(OutcomeKind::Accepted);
    $second = $deliveries->claim();
    // The server ends every connection of ours, as it does when it stops.
    $id = DB::selectOne('SELECT CONNECTION_ID() AS id')->id;
    exec('mariadb --no-defaults --socket='.escapeshellarg(config('database.connections.owner.unix_socket'))." -e 'KILL $id'", result_code: $code);
    expect($code)->toBe(0);
    Sleep::fake();
    expect($send($second)->kind)->toBe(OutcomeKind::Accepted)->and(Delivery::query()->where('state', DeliveryState::Sent)->count())->toBe(2);
    DB::transaction(function () use ($ledger): void {
        $here = DB::selectOne('SELECT CONNECTION_ID() AS id')->id;
        expect((int) $ledger->table('entries')->limit(1)->selectRaw('CONNECTION_ID() AS id')->value('id'))->toBe((int) $here);
    });
    foreach ($who as $to) {
        expect(arrived($to))->toHaveCount(1);
    }
    expect(array_count_values($this->acts())['confirmation-sent'])->toBe(2)->and(work())->toBe([]);
});

test('after a connection was lost, what ends a sign-up is committed whole, with the work that it lays out', function (): void {
    config(['juramen.mailbox_url' => mailbox()]);
    [$deliveries, $send] = [app(Deliveries::class), app(Deliver::class)];
    Sleep::fake();
    for ($i = 0; $i < 3; $i++) {
        $this->signUp(someone());
    }
    mailServer('unknown');
    $send($deliveries->claim());
    // The second cannot be entered at first, whatever the reason; the third goes on over the connection that came of it.
    $fails = true;
    DB::beforeExecuting(function (string $sql) use (&$fails): void {
        if ($fails && preg_match('/^insert into .*`entries`/', $sql) === 1) {
            $fails = false;
            throw new RuntimeException('It could not be entered.');
        }
    });
    $send($deliveries->claim());
    $send($deliveries->claim());
    expect($fails)->toBeFalse()->and(array_count_values($this->acts()))->toBe(['given' => 3, 'undeliverable' => 3, 'erased' => 3])
        ->and(DB::table('jobs')->count())->toBe(3)->and(Delivery::query()->where('state', DeliveryState::Failed)->count())->toBe(3)
        ->and(array_map(static fn ($line): int => $line->position, app(Journal::class)->lines()))
        ->toEqualCanonicalizing(DB::table($this->ledger('entries'))->pluck('position')->all());
    app(Seal::class)();
    expect(verified()->holds())->toBeTrue();
});

test('a mail that cannot be put together stops no other, and stands on the desk after few tries', function (): void {
    $this->signUp(someone());
    DB::table('deliveries')->update(['language' => 'xx']);
    DB::table('journeys')->update(['language' => 'xx']);
    $this->signUp($well = someone());
    expect(work())->toEqualCanonicalizing([OutcomeKind::Faulty, OutcomeKind::Accepted])->and(arrived($well))->toHaveCount(1);
    for ($try = 0; $try < 6; $try++) {
        Carbon::setTestNow(now()->addHour());
        work();
    }
    expect(DB::table('deliveries')->where('language', 'xx')->value('state'))->toBe('failed')
        ->and(DB::table('deliveries')->where('language', 'xx')->value('attempts'))->toBe(4);
    DB::table('deliveries')->update(['language' => 'en']);
    $this->actingAs(User::query()->firstOrFail())->get('/desk')->assertSee('could not be put together or handed over');
});

test('a mail whose outcome cannot be entered is left uncertain, and the next goes out', function (): void {
    Sleep::fake();
    $this->signUp(someone());
    $subject = SignupJourney::query()->firstOrFail()->load('subscriber')->subscriber->subject;
    withoutSubject($subject);
    $this->signUp($well = someone());
    expect(work())->toHaveCount(2)->and(arrived($well))->toHaveCount(1);
    Carbon::setTestNow(now()->addSeconds(config('juramen.mail.claim_seconds') + 1));
    $this->signUp(someone());
    expect(app(Deliveries::class)->claim())->not->toBeNull();
    Carbon::setTestNow(now()->addSeconds(config('juramen.mail.claim_seconds') + 1));
    expect(app(Deliveries::class)->markUncertain())
        ->toBe(1)->and(Delivery::query()->where('state', DeliveryState::Uncertain)->orderBy('id')->pluck('problem')->all())
        ->toBe(['not-entered', 'worker-gone']);
});

test('a sign-up that cannot lapse keeps no other from lapsing, and stands on the desk', function (): void {
    foreach (['one', 'two', 'three'] as $who) {
        $this->signUp("$who@post.example");
        $this->mailsAreTaken();
    }
    withoutSubject(SignupJourney::query()->orderBy('asked_at')->firstOrFail()->load('subscriber')->subscriber->subject);
    Carbon::setTestNow(now()->addDays(8));
    expect(app(LapseJourneys::class)())->toBe(2)->and(app(LapseJourneys::class)())->toBe(0);
    app(Seal::class)();
    $this->actingAs(User::query()->firstOrFail())->get('/desk')->assertSee('should have lapsed and could not be deleted');
});

test('told to stop, the worker finishes the mail in hand and takes no other', function (): void {
    Http::asForm()->withoutRedirecting()->post(mailbox().'/mode', ['name' => 'delay', 'seconds' => 1]);
    for ($i = 0; $i < 4; $i++) {
        $this->signUp(someone());
    }
    Carbon::setTestNow();
    DB::table('deliveries')->update(['due_at' => now()->subMinute()->format('Y-m-d H:i:s.u')]);
    $worker = new Process(
        ['php', base_path('artisan'), 'deliveries:work'], null,
        [
            'APP_ENV' => 'production', 'DB_DATABASE' => config('database.connections.runtime.database'), 'KEYS_PATH' => config('juramen.keys'),
            'PUBLISHED_PATH' => config('juramen.published'),
        ]
    );
    $worker->start();
    for ($i = 0; $i < 100 && Delivery::query()->where('state', DeliveryState::Claimed)->doesntExist(); $i++) {
        usleep(50_000);
    }
    $worker->signal(SIGTERM);
    $began = microtime(true);
    $worker->wait();
    expect(microtime(true) - $began)->toBeLessThan(15.0)->and($worker->getExitCode())->toBe(0)
        ->and(Delivery::query()->where('state', DeliveryState::Sent)->count())->toBe(1)->and(Delivery::query()->where('state', DeliveryState::Waiting)->count())
        ->toBe(3);
});
