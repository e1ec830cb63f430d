<?php

declare(strict_types=1);

use App\Actions\Signup\LapseJourneys;
use App\Models\SignupJourney;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Canon\MacKey;
use Juramen\Canon\MacRing;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Link;
use Tests\Support\Visitor;

uses(Visitor::class);

function allowedNow(): bool
{
    return (bool) DB::table('permissions')->value('allowed');
}

test('a visit to the link confirms nobody; its button does, once', function (): void {
    $this->signUp('imke@post.example', language: 'de');
    $this->mailsAreTaken();
    $token = $this->confirmToken();
    for ($i = 0; $i < 3; $i++) {
        $this->openLink("/confirm/$token")->assertOk()->assertSee('Ja, Tidewick Ferries darf mir einmal im Monat')->assertSee('Ja, melden Sie mich an');
    }
    $this->head("/confirm/$token")->assertStatus(303);
    expect(allowedNow())->toBeFalse();
    $this->post('/confirm', ['token' => $token])->assertOk()->assertSee('Sie sind angemeldet');
    expect(allowedNow())->toBeTrue();
    $this->post('/confirm', ['token' => $token])->assertOk()->assertSee('Sie hatten schon bestätigt');
    $this->openLink("/confirm/$token")->assertSee('Sie hatten schon bestätigt');
    expect($this->acts())->toBe(['given', 'confirmation-sent', 'confirmed'])->and(DB::table('deliveries')->where('kind', 'welcome')->count())->toBe(1);
});

test('a link that was cut, changed, guessed or made for something else is refused', function (callable $token): void {
    $this->signUp('imke@post.example');
    $given = $token($this);
    $this->openLink('/confirm/'.$given, ['Accept-Language' => 'de'])->assertNotFound()->assertSee('Link ist nicht vollständig');
    $this->post('/confirm', ['token' => $given])->assertNotFound();
    expect(allowedNow())->toBeFalse()->and($this->acts())->toBe(['given']);
})->with([
    'cut' => [fn ($test) => substr($test->confirmToken(), 0, -3)],
    'changed' => [fn ($test) => substr_replace($test->confirmToken(), 'AAAA', 5, 4)],
    'of another journey' => [fn () => Link::Confirm->token(Id::random(), app(MacRing::class))],
    'for withdrawing' => [fn ($test) => $test->withdrawToken()],
    'of another key' => [fn ($test) => Link::Confirm->token(SignupJourney::query()->firstOrFail()->id, new MacRing(new MacKey('k1', random_bytes(32))))],
    'empty' => [fn () => ''],
]);

test('the person may be quicker than our own record of the mail', function (): void {
    $this->signUp('imke@post.example');
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertSee('You are signed up');
    expect($this->acts())->toBe(['given', 'confirmed'])->and(allowedNow())->toBeTrue();
});

test('withdrawing needs no password, ends everything, and can be done again without harm', function (): void {
    $this->signUp('imke@post.example', language: 'de');
    $this->mailsAreTaken();
    $this->post('/confirm', ['token' => $this->confirmToken()]);
    $this->mailsAreTaken();
    $token = $this->withdrawToken();
    $this->openLink("/withdraw/$token")->assertOk()->assertSee('Keine E-Mails mehr schicken');
    expect(allowedNow())->toBeTrue();
    $this->post('/withdraw', ['token' => $token])->assertOk()->assertSee('Sie bekommen diese E-Mails nicht mehr');
    expect(allowedNow())->toBeFalse();
    $this->post('/withdraw', ['token' => $token])->assertOk()->assertSee('nichts mehr abzubestellen');
    $this->openLink("/withdraw/$token")->assertSee('nichts mehr abzubestellen');
    expect($this->acts())->toBe(['given', 'confirmation-sent', 'confirmed', 'withdrawn']);
});

test('the confirmation link of what was withdrawn since does not say that anybody is signed up, and leads to the form', function (): void {
    $this->signUp('imke@post.example', language: 'de');
    $first = $this->confirmToken();
    $this->post('/confirm', ['token' => $first])->assertSee('Sie sind angemeldet');
    $this->post('/withdraw', ['token' => $this->withdrawToken()])->assertOk();
    $this->openLink("/confirm/$first")->assertOk()->assertSee('Diese Anmeldung wurde widerrufen')->assertSee('/forms/footer-newsletter/de')
        ->assertDontSee('Sie sind angemeldet')->assertDontSee('schon bestätigt');
    $this->post('/confirm', ['token' => $first])->assertSee('Diese Anmeldung wurde widerrufen');
    expect(allowedNow())->toBeFalse();
    // Who signs up anew has a sign-up of its own; the old one stays what it was, and the list says so of each.
    Carbon::setTestNow(now()->addHour());
    $this->signUp('imke@post.example', language: 'de');
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertSee('Sie sind angemeldet');
    $this->openLink("/confirm/$first")->assertSee('Diese Anmeldung wurde widerrufen');
    expect(SignupJourney::query()->orderBy('asked_at')->pluck('state')->map(static fn (JourneyState $s): string => $s->value)->all())
        ->toBe(['revoked', 'confirmed']);
    $this->actingAs(User::query()->firstOrFail());
    $this->get('/evidence/signups?state=withdrawn')->assertSee('1 withdrawn')->assertDontSee('No sign-up matches');
    $this->get('/evidence/signups?state=confirmed')->assertSee('1 confirmed');
    // Withdrawn again by the same link of the first mail: the newer sign-up ends with it.
    $this->post('/withdraw', ['token' => $this->withdrawToken()])->assertOk();
    $this->get('/evidence/signups?state=withdrawn')->assertSee('2 withdrawn');
});

test('a mail\'s link leads to an address without its secret, which a page that is loaded anew still knows', function (string $path, string $says): void {
    $this->signUp('imke@post.example');
    $token = $path === 'confirm' ? $this->confirmToken() : $this->withdrawToken();
    $opened = $this->get("/$path/$token");
    expect($opened->getStatusCode())->toBe(303)->and($opened->headers->get('Location'))->toBe("/$path?opened=1");
    $cookie = $opened->headers->getCookies();
    expect($cookie)->toHaveCount(1);
    [$cookie] = $cookie;
    expect([$cookie->getName(), $cookie->getPath(), $cookie->isHttpOnly(), $cookie->getSameSite(), $cookie->isSecure(), $cookie->getDomain()])
        ->toBe([$path, "/$path", true, 'lax', false, null])
        ->and($cookie->getMaxAge())->toBeGreaterThan(1700)->toBeLessThanOrEqual(1800)
        ->and($this->get("https://localhost/$path/$token")->headers->getCookies()[0]->isSecure())->toBeTrue();
    foreach (['opened', 'loaded anew', 'loaded once more'] as $time) {
        $page = $this->withUnencryptedCookie($path, (string) $cookie->getValue())->get("/$path")->assertOk()->assertSee($says);
        expect((string) $page->getContent())->not->toContain('<script')->and($page->headers->getCookies())->toBe([]);
    }
    // Without the cookie, or with one that is none of ours, nothing is known; opening changes nothing.
    $this->withUnencryptedCookies([$path => ''])->get("/$path")->assertNotFound();
    $this->withUnencryptedCookies([$path => $path === 'confirm' ? $this->withdrawToken() : $this->confirmToken()])->get("/$path")->assertNotFound();
    $this->get("/$path/nonsense")->assertNotFound();
    // A browser that keeps no cookie is told so.
    $this->withUnencryptedCookies([$path => ''])->get("/$path?opened=1")->assertOk()->assertSee('Your browser did not keep the link');
    expect($this->acts())->toBe(['given']);
    // A form sets none.
    expect($this->get('/forms/footer-newsletter/en')->headers->getCookies())->toBe([]);
})->with([['confirm', 'Yes, sign me up'], ['withdraw', 'Stop']]);

test('withdrawn before it was confirmed, the button confirms nothing any more', function (): void {
    $this->signUp('imke@post.example');
    $this->post('/withdraw', ['token' => $this->withdrawToken()]);
    $this->openLink('/confirm/'.$this->confirmToken())->assertOk()->assertSee('This sign-up was withdrawn');
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertSee('This sign-up was withdrawn');
    expect(allowedNow())->toBeFalse()->and($this->acts())->toBe(['given', 'withdrawn', 'erased']);
});

test('the link ends when its days are over, even before the clock has tidied up', function (): void {
    $this->signUp('imke@post.example');
    $this->mailsAreTaken();
    $token = $this->confirmToken();
    Carbon::setTestNow(now()->addDays(7)->addMinute());
    $this->openLink("/confirm/$token")->assertStatus(410)->assertSee('This link has expired');
    $this->post('/confirm', ['token' => $token])->assertStatus(410);
    expect(app(LapseJourneys::class)())->toBe(1)->and(app(LapseJourneys::class)())->toBe(0);
    $this->openLink("/confirm/$token")->assertStatus(410)->assertSee('/forms/footer-newsletter/en');
    expect($this->acts())->toBe(['given', 'confirmation-sent', 'lapsed', 'erased'])->and(allowedNow())->toBeFalse();
});

test('days do not count while the mail could not be sent', function (): void {
    $this->signUp('imke@post.example');
    Carbon::setTestNow(now()->addDays(20));
    expect(app(LapseJourneys::class)())->toBe(0);
    $this->mailsAreTaken();
    Carbon::setTestNow(now()->addDays(6));
    expect(app(LapseJourneys::class)())->toBe(0);
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertSee('You are signed up');
});

test('whoever lapsed may sign up again and is a new person to us', function (): void {
    $this->signUp('imke@post.example');
    $this->mailsAreTaken();
    Carbon::setTestNow(now()->addDays(8));
    app(LapseJourneys::class)();
    $this->signUp('imke@post.example');
    expect(DB::table('subscribers')->count())->toBe(2)->and(DB::table($this->ledger('entries'))->where('kind', 'given')->distinct()->count('subject'))->toBe(2);
    $this->artisan('consent:rebuild', ['--check' => true])->assertExitCode(0);
});

test('the projection is checked against the ledger and mended from it', function (): void {
    $this->signUp('imke@post.example');
    $this->post('/confirm', ['token' => $this->confirmToken()]);
    DB::table('permissions')->update(['reason' => 'withdrawn', 'allowed' => 0]);
    $this->artisan('consent:rebuild', ['--check' => true, '--json' => true])->expectsOutputToContain('withdrawn since')->assertExitCode(1);
    expect(allowedNow())->toBeFalse();
    $this->artisan('consent:rebuild')->assertExitCode(1);
    $this->artisan('consent:rebuild', ['--check' => true])->assertExitCode(0);
    expect(allowedNow())->toBeTrue();
});

test('consent:state answers for a moment, with the reason', function (): void {
    Carbon::setTestNow('2026-06-01 10:00:00');
    $this->signUp('imke@post.example');
    Carbon::setTestNow('2026-06-02 10:00:00');
    $this->post('/confirm', ['token' => $this->confirmToken()]);
    $this->artisan('consent:state', ['address' => 'IMKE@post.example'])->expectsOutputToContain('yes  tidewick-ferries: voyage-news by email.')
        ->assertExitCode(0);
    $this->artisan('consent:state', ['address' => 'imke@post.example', '--at' => '2026-06-01'])->expectsOutputToContain('had not confirmed it by then')
        ->assertExitCode(0);
    $this->artisan('consent:state', ['address' => 'imke@post.example', '--at' => '2026-05-31'])->expectsOutputToContain('Nothing is on record')
        ->assertExitCode(1);
    $this->artisan('consent:state', ['address' => 'imke@post.example', '--at' => 'soon'])->assertExitCode(2);
    $this->artisan('consent:state', ['address' => 'imke'])->assertExitCode(2);
});

test('fifty prefetching visits confirm nobody, by whatever method they only look; then the button does', function (): void {
    $this->signUp('imke@post.example');
    $this->mailsAreTaken();
    $token = $this->confirmToken();
    for ($i = 0; $i < 50; $i++) {
        $look = $i % 2 === 0 ? 'get' : 'head';
        $this->$look("/confirm/$token", ['Sec-Purpose' => 'prefetch'])->assertStatus(303)->assertHeader('Location', '/confirm?opened=1');
        $this->withUnencryptedCookie('confirm', $token)->$look('/confirm', ['Sec-Purpose' => 'prefetch'])->assertOk();
    }
    expect(allowedNow())->toBeFalse()->and($this->acts())->toBe(['given', 'confirmation-sent']);
    $this->post('/confirm', ['token' => $token])->assertOk();
    expect(allowedNow())->toBeTrue();
});

test('whoever has just confirmed mends the name that was typed, which is checked as on the form; nobody else can', function (): void {
    $this->signUp('imke@post.example', ['first-name' => 'Imkee']);
    $token = $this->confirmToken();
    $typed = ['token' => $token, 'first-name' => 'Imke'];
    $this->post('/confirm/name', $typed)->assertStatus(303)->assertHeader('Location', '/confirm?opened=1');
    $this->post('/confirm', ['token' => $token])->assertOk()->assertSee('Is your name right?')->assertSee('value="Imkee"', false);
    $this->post('/confirm/name', [...$typed, 'first-name' => 'www.prize.example'])->assertStatus(422)->assertSee('A name has no web')
        ->assertSee('value="www.prize.example"', false);
    foreach (['', 'nonsense', $this->withdrawToken()] as $other) {
        $this->post('/confirm/name', ['token' => $other, 'first-name' => 'Oda'])->assertNotFound();
    }
    $this->post('/confirm/name', $typed)->assertOk()->assertSee('Your details are changed');
    $this->post('/confirm/name', $typed)->assertOk();
    $name = app(App\Actions\Consent\PersonalValues::class)->newestOf(App\Models\Subscriber::query()->sole()->subject)->get('first-name')?->value;
    expect($name)->toBe('Imke')->and($this->acts())->toBe(['given', 'confirmed', 'corrected']);
    // Withdrawn, there is nothing to mend any more.
    $this->post('/withdraw', ['token' => $this->withdrawToken()]);
    $this->post('/confirm/name', [...$typed, 'first-name' => 'Later'])->assertOk()->assertSee('was withdrawn');
    expect($this->acts())->toBe(['given', 'confirmed', 'corrected', 'withdrawn']);
    $this->artisan('consent:rebuild', ['--check' => true])->assertExitCode(0);
});
