<?php

declare(strict_types=1);

use App\Actions\Ledger\LedgerTables;
use App\Actions\Ledger\Seal;
use App\Casts\Instants;
use App\Models\Subscriber;
use App\Models\User;
use App\Support\KeyStore;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\ConfirmationSent;
use Juramen\Consent\Acts\Confirmed;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Acts\Withdrawn;
use Juramen\Consent\Entry;
use Juramen\Consent\How;
use Juramen\Consent\Permissions;
use Juramen\Consent\Target;
use Juramen\Log\Disclosure;
use Juramen\Register\Channel;
use Juramen\Register\EmailAddress;
use Juramen\Register\Language;
use Symfony\Component\Process\Process;
use Tests\Support\Visitor;

uses(Visitor::class);

/* What proving costs: a person's long chain on their page, and the whole of a large ledger. */

test('the page of a person of 200 entries asks at most 40 times, for all nodes of the tree once, and is there within 300 ms', function (): void {
    Carbon::setTestNow(now()->subDays(120));
    for ($i = 0; $i < 50; $i++) {
        $this->signUp('imke@post.example')->assertRedirect();
        $this->mailsAreTaken();
        $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
        $this->post('/withdraw', ['token' => $this->withdrawToken()])->assertOk();
        Carbon::setTestNow(now()->addDays(2));
        app(Seal::class)();
    }
    Carbon::setTestNow();
    expect(DB::table($this->ledger('entries'))->whereNotIn('kind', ['published', 'approved'])->count())->toBeGreaterThanOrEqual(200);
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
    $times = array_map(function () use ($page): float {
        $started = hrtime(true);
        $this->get($page)->assertOk();

        return (hrtime(true) - $started) / 1e6;
    }, range(1, 5));
    expect(min($times))->toBeLessThan(300);
    fwrite(STDERR, sprintf("\n  person's page, 200 entries: %d queries, %.0f ms\n", $queries, min($times)));
});

test('a ledger of 150,000 entries verifies within minutes and 128 MB, and says how far it is', function (): void {
    $this->signUp('first@post.example')->assertRedirect();
    $given = app(LedgerTables::class)->chain(Subscriber::query()->value('subject'))[0]->act;
    $edition = $given->edition;
    $target = new Target('voyage-news', Channel::Email);
    $project = app(App\Actions\Consent\ProjectPermissions::class);
    $moment = fn (int $i, int $later): Instant => Instant::of(Carbon::now()->subDays(100)->addSeconds($i * 100 + $later * 60));
    for ($batch = 0; $batch < 75; $batch++) {
        [$subjects, $subscribers, $contacts, $entries, $values, $permissions] = [[], [], [], [], [], []];
        for ($i = $batch * 500; $i < ($batch + 1) * 500; $i++) {
            [$subject, $journey] = [Id::random(), Id::random()];
            $email = Disclosure::make('email', "person$i@post.example");
            $acts = [
                new Given(
                    $moment($i, 0), How::FormServed, 'page', 'pass', $journey, 'footer-newsletter', $edition, Language::English, $given->answers, [$target],
                    true, [$email->digest()]
                ),
                new ConfirmationSent($moment($i, 1), $journey, $edition, Language::English),
                new Confirmed($moment($i, 2), $journey, []),
                new Withdrawn($moment($i, 3), How::LinkPage, [$target]),
            ];
            [$chain, $before] = [[], null];
            foreach ($acts as $later => $act) {
                $chain[] = $before = Entry::next($before, $subject, $act, $moment($i, $later));
                $entries[] = [
                    'id' => $before->id->bytes, 'subject' => $subject->bytes, 'sequence' => $before->sequence, 'kind' => $act->kind()->value,
                    'recorded' => Instants::write($before->recorded), 'body' => $before->bytes,
                ];
            }
            $number = $i + 1000;
            $subjects[] = ['id' => $subject->bytes, 'kind' => 'person'];
            $subscribers[] = ['id' => $number, 'subject' => $subject->bytes, 'controller_id' => 1, 'first_seen' => Instants::write($moment($i, 0))];
            $contacts[] = [
                'subscriber_id' => $number, 'controller_id' => 1, 'kind' => 'email',
                'lookup' => app(KeyStore::class)->lookup('tidewick-ferries', 'email', EmailAddress::parse("person$i@post.example")->lookup())->bytes,
            ];
            $values[] = ['subject' => $subject->bytes, 'entry' => $chain[0]->id->bytes, 'digest' => $email->digest()->bytes, 'text' => $email->text];
            array_push($permissions, ...$project->rows($number, Permissions::of($chain)));
        }
        DB::transaction(function () use ($subjects, $subscribers, $contacts, $entries, $values, $permissions): void {
            foreach (['subjects' => $subjects, 'subscribers' => $subscribers, 'contact_points' => $contacts, $this->ledger('entries') => $entries, 'disclosures' => $values, 'permissions' => $permissions] as $table => $rows) {
                DB::table($table)->insert($rows);
            }
        });
    }
    $started = microtime(true);
    while (app(Seal::class)() !== null && DB::table($this->ledger('leaves'))->count() < DB::table($this->ledger('entries'))->count()) {
        continue;
    }
    $sealed = microtime(true) - $started;
    $run = new Process([PHP_BINARY, '-d', 'memory_limit=128M', 'artisan', 'ledger:verify', '--json'], base_path(), [
        'DB_DATABASE' => (string) env('DB_DATABASE'), 'KEYS_PATH' => config('juramen.keys'), 'PUBLISHED_PATH' => config('juramen.published'),
    ], timeout: 900);
    $started = microtime(true);
    $run->run();
    $took = microtime(true) - $started;
    $said = json_decode($run->getOutput(), true);
    expect($said['faults'] ?? $run->getErrorOutput())->toBe([])->and($said['entries'])->toBeGreaterThan(150_000)
        ->and(substr_count($run->getErrorOutput(), ' read'))->toBeGreaterThan(10)->and($took)->toBeLessThan(300);
    fwrite(STDERR, sprintf("\n  ledger of %d entries: sealed in %.0f s, verified in %.0f s within 128 MB\n", $said['entries'], $sealed, $took));
})->group('long');
