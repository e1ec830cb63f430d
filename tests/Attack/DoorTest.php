<?php

declare(strict_types=1);

use App\Actions\Delivery\Deliveries;
use App\Actions\Delivery\Outcome;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Signing in, hosts, proxies, and what a guest leaves behind. */

const RIGHT = ['email' => 'runa@tidewick.example', 'password' => 'harbour-lamp-42'];

test('one hash is computed whether or not the address is known, and both are answered alike', function (): void {
    $hasher = new class(app('hash')) implements Hasher
    {
        public int $checks = 0;

        public function __construct(private readonly Hasher $real) {}

        public function info($hashedValue)
        {
            return $this->real->info($hashedValue);
        }

        public function make($value, array $options = [])
        {
            return $this->real->make($value, $options);
        }

        public function check($value, $hashedValue, array $options = [])
        {
            $this->checks++;

            return $this->real->check($value, $hashedValue, $options);
        }

        public function needsRehash($hashedValue, array $options = [])
        {
            return false;
        }
    };
    $this->app->instance(Hasher::class, $hasher);
    $said = [];
    foreach (['runa@tidewick.example', 'nobody@tidewick.example'] as $i => $email) {
        $this->post('/login', ['email' => $email, 'password' => 'wrong'])->assertRedirect('/login');
        $said[] = session('errors')->first('email');
        expect($hasher->checks)->toBe($i + 1);
    }
    expect($said[0])->toBe($said[1]);
    // The hash that stands for nobody is a real one, with the cost of all others.
    $nobody = (fn (): string => $this->nobody())->call(app(App\Actions\Account\SignIn::class));
    expect(password_get_info($nobody)['algoName'])->toBe('bcrypt')->and(password_verify('', $nobody))->toBeFalse();
});

test('an account is found however its address is written', function (string $email): void {
    $this->post('/login', [...RIGHT, 'email' => $email])->assertRedirect('/');
    $this->assertAuthenticated();
})->with([['RUNA@tidewick.example'], [' runa@Tidewick.EXAMPLE ']]);

test('strangers cannot lock somebody out, nor try many accounts from one network', function (): void {
    // The waiting that makes both answers last alike is not what is tested here.
    Illuminate\Support\Sleep::fake();
    $from = fn (string $network, string $email = RIGHT['email'], string $password = 'wrong') => $this->withServerVariables(['REMOTE_ADDR' => $network])
        ->post('/login', ['email' => $email, 'password' => $password]);
    for ($i = 0; $i < 11; $i++) {
        $last = $from('203.0.113.9');
    }
    $last->assertStatus(429)->assertSee('Too many tries');
    // The same stranger from the next address of that network, and the owner from elsewhere.
    $from('203.0.113.77')->assertStatus(429);
    $from('198.51.100.7', password: RIGHT['password'])->assertRedirect('/');
    auth()->logout();
    for ($i = 0; $i < 61; $i++) {
        $last = $from('192.0.2.5', "someone$i@tidewick.example");
    }
    $last->assertStatus(429);
});

test('a guest who only looks gets neither cookie nor session; who signs in goes on to a page of ours, never elsewhere', function (): void {
    config(['session.driver' => 'database']);
    $this->get('/login')->assertOk()->assertCookieMissing('juramen_office');
    $this->get('/points/footer-newsletter?shown=de')->assertRedirect('/login?to='.rawurlencode('/points/footer-newsletter?shown=de'));
    expect(DB::table('sessions')->count())->toBe(0);
    $this->get('/login?to='.rawurlencode('/points/footer-newsletter?shown=de'))->assertSee('value="/points/footer-newsletter?shown=de"', false);
    $this->post('/login', [...RIGHT, 'password' => 'wrong', 'to' => '/points'], ['Referer' => 'https://pirate.example/'])
        ->assertRedirect('/login?to=%2Fpoints');
    $wanted = [
        '/points' => '/points', '//pirate.example' => '/', '/\\pirate.example' => '/', 'https://pirate.example' => '/',
        "/x\r\nSet-Cookie: a=b" => '/', '/login' => '/',
    ];
    foreach ($wanted as $to => $goes) {
        auth()->logout();
        $response = $this->post('/login', [...RIGHT, 'to' => $to]);
        expect($response->headers->get('Location'))->toBe($goes);
    }
    auth()->logout();
    $this->withoutHeader('Origin')->post('/login', RIGHT, ['Sec-Fetch-Site' => 'cross-site'])->assertSessionHasErrors('email');
    $this->assertGuest();
});

test('what a page asks for or saves by itself leaves what a form is told; only what is saved keeps the session from running out', function (): void {
    config(['session.driver' => 'database']);
    $this->post('/login', RIGHT);
    $this->withCookie('juramen_office', session()->getId());
    $this->post('/screening/lines', ['reason' => 'Short']);
    $row = static fn (): stdClass => DB::table('sessions')->sole();
    $told = $row()->payload;
    DB::table('sessions')->update(['last_activity' => $before = time() - 600]);
    $this->withHeader('X-Part', '1')->get('/points/footer-newsletter/since/1')->assertSuccessful();
    expect($row()->payload)->toBe($told)->and($row()->last_activity)->toBe($before);
    $this->post('/points/footer-newsletter/change', ['place' => 'title/en', 'value' => 'News of the quay', 'base' => 1])->assertOk();
    expect($row()->payload)->toBe($told)->and($row()->last_activity)->toBeGreaterThan($before);
    $this->withoutHeader('X-Part')->get('/screening/lines')->assertSee('15 to 500 characters');
});

test('sessions of nobody are deleted when their time is over', function (): void {
    DB::table('sessions')->insert(
        [
            ['id' => 'old', 'payload' => '', 'last_activity' => now()->subHours(3)->timestamp],
            ['id' => 'new', 'payload' => '', 'last_activity' => now()->timestamp],
        ]
    );
    expect(app(App\Actions\Upkeep\DeleteDue::class)()->get('sessions')->count)->toBe(1)->and(DB::table('sessions')->pluck('id')->all())->toBe(['new']);
});

test('marks are known as spent for as long as their page may lie open, and deleted after', function (): void {
    $marks = $this->marks();
    $this->signUp('imke@post.example', marks: $marks)->assertRedirect();
    Carbon::setTestNow(now()->addHours(23));
    app(App\Actions\Upkeep\DeleteDue::class)();
    $this->signUp('oda@post.example', marks: $marks)->assertStatus(422)->assertSee('sent before with other details');
    Carbon::setTestNow(now()->addHours(26));
    expect(app(App\Actions\Upkeep\DeleteDue::class)()->get('spent marks')->count)->toBe(1);
    $this->signUp('oda@post.example', marks: $marks)->assertStatus(422)->assertSee('been open');
    expect($this->acts())->toBe(['given']);
});

test('redirects name no host; a trusted proxy says how a request came, a stranger does not', function (): void {
    $location = fn (array $server, array $headers = []): ?string => $this->withServerVariables($server)->signUp('imke@post.example')->headers->get('Location');
    expect($location([]))->toBe('/forms/footer-newsletter/en/sent')->and($this->get('/desk')->headers->get('Location'))->toBe('/login');
    $network = function (string $by): ?string {
        $this->withServerVariables(['REMOTE_ADDR' => $by]);
        $this->withHeader('X-Forwarded-For', '198.51.100.77')->signUp("somebody$by@post.example")->assertRedirect();
        $texts = DB::table('disclosures')->orderByDesc('id')->limit(3)->pluck('text')->map(fn ($t) => json_decode(base64_decode(strtr($t, '-_', '+/')), true));

        return $texts->firstWhere(1, 'network')[2] ?? null;
    };
    Illuminate\Http\Middleware\TrustProxies::at(['127.0.0.1']);
    expect($network('203.0.113.9'))->toBe('203.0.113.0/24')->and($network('127.0.0.1'))->toBe('198.51.100.0/24');
});

test('the gates of the state machines hold when an act is called out of turn', function (): void {
    // A mail that was sent is not settled once more, whoever has it in hand.
    $this->signUp('imke@post.example');
    $deliveries = app(Deliveries::class);
    $message = $deliveries->claim();
    $deliveries->settle($message, Outcome::accepted());
    foreach ([Outcome::refused('server-said-550'), Outcome::accepted(), Outcome::notNow('no-connection')] as $late) {
        $deliveries->settle($message, $late);
    }
    expect($this->message()->state->value)->toBe('sent')->and($this->acts())->toBe(['given', 'confirmation-sent']);
    // Nor is one settled that nobody has in hand.
    DB::table('deliveries')->update(['state' => 'waiting']);
    $deliveries->settle($message, Outcome::refused('server-said-550'));
    expect($this->message()->state->value)->toBe('waiting');
});
