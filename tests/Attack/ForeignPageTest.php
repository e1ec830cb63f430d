<?php

declare(strict_types=1);

use App\Models\Enquiry;
use App\Models\HeldSubmission;
use App\Models\Point;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Pages of others that send our marks with other words, and marks that belong to something else. What is entered was shown. */

beforeEach(function (): void {
    $this->serves = function (string $kind): void {
        written(Point::query()->firstOrFail()->record, User::query()->where('role', 'editor')->firstOrFail(), 'kind', $kind);
        publishNow('footer-newsletter', User::query()->firstOrFail());
    };
    $this->sendFrom = function (array $headers, array $more = [], ?array $marks = null) {
        $marks ??= $this->marks();
        Carbon::setTestNow(now()->addSeconds(5));

        return $this->withoutHeader('Origin')
            ->post('/forms/footer-newsletter/en', ['email' => 'imke@post.example', 'yes-voyage-news' => 'yes', ...$marks, ...$more], $headers);
    };
    $this->isChecked = function ($response): array {
        $response->assertStatus(422)->assertSee('Please check your details');
        expect((new Crawler((string) $response->getContent()))->filter('[checked]')->count())->toBe(0)->and($this->acts())->toBe([]);

        return $this->hidden($response);
    };
    $this->home = (string) config('app.url');
});

test('a yes from somebody else\'s page, with our own fresh marks, is shown again unticked; sent from ours it says where it came from', function (array $headers): void {
    $marks = ($this->isChecked)(($this->sendFrom)($headers));
    Carbon::setTestNow(now()->addSeconds(5));
    $this->withHeader('Origin', $this->home)->post('/forms/footer-newsletter/en', ['email' => 'imke@post.example', 'yes-voyage-news' => 'yes', ...$marks])
        ->assertRedirect('/forms/footer-newsletter/en/sent');
    expect(json_decode(DB::table($this->ledger('entries'))->where('kind', 'given')->value('body'), true)['details']['placement'])->toBe('copy');
})->with([
    'cross-site' => [['Sec-Fetch-Site' => 'cross-site', 'Origin' => 'https://pirate.example']],
    'same site, another origin' => [['Sec-Fetch-Site' => 'same-site']],
    'a header that lies about nothing' => [['Sec-Fetch-Site' => 'none']], 'an old browser elsewhere' => [['Origin' => 'https://pirate.example']],
    'our name with another port' => [['Origin' => 'http://127.0.0.1:1']], 'our name behind theirs' => [['Origin' => 'http://127.0.0.1.pirate.example']],
    'an origin kept quiet' => [['Origin' => 'null']], 'nothing said at all' => [[]],
]);

test('our own origin is taken, by either header', function (callable $headers): void {
    ($this->sendFrom)($headers($this->home))->assertRedirect('/forms/footer-newsletter/en/sent');
    expect(json_decode(DB::table($this->ledger('entries'))->where('kind', 'given')->value('body'), true)['details']['placement'])->toBe('page');
})->with(['fetch metadata' => [fn (string $home): array => ['Sec-Fetch-Site' => 'same-origin']],
    'the origin alone' => [fn (string $home): array => ['Origin' => $home]]]);

test('marks of another language, another point, another stamp or none confirm nothing of this form', function (): void {
    $english = $this->marks('en');
    $german = $this->marks('de');
    Carbon::setTestNow(now()->addSeconds(5));
    $send = fn (string $to, array $marks) => $this->post(
        "/forms/footer-newsletter/$to", ['email' => 'imke@post.example', 'yes-voyage-news' => 'yes', ...$marks]
    );
    $send('de', $english)->assertStatus(422)->assertSee('Bitte prüfen Sie Ihre Angaben');
    $send('en', ['visit' => $english['visit'], 'stamp' => $german['stamp']])->assertStatus(422)->assertSee('Please check your details');
    // The visit mark of another point, published by the same house.
    anotherPoint(User::query()->where('role', 'editor')->firstOrFail(), User::query()->firstOrFail());
    $other = $this->marks('en', 'booking-popup');
    Carbon::setTestNow(now()->addSeconds(5));
    foreach ([$other, ['visit' => $other['visit'], 'stamp' => $english['stamp']]] as $marks) {
        $send('en', $marks)->assertStatus(422)->assertSee('Please check your details');
    }
    expect($this->acts())->toBe([]);
    $send('en', $english)->assertRedirect();
});

test('an enquiry from elsewhere arrives at once, once, whether or not its sender goes on', function (): void {
    ($this->serves)('contact');
    foreach ([1, 2] as $press) {
        $response = $this->withoutHeader('Origin')
            ->post('/forms/footer-newsletter/en', ['email' => 'imke@post.example', 'first-name' => 'Imke', 'yes-voyage-news' => 'yes'])->assertStatus(422)
            ->assertSee('What you sent has arrived');
    }
    expect(Enquiry::query()->count())->toBe(1)->and($this->acts())
        ->toBe([])->and((new Crawler((string) $response->getContent()))->filter('[checked]')->count())->toBe(0);
    // Going on with a tick enters the consent and keeps no second enquiry.
    Carbon::setTestNow(now()->addSeconds(5));
    $this->withHeader('Origin', $this->home)
        ->post('/forms/footer-newsletter/en', ['email' => 'imke@post.example', 'first-name' => 'Imke', 'yes-voyage-news' => 'yes', ...$this->hidden($response)])
        ->assertRedirect('/forms/footer-newsletter/en/sent');
    expect(Enquiry::query()->count())->toBe(1)->and($this->acts())->toBe(['given']);
    // With our marks but from another's page likewise; a bot's is kept and marked; what is wrong is said and kept nowhere.
    ($this->sendFrom)(['Sec-Fetch-Site' => 'cross-site'], ['email' => 'oda@post.example'])->assertStatus(422)->assertSee('What you sent has arrived');
    ($this->sendFrom)(['Sec-Fetch-Site' => 'cross-site'], ['email' => 'bot@post.example', 'homepage' => 'x'])->assertStatus(422);
    ($this->sendFrom)(['Sec-Fetch-Site' => 'cross-site'], ['email' => 'not an address'])->assertStatus(422)->assertSee('Please check your details');
    expect(Enquiry::query()->pluck('doubtful')->sort()->values()->all())->toBe([false, false, true])->and(HeldSubmission::query()->count())->toBe(0);
});

test('a form says to us where it is sent from and to nobody else; no page of anybody frames it', function (): void {
    $form = $this->get('/forms/footer-newsletter/en')->assertOk();
    expect($form->headers->get('Referrer-Policy'))->toBe('same-origin')->and((string) $form->getContent())->toContain('name="referrer" content="same-origin"');
    foreach (['/forms/footer-newsletter/en', '/forms/footer-newsletter/en/sent', '/confirm/x', '/withdraw/x', '/forms/nowhere', '/ledger/keys'] as $page) {
        expect($this->get($page)->headers->get('Content-Security-Policy'))->toContain("frame-ancestors 'none'");
    }
    expect($this->get('/confirm/x')->headers->get('Referrer-Policy'))->toBe('no-referrer')->and((string) $this->get('/confirm/x')->getContent())->not
        ->toContain('name="referrer"');
});

test('a digest that nothing has is answered with 404 and leaves no line in the log; digests stay whole in it', function (): void {
    $log = storage_path('logs/juramen-'.now()->format('Y-m-d').'.log');
    @unlink($log);
    $this->get('/frozen/'.str_repeat('ab', 32).'.css')->assertNotFound();
    expect(is_file($log) ? file_get_contents($log) : '')->toBe('');
    $digest = '4f0c1234567890'.str_repeat('12', 25);
    expect(App\Support\ScrubbedLog::scrub("The bytes $digest are gone"))->toContain($digest)
        ->and(App\Support\ScrubbedLog::scrub("call +44 7700 900123 or 07700900123, $digest"))->toBe("call [number] or [number], $digest");
});
