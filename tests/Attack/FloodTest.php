<?php

declare(strict_types=1);

use App\Actions\Delivery\Deliveries;
use App\Actions\Delivery\Outbox;
use App\Http\Flood\FloodCounts;
use App\Http\Flood\FloodGate;
use App\Models\DeliveryKind;
use App\Models\HeldSubmission;
use App\Models\SignupJourney;
use App\Support\FloodMark;
use App\Support\KeyStore;
use App\Support\PublishedForms;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\MacRing;
use Juramen\Points\VisitMark;
use Juramen\Register\EmailAddress;
use Juramen\Screening\Puzzle;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Floods: what is too much is shown again with everything typed, whoever waits goes first, and no inbox or queue is filled. */

/** @param  array<string, string>  $more */
function gate(array $more = []): FloodGate
{
    $settings = [
        'APP_KEY' => 'k', 'APP_URL' => config('app.url'), 'DB_DATABASE' => (string) env('DB_DATABASE'), 'DB_SOCKET' => (string) env('DB_SOCKET'),
        'DB_PASSWORD' => (string) env('DB_PASSWORD'), ...$more,
    ];

    return new FloodGate($settings, new FloodCounts($settings), app(KeyStore::class), app(PublishedForms::class));
}

/** @param  array<string, string>  $fields */
function post(array $fields, string $from = '203.0.113.9', array $headers = []): Request
{
    $request = Request::create(config('app.url').'/forms/footer-newsletter/en', 'POST', $fields, server: ['REMOTE_ADDR' => $from]);
    $request->headers->add(['Origin' => config('app.url'), ...$headers]);

    return $request;
}

/** Waits until a stretch of ten seconds is not about to end. */
function steadily(): void
{
    while (time() % 10 > 6) {
        usleep(100_000);
    }
}

/** @return array<string, string> */
function fieldsOf(Response $page): array
{
    return (new Crawler((string) $page->getContent(), 'http://localhost/'))->filter('form')->form()->getValues();
}

test('over the limit of its network a post is shown again as filled in, its mark unspent, and goes on a moment later', function (): void {
    steadily();
    $fields = ['email' => 'imke@post.example', 'first-name' => 'Imke <b>', 'yes-voyage-news' => 'yes', ...$this->marks()];
    for ($i = 0; $i < 3; $i++) {
        $asked = microtime(true);
        $last = gate(['FLOOD_NETWORK' => '2'])->answer(post($fields, "203.0.113.$i"));
    }
    expect($last?->getStatusCode())->toBe(429)->and($last->headers->get('Content-Security-Policy'))->toContain("frame-ancestors 'none'")
        ->and((string) $last->getContent())->toContain('Nothing is lost');
    $again = fieldsOf($last);
    expect(array_diff_key($again, ['waited' => 1, 'homepage' => 1]))->toEqual($fields);
    // At once is too soon, where the machine lets it be at once; another network was never stopped.
    $soon = gate(['FLOOD_NETWORK' => '2'])->answer(post($again))?->getStatusCode();
    expect(microtime(true) - $asked < 1 ? $soon : 429)->toBe(429)
        ->and(gate(['FLOOD_NETWORK' => '2'])->answer(post($fields, '198.51.100.7')))->toBeNull();
    usleep(1_050_000);
    expect(gate(['FLOOD_NETWORK' => '2'])->answer(post($again)))->toBeNull();
    $this->signUp('imke@post.example', $again, marks: [])->assertRedirect('/forms/footer-newsletter/en/sent');
    expect($this->acts())->toBe(['given']);
    // A made-up word for having waited is none; and who waited is counted too.
    expect(gate(['FLOOD_NETWORK' => '0'])->answer(post(['waited' => '1700000000', ...$fields]))?->getStatusCode())->toBe(429)
        ->and(gate(['FLOOD_WAITED' => '0'])->answer(post($again))?->getStatusCode())->toBe(429);
});

test('what one network sends too much takes nothing from the whole; point and whole have limits of their own', function (): void {
    $gate = fn (string $from): ?int => gate(['FLOOD_NETWORK' => '1', 'FLOOD_WHOLE' => '4'])->answer(post(['email' => 'a@post.example'], $from))
        ?->getStatusCode();
    for ($i = 0; $i < 8; $i++) {
        $gate('203.0.113.9');
    }
    expect(array_map($gate, ['198.51.100.1', '198.51.101.1', '198.51.102.1']))->each->toBeNull();
    foreach (['FLOOD_PLACEMENT', 'FLOOD_POINT', 'FLOOD_WHOLE'] as $limit) {
        expect(gate([$limit => '0'])->answer(post(['email' => 'a@post.example'], '192.0.2.1'))?->getStatusCode())->toBe(429);
    }
});

test('ticks stay only on our own page and with the words they were given to', function (): void {
    $over = ['FLOOD_NETWORK' => '0'];
    $marks = $this->marks();
    $fields = ['email' => 'imke@post.example', 'yes-voyage-news' => 'yes'];
    $shown = fn (array $more, array $headers = []): array => fieldsOf(gate($over)->answer(post([...$fields, ...$more], headers: $headers)));
    expect($shown($marks))->toHaveKey('yes-voyage-news')
        ->and($shown([]))->not->toHaveKey('yes-voyage-news')
        ->and($shown($marks, ['Sec-Fetch-Site' => 'cross-site']))->not->toHaveKey('yes-voyage-news')->not->toHaveKey('visit')
        ->and($shown($this->marks('de')))->not->toHaveKey('yes-voyage-news')->not->toHaveKey('visit');
});

test('a trusted proxy says from where; without a database, and for everything else, all passes', function (): void {
    steadily();
    $set = ['FLOOD_NETWORK' => '1', 'TRUSTED_PROXIES' => '127.0.0.1'];
    $by = fn (string $for): ?int => gate($set)->answer(post(['email' => 'a@post.example'], '127.0.0.1', ['X-Forwarded-For' => $for]))?->getStatusCode();
    expect($by('198.51.100.1'))->toBeNull()->and($by('203.0.113.1'))->toBeNull()->and($by('198.51.100.2'))->toBe(429);
    Request::setTrustedProxies([], -1);
    expect(gate(['DB_SOCKET' => '/nowhere', 'FLOOD_NETWORK' => '0'])->answer(post(['email' => 'a@post.example'])))->toBeNull()
        ->and(gate(['FLOOD_NETWORK' => '0'])->answer(Request::create('/login', 'POST')))->toBeNull()
        ->and(gate(['FLOOD_NETWORK' => '0'])->answer(Request::create('/forms/no-such/en', 'POST')))->toBeNull();
});

test('what is too much of a form raises its puzzle, what is too much of a network none; whoever solved it goes before the crowd', function (): void {
    $raised = fn (): int => DB::table('flood')->whereIn('id', [
        FloodMark::Raised->id('footer-newsletter', 'k'), FloodMark::Raised->id('', 'k'), FloodMark::Flooded->id('footer-newsletter', 'k'),
    ])->count();
    gate(['FLOOD_NETWORK' => '0'])->answer(post(['email' => 'a@post.example']));
    expect($raised())->toBe(0);
    gate(['FLOOD_POINT' => '0'])->answer(post(['email' => 'a@post.example'], '198.51.100.44'));
    expect($raised())->toBe(2);
    $marks = $this->marks();
    $puzzle = Puzzle::put(VisitMark::open($marks['visit'], app(MacRing::class))->nonce, 0);
    $token = $puzzle->seal(app(MacRing::class));
    for ($solution = 0; ! $puzzle->isSolvedBy($token, (string) $solution); $solution++) {
    }
    $sent = ['email' => 'a@post.example', ...$marks, 'puzzle' => $token];
    $word = explode(' ', (string) __('visitor.puzzle.words', [], 'en'))[$puzzle->words[$puzzle->asked]];
    foreach ([['puzzle-solution' => (string) $solution], ['puzzle-answer' => " $word "]] as $done) {
        expect(gate(['FLOOD_POINT' => '0'])->answer(post([...$sent, ...$done])))->toBeNull()
            ->and(gate(['FLOOD_WAITED' => '0'])->answer(post([...$sent, ...$done]))?->getStatusCode())->toBe(429);
    }
    // Unsolved, of another page, or made up, it is worth nothing.
    foreach ([[], ['puzzle-answer' => 'Xyzzy'], ['visit' => $this->marks()['visit'], 'puzzle-solution' => (string) $solution]] as $not) {
        expect(gate(['FLOOD_POINT' => '0'])->answer(post([...$sent, ...$not]))?->getStatusCode())->toBe(429);
    }
});

test('twenty at once for one inbox, written in many ways, make five mails', function (): void {
    $script = <<<'PHP'
        require 'vendor/autoload.php';
        $app = require 'bootstrap/app.php';
        $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
        config(['juramen.keys' => $argv[1], 'juramen.published' => $argv[2]]);
        $edition = app(App\Support\PublishedForms::class)->current('footer-newsletter');
        for ($i = 0; $i < 5; $i++) {
            try {
                app(App\Actions\Signup\AcceptSignup::class)(new App\Actions\Signup\Signup($edition, Juramen\Register\Language::from('en'),
                    Juramen\Register\EmailAddress::parse(['victim', 'Victim', 'victim+a', "victim+$argv[3]$i"][$i % 4].'@post.example'),
                    [], [Juramen\Points\Said::yes($edition->sheet->statement('voyage-news'))],
                    Juramen\Consent\How::FormServed, 'page', app(App\Support\SystemClock::class)->instant(), Juramen\Canon\Id::random(), null,
                    facts: new Juramen\Screening\SubmissionFacts(false, 9)));
            } catch (App\Actions\Signup\ScreenedOut) {
            }
        }
        PHP;
    $all = array_map(
        fn (int $i): Process => new Process(
            ['php', '-r', $script, '--', config('juramen.keys'), config('juramen.published'), (string) $i], base_path(),
            ['DB_DATABASE' => (string) env('DB_DATABASE')]
        ),
        range(1, 4)
    );
    array_walk($all, fn (Process $one) => $one->start());
    expect(array_map(fn (Process $one): string => $one->wait() === 0 ? '' : $one->getOutput().$one->getErrorOutput(), $all))->each->toBe('');
    expect(DB::table('deliveries')->count())->toBe(5)->and($this->acts())->toBe(array_fill(0, 5, 'given'));
});

test('the gate needs no framework: a process that has none shows the form again, of every point', function (): void {
    $this->marks();
    $points = array_map(static fn (string $path): string => substr(basename($path), 6), glob(config('juramen.published').'/point-*') ?: []);
    $script = <<<'PHP'
        require 'vendor/autoload.php';
        $settings = [...getenv(), 'APP_KEY' => 'k', 'APP_URL' => 'http://localhost', 'FLOOD_NETWORK' => '0'];
        $published = new App\Support\PublishedForms($argv[2], new App\Queries\Points\EditionsInForce);
        $gate = new App\Http\Flood\FloodGate($settings, new App\Http\Flood\FloodCounts($settings), new App\Support\KeyStore($argv[1], ''), $published);
        foreach ([...array_slice($argv, 3), 'unknown'] as $form) {
            $post = Illuminate\Http\Request::create("http://localhost/forms/$form/en", 'POST', ['email' => 'imke@post.example']);
            echo $form, ' ', $gate->answer($post)?->getStatusCode() ?? 'passed', "\n";
        }
        PHP;
    $one = new Process(['php', '-r', $script, '--', config('juramen.keys'), config('juramen.published'), ...$points], base_path());
    $one->run();
    expect($one->getErrorOutput())->toBe('')->and($points)->not->toBe([])
        ->and($one->getOutput())->toBe(implode('', array_map(static fn (string $form): string => "$form 429\n", $points))."unknown passed\n");
});

test('one inbox has its limit however its name goes on, for a day; what is over is held, not lost', function (): void {
    foreach (['victim', 'victim+a', 'VICTIM+b', 'victim+a+b', 'victim+c', 'victim+d'] as $name) {
        $this->signUp("$name@post.example")->assertRedirect('/forms/footer-newsletter/en/sent');
    }
    expect(DB::table('deliveries')->count())->toBe(5)->and(HeldSubmission::query()->value('signals'))->toBe('many-for-address');
    Carbon::setTestNow(now()->addHours(25));
    $this->signUp('victim@post.example');
    expect(DB::table('deliveries')->count())->toBe(6)->and(DB::table('mailbox_counts')->count())->toBe(1);
    expect(EmailAddress::parse('+x@post.example')->mailbox())->toBe('+x@post.example');
});

test('a mail of few goes before the mails of many, and none is put off for ever', function (): void {
    $lay = function (string $email, ?string $network): int {
        $this->withServerVariables(['REMOTE_ADDR' => $network])->signUp($email)->assertRedirect();

        return $this->message()->id;
    };
    $crowd = array_map(fn (int $i): int => $lay("crowd$i@post.example", '203.0.113.9'), range(0, 9));
    $person = $lay('imke@post.example', '198.51.100.7');
    Carbon::setTestNow(now()->addSeconds(1));
    $order = [];
    while (($message = app(Deliveries::class)->claim()) !== null) {
        $order[] = $message->id;
    }
    expect($order)->toHaveCount(11)->and(array_search($person, $order, true))->toBeLessThan(10)->and(array_values(array_diff($order, [$person])))->toBe($crowd);
    // Of one and the same moment, the eleventh of a crowd is twenty seconds behind.
    Carbon::setTestNow(now());
    DB::table('deliveries')->update(['state' => 'waiting']);
    $journey = SignupJourney::query()->firstOrFail();
    app(Outbox::class)->toSubscriber($journey, DeliveryKind::Reminder, '203.0.113.0/24');
    app(Outbox::class)->toSubscriber($journey, DeliveryKind::Welcome);
    $turns = DB::table('deliveries')->orderByDesc('id')->limit(2)->pluck('turn_at')->all();
    expect((strtotime($turns[1]) - strtotime($turns[0])))->toBe(20);
});
