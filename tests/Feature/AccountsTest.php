<?php

declare(strict_types=1);

use App\Actions\Account\Accounts;
use App\Actions\Account\SecondFactor;
use App\Models\Act;
use App\Models\ActKind;
use App\Models\Delivery;
use App\Models\EntryLink;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Juramen\Access\OneTimeCodes;
use Juramen\Canon\Base32;
use Juramen\Canon\Instant;
use Juramen\Canon\Refused;
use Tests\Support\Visitor;

uses(Visitor::class);

const SENTENCE = 'the ferry leaves at nine';

function who(string $email): User
{
    return User::query()->where('email', $email)->firstOrFail();
}

function sven(): User
{
    return who('sven@tidewick.example');
}

/** The link in the newest mail to a colleague, as the mail goes out. */
function entryPath(): string
{
    $mail = composed(Delivery::query()->whereNotNull('user_id')->orderByDesc('id')->firstOrFail());

    return preg_match('~https?://[^/\s]+(/enter/\S+)~', (string) $mail?->getTextBody(), $m) === 1 ? $m[1] : '';
}

/** @return list<string> what was done, the newest last */
function done(): array
{
    return Act::query()->orderBy('id')->get()->map(static fn (Act $a): string => $a->kind->value)->all();
}

function signIn(string $email, string $password = 'harbour-lamp-42'): TestResponse
{
    return test()->post('/login', ['email' => $email, 'password' => $password]);
}

function codeNow(User $user, int $steps = 0): string
{
    $codes = new OneTimeCodes(Base32::decode((string) $user->refresh()->code_secret));

    return $codes->code($codes->stepAt(Instant::of(now())) + $steps);
}

/** Sets the second factor up as a person does. @return list<string> recovery codes */
function setUp_(User $user): array
{
    test()->actingAs($user)->get('/account/codes')->assertOk();
    $page = test()->get('/account/codes')->getContent();
    preg_match('~class="mono secret">([A-Z2-7 ]+)<~', (string) $page, $m);
    $codes = new OneTimeCodes(Base32::decode(str_replace(' ', '', $m[1])));
    $answer = test()->post('/account/codes', ['current' => 'harbour-lamp-42', 'code' => $codes->code($codes->stepAt(Instant::of(now())))])->assertOk();
    preg_match_all('~<li>([A-Z2-7-]{19})</li>~', (string) $answer->getContent(), $m);
    auth()->logout();
    test()->flushSession();

    return $m[1];
}

test('somebody is invited, sets a password by the link of the mail, once, and comes in', function (): void {
    $this->actingAs(sven())->post('/accounts', ['name' => ' Ida  Lund ', 'email' => 'Ida@Tidewick.example', 'role' => 'editor'])->assertRedirect('/accounts');
    $this->get('/accounts')->assertSee('Ida Lund')->assertSee('invited');
    auth()->logout();
    $path = entryPath();
    signIn('ida@tidewick.example', '')->assertSessionHasErrors('email');
    $this->openLink($path)->assertOk()->assertSee('Ida Lund')->assertDontSee(substr($path, 7));
    $cookie = substr($path, strlen('/enter/'));
    $set = fn (string $new, string $again) => $this->withCookie('enter', $cookie)->post('/enter', ['new' => $new, 'again' => $again]);
    $set('short', 'short')->assertRedirect('/enter')->assertSessionHasErrors('new');
    $set(SENTENCE, 'the ferry leaves at ten')->assertSessionHasErrors('new');
    expect(who('ida@tidewick.example')->password)->toBeNull();
    $set(SENTENCE, SENTENCE)->assertRedirect('/login');
    $set('somebody else sets another', 'somebody else sets another')->assertSessionHasErrors('new');
    $this->withCookie('enter', $cookie)->get('/enter')->assertNotFound()->assertSee('no longer works');
    signIn('ida@tidewick.example', SENTENCE)->assertRedirect('/');
    $this->assertAuthenticatedAs(who('ida@tidewick.example'));
    expect(array_slice(done(), -3))->toBe([ActKind::Invited->value, ActKind::SetPassword->value, ActKind::SignedIn->value]);
});

test('links hold for their time, for whom they were made, and only the newest', function (): void {
    $this->post('/forgotten', ['email' => 'RUNA@tidewick.example '])->assertRedirect('/forgotten?asked=1');
    $first = entryPath();
    // Asked for again at once, nothing more is mailed.
    $this->post('/forgotten', ['email' => 'runa@tidewick.example']);
    expect(EntryLink::query()->count())->toBe(1);
    Carbon::setTestNow(now()->addMinutes(6));
    $this->post('/forgotten', ['email' => 'runa@tidewick.example']);
    $this->openLink($first)->assertNotFound();
    $second = entryPath();
    $this->openLink(substr($second, 0, -1).'x')->assertNotFound();
    $this->openLink('/enter/nonsense')->assertNotFound();
    DB::table('sessions')->insert(['id' => 'elsewhere', 'user_id' => who('runa@tidewick.example')->id, 'payload' => '', 'last_activity' => time()]);
    $this->openLink($second)->assertOk();
    Carbon::setTestNow(now()->addMinutes(61));
    $this->withCookie('enter', substr($second, 7))->post('/enter', ['new' => SENTENCE, 'again' => SENTENCE])->assertSessionHasErrors('new');
    expect(composed(Delivery::query()->orderByDesc('id')->firstOrFail()))->toBeNull();
    $this->post('/forgotten', ['email' => 'runa@tidewick.example']);
    $this->openLink(entryPath())->assertOk();
    $this->post('/enter', ['new' => SENTENCE, 'again' => SENTENCE])->assertRedirect('/login');
    expect(DB::table('sessions')->where('id', 'elsewhere')->exists())->toBeFalse();
    signIn('runa@tidewick.example')->assertSessionHasErrors('email');
    signIn('runa@tidewick.example', SENTENCE)->assertRedirect('/');
});

test('whoever asks for a password learns nothing of who works here, and nobody of elsewhere asks in a browser', function (): void {
    $before = Delivery::query()->count();
    $known = $this->post('/forgotten', ['email' => 'malin@tidewick.example']);
    $unknown = $this->post('/forgotten', ['email' => 'nobody@post.example']);
    expect([$unknown->getStatusCode(), $unknown->headers->get('Location')])->toBe([$known->getStatusCode(), $known->headers->get('Location')])
        ->and(Delivery::query()->count())->toBe($before + 1);
    $this->withHeader('Origin', 'https://elsewhere.example')->post('/forgotten', ['email' => 'arne@tidewick.example'])->assertSessionHasErrors('email');
    expect(Delivery::query()->count())->toBe($before + 1);
});

test('nobody locks out the last administrator, and only administrators look after accounts', function (): void {
    $accounts = app(Accounts::class);
    $runa = who('runa@tidewick.example');
    // Said at the button that was pressed.
    $this->actingAs(sven())->post('/accounts/'.sven()->id.'/end')->assertSessionHasErrors('end');
    expect(fn () => $accounts->end(sven(), sven()))->toThrow(Refused::class, 'only administrator')
        ->and(fn () => $accounts->change(sven(), sven(), 'Sven Ravn', 'sven@tidewick.example', 'officer'))->toThrow(Refused::class, 'only administrator')
        ->and(fn () => $accounts->end($runa, who('malin@tidewick.example')))->toThrow(Refused::class, 'Administrators');
    // Somebody who was invited and has not come in yet looks after nothing.
    $ida = $accounts->invite(sven(), 'Ida Lund', 'ida@tidewick.example', 'administrator');
    expect(fn () => $accounts->end(sven(), sven()))->toThrow(Refused::class, 'only administrator');
    $ida->update(['password' => SENTENCE]);
    $this->actingAs(sven())->post('/accounts/'.sven()->id, ['name' => 'Sven Ravn', 'email' => 'sven@tidewick.example', 'role' => 'auditor'])
        ->assertRedirect('/desk');
    expect(sven()->role)->toBe(Role::Auditor);
    $this->post("/accounts/$ida->id/end")->assertForbidden();
    $wrong = [
        ['', 'a@b.example', 'editor', 'name'], ['Ola', 'nonsense', 'editor', 'email'], ['Ola', 'malin@tidewick.example', 'editor', 'email'],
        ['Ola', 'ola@tidewick.example', 'captain', 'role'], [str_repeat('x', 81), 'ola@tidewick.example', 'editor', 'name'],
    ];
    foreach ($wrong as [$name, $email, $role, $field]) {
        $this->actingAs($ida)->post('/accounts', ['name' => $name, 'email' => $email, 'role' => $role])->assertRedirect('/accounts')
            ->assertSessionHasErrors($field)->assertSessionHasInput('email', $email);
    }
});

test('an account that ends is out at once, and comes back only by a new link', function (): void {
    $malin = who('malin@tidewick.example');
    DB::table('sessions')->insert(['id' => 'hers', 'user_id' => $malin->id, 'payload' => '', 'last_activity' => time()]);
    $this->actingAs(sven())->post("/accounts/$malin->id/end")->assertRedirect("/accounts/$malin->id");
    expect(DB::table('sessions')->where('id', 'hers')->exists())->toBeFalse();
    auth()->logout();
    signIn('malin@tidewick.example')->assertSessionHasErrors('email');
    $this->assertGuest();
    $links = EntryLink::query()->count();
    $this->post('/forgotten', ['email' => 'malin@tidewick.example']);
    expect(EntryLink::query()->count())->toBe($links);
    $this->actingAs(sven())->post("/accounts/$malin->id", ['name' => 'M', 'email' => 'm@tidewick.example', 'role' => 'officer'])
        ->assertSessionHasErrors('name');
    $this->post("/accounts/$malin->id/reopen");
    auth()->logout();
    signIn('malin@tidewick.example')->assertSessionHasErrors('email');
    $this->withCookie('enter', substr(entryPath(), 7))->post('/enter', ['new' => SENTENCE, 'again' => SENTENCE])->assertRedirect('/login');
    signIn('malin@tidewick.example', SENTENCE)->assertRedirect('/');
});

test('with a second factor the password alone opens nothing, and each code is taken once', function (): void {
    $runa = who('runa@tidewick.example');
    $recovery = setUp_($runa);
    expect($recovery)->toHaveCount(SecondFactor::RECOVERY_CODES)
        ->and(DB::table('users')->where('id', $runa->id)->value('code_secret'))->not->toContain($runa->refresh()->code_secret);
    signIn('runa@tidewick.example')->assertRedirect('/login/code');
    $this->assertGuest();
    $this->get('/desk')->assertRedirect('/login');
    // The code with which it was set up is used up.
    $this->post('/login/code', ['code' => codeNow($runa)])->assertRedirect('/login/code')->assertSessionHasErrors('code');
    $this->post('/login/code', ['code' => '000 000'])->assertSessionHasErrors('code');
    Carbon::setTestNow(now()->addSeconds(60));
    $code = codeNow($runa);
    $this->post('/login/code', ['code' => substr($code, 0, 3).' '.substr($code, 3)])->assertRedirect('/');
    $this->assertAuthenticatedAs($runa);
    auth()->logout();
    signIn('runa@tidewick.example');
    $this->post('/login/code', ['code' => $code])->assertSessionHasErrors('code');
    $this->post('/login/code', ['code' => strtolower(str_replace('-', ' ', $recovery[3]))])->assertRedirect('/');
    auth()->logout();
    signIn('runa@tidewick.example');
    $this->post('/login/code', ['code' => $recovery[3]])->assertSessionHasErrors('code');
    $this->assertGuest();
    expect(app(SecondFactor::class)->left($runa))->toBe(9)->and(done())->toContain('used-recovery-code', 'sign-in-refused');
});

test('the second step is for whoever took the first, for five minutes, and not to be guessed', function (): void {
    $this->get('/login/code')->assertRedirect('/login');
    $this->post('/login/code', ['code' => '123456'])->assertRedirect('/login');
    $runa = who('runa@tidewick.example');
    setUp_($runa);
    signIn('runa@tidewick.example');
    $this->travel(6)->minutes();
    session()->put('half-entry', ['user' => $runa->id, 'to' => '/', 'until' => time() - 1]);
    $this->post('/login/code', ['code' => codeNow($runa)])->assertRedirect('/login');
    $this->assertGuest();
    signIn('runa@tidewick.example');
    foreach (range(1, 11) as $try) {
        $last = $this->post('/login/code', ['code' => (string) (100_000 + $try)]);
    }
    $last->assertStatus(429);
    // An account that ended in between comes in by no code.
    $this->travel(2)->minutes();
    signIn('runa@tidewick.example');
    app(Accounts::class)->end(sven(), $runa);
    $this->post('/login/code', ['code' => codeNow($runa)])->assertRedirect('/login');
    $this->assertGuest();
});

test('ending the second factor takes the password, or an administrator', function (): void {
    $runa = who('runa@tidewick.example');
    setUp_($runa);
    $this->actingAs($runa->refresh())->post('/account/codes/end', ['current' => 'wrong'])->assertSessionHasErrors('end-current');
    expect($runa->refresh()->asksForCode())->toBeTrue();
    // New recovery codes take the place of the old.
    $this->post('/account/codes/renew', ['current' => 'wrong'])->assertSessionHasErrors('end-current');
    $old = DB::table('recovery_codes')->pluck('digest')->all();
    preg_match_all('~<li>[A-Z2-7-]{19}</li>~', (string) $this->post('/account/codes/renew', ['current' => 'harbour-lamp-42'])->getContent(), $m);
    expect($m[0])->toHaveCount(10)->and(DB::table('recovery_codes')->whereIn('digest', $old)->count())->toBe(0);
    // Set up once, it is not set up anew by whoever finds the screen open.
    $this->get('/account/codes')->assertRedirect('/account');
    $this->post('/account/codes', ['current' => 'harbour-lamp-42', 'code' => '123456'])->assertRedirect('/account');
    $this->post('/account/codes/end', ['current' => 'harbour-lamp-42'])->assertRedirect('/account');
    expect($runa->refresh()->asksForCode())->toBeFalse()->and(DB::table('recovery_codes')->count())->toBe(0);
    setUp_($runa);
    $this->actingAs(sven())->post("/accounts/$runa->id/drop");
    expect($runa->refresh()->asksForCode())->toBeFalse()->and(done())->toContain('ended-second-factor', 'dropped-second-factor');
});

test('what was done is found by who, what, when and by name, on the page and in a file, without anybody\'s address', function (): void {
    $this->signUp('imke@post.example');
    $subject = bin2hex((string) DB::table('subscribers')->value('subject'));
    $runa = who('runa@tidewick.example');
    $this->actingAs($runa)->post('/evidence', ['email' => 'imke@post.example']);
    $this->get("/evidence/$subject");
    $this->get("/evidence/$subject");
    $this->post('/withdrawals', ['email' => 'imke@post.example', 'purpose' => '', 'how' => 'phone', 'day' => now()->format('Y-m-d')]);
    expect(array_slice(done(), -3))->toBe(['looked-for', 'looked-at', 'told-withdrawal']);
    $this->get('/evidence')->assertSee('Whom you looked at lately')->assertSee('/evidence/'.$subject);
    $this->get('/acts')->assertOk()->assertSee('Runa Ekdahl')->assertSee('looked at the evidence of')->assertDontSee('imke@post.example');
    $this->get('/acts?q=looked+at')->assertSee('looked at the evidence')->assertDontSee('recorded a withdrawal');
    $this->get('/acts?area=accounts')->assertDontSee('recorded a withdrawal');
    $this->get('/acts?who='.sven()->id)->assertSee('Nothing like that was done');
    $this->get('/acts?q=Footer')->assertSee('published')->assertDontSee('recorded a withdrawal');
    $this->get('/acts?to=2020-01-01')->assertSee('Nothing like that was done');
    $csv = $this->get('/acts?as=csv')->streamedContent();
    expect($csv)->toContain('told-withdrawal')->not->toContain('imke')->and(explode("\r\n", $csv)[0])->toBe('at,who,act,about,detail,in_words');
    foreach (["UPDATE acts SET detail = 'x'", 'DELETE FROM acts'] as $tampering) {
        expect(fn () => DB::statement($tampering))->toThrow(Illuminate\Database\QueryException::class, 'stays written');
    }
});

test('every act has its words, and they say what it is about where it is about something', function (): void {
    foreach (ActKind::cases() as $kind) {
        $says = __("office.did.$kind->value");
        expect($says)->not->toContain('office.did')
            ->and(str_contains($says, ':about'))->toBe($kind->subject() !== App\Models\ActSubject::Nothing, $kind->value);
    }
});

test('an operator makes the first administrator, and lets one in where nobody can come in any more', function (): void {
    Act::query()->getConnection()->statement('UPDATE users SET role = "officer" WHERE role = "administrator"');
    $this->artisan('account:administrator', ['email' => 'nonsense', 'name' => 'Nora'])->assertExitCode(2);
    $this->artisan('account:administrator', ['email' => 'nora@tidewick.example'])->assertExitCode(2);
    $this->artisan('account:administrator', ['email' => 'Nora@tidewick.example', 'name' => 'Nora Lie'])->expectsOutputToContain('/enter/')->assertExitCode(0);
    $this->openLink(entryPath())->assertSee('Nora Lie');
    $this->post('/enter', ['new' => SENTENCE, 'again' => SENTENCE])->assertRedirect('/login');
    signIn('nora@tidewick.example', SENTENCE)->assertRedirect('/');
    $this->get('/accounts')->assertOk()->assertSee('Nora Lie');
    // The only one has lost everything: the phone, the codes, the password.
    $nora = who('nora@tidewick.example');
    $nora->update(['code_secret' => 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ']);
    $this->artisan('account:administrator', ['email' => 'nora@tidewick.example'])->assertExitCode(0);
    expect($nora->refresh()->asksForCode())->toBeFalse();
    $this->actingAs(who('runa@tidewick.example'))->get('/acts?area=accounts')->assertSee('The operator')->assertSee('administrator, by the operator');
});
