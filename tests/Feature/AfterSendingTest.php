<?php

declare(strict_types=1);

use App\Actions\Delivery\OutcomeKind;
use App\Actions\Signup\LapseJourneys;
use App\Models\Delivery;
use App\Models\Enquiry;
use App\Models\HeldSubmission;
use App\Models\Point;
use App\Models\SignupJourney;
use App\Models\User;
use App\Support\SentTicket;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Juramen\Canon\Instant;
use Juramen\Canon\MacRing;
use Juramen\Consent\Link;
use Tests\Support\Visitor;

uses(Visitor::class);

/* What whoever has just sent a form can still do: have the mail sent once more, and mend the address; and what whoever has the inbox can say. */

beforeEach(function (): void {
    mailServer('accept');
    $this->sent = '/forms/footer-newsletter/en/sent';
    // The ticket as the page's hidden inputs carry it.
    $this->ticket = function (TestResponse $answer): string {
        $page = $this->withUnencryptedCookie('sent', (string) $answer->getCookie('sent', false)?->getValue())->get((string) $answer->headers->get('Location'));

        return $this->hidden($page->assertOk())['ticket'];
    };
    $this->states = fn (): array => SignupJourney::query()->orderBy('asked_at')->get()->map(fn (SignupJourney $j): string => $j->state->value)->all();
    $this->values = fn (): array => DB::table('disclosures')->orderBy('id')->pluck('text')
        ->map(fn ($t) => json_decode(base64_decode(strtr($t, '-_', '+/')), true)[2])->reject(fn (string $v): bool => $v === '127.0.0.0/24')->values()->all();
});

test('the page behind the form shows the address, and has the mail sent once more: twice at most, a minute apart', function (): void {
    $to = someone();
    $answer = $this->signUp($to)->assertRedirect($this->sent);
    $cookie = $answer->getCookie('sent', false);
    expect([$cookie->getPath(), $cookie->isHttpOnly(), $cookie->getSameSite()])->toBe([$this->sent, true, 'lax'])
        ->and((string) $cookie->getValue())->not->toContain('someone');
    $ticket = ($this->ticket)($answer);
    $this->get($this->sent)->assertSee($to);
    $again = function () use ($ticket): array {
        $answer = $this->post($this->sent, ['do' => 'again', 'ticket' => $ticket])->assertStatus(303);
        $this->withUnencryptedCookie('sent', (string) $answer->getCookie('sent', false)->getValue())->get((string) $answer->headers->get('Location'))
            ->assertOk()->assertSee('We send it once more; twice at most');

        return work();
    };
    // Before the first has left there is nothing to repeat; and then not within the minute.
    expect($again())->toBe([OutcomeKind::Accepted])->and($again())->toBe([]);
    Carbon::setTestNow(now()->addMinute());
    expect($again())->toBe([OutcomeKind::Accepted])->and($again())->toBe([]);
    Carbon::setTestNow(now()->addMinute());
    expect($again())->toBe([OutcomeKind::Accepted]);
    Carbon::setTestNow(now()->addMinutes(20));
    expect($again())->toBe([])->and(arrived($to))->toHaveCount(3)
        ->and($this->acts())->toBe(['given', 'confirmation-sent', 'confirmation-sent', 'confirmation-sent']);
    // All three are the same mail with the same link; its days count from the last.
    $links = array_map(static fn (array $mail): string => preg_match('#/confirm/\S+#', $mail['text'], $found) === 1 ? $found[0] : '', arrived($to));
    expect(array_unique($links))->toHaveCount(1)->and($links[0])->toContain($this->confirmToken());
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertSee('You are signed up');
    expect($again())->toBe([OutcomeKind::Accepted], 'only the welcome');
    // Over after half an hour, and without the cookie nobody is shown anything to press.
    Carbon::setTestNow(now()->addMinutes(31));
    $this->post($this->sent, ['do' => 'again', 'ticket' => $ticket])->assertStatus(410)->assertSee('to the form');
    $this->withUnencryptedCookies(['sent' => ''])->get($this->sent)->assertOk()->assertDontSee('Send the mail once more')->assertDontSee($to);
});

test('a mistyped address is mended: what waited under it is forgotten, and the same answers go on to the right one', function (): void {
    [$wrong, $right] = [someone(), someone()];
    $ticket = ($this->ticket)($this->signUp($wrong, ['first-name' => 'Imke']));
    work();
    $first = $this->confirmToken();
    // Nothing that was typed is lost where it is no address, and nothing happens.
    $this->post($this->sent, ['do' => 'mend', 'ticket' => $ticket, 'email' => 'imke@'])->assertStatus(422)->assertSee('value="imke@"', false)
        ->assertSee('part behind the @');
    $this->post($this->sent, ['do' => 'mend', 'ticket' => $ticket, 'email' => $wrong])->assertStatus(422)->assertSee('the address that you gave before');
    Carbon::setTestNow(now()->addSeconds(9));
    $mended = $this->post($this->sent, ['do' => 'mend', 'ticket' => $ticket, 'email' => " $right "])->assertStatus(303);
    $next = ($this->ticket)($mended);
    $this->get($this->sent)->assertSee($right)->assertDontSee($wrong);
    expect(($this->states)())->toBe(['corrected', 'asked'])->and(($this->values)())->toBe([$right, 'Imke'])
        ->and($this->acts())->toBe(['given', 'confirmation-sent', 'address-corrected', 'erased', 'given'])
        ->and(DB::table('contact_points')->count())->toBe(1);
    $given = json_decode((string) DB::table($this->ledger('entries'))->where('kind', 'given')->orderByDesc('position')->value('body'), true);
    expect($given['details'])->toBe(['mended' => true, 'placement' => 'page', 'screening' => 'pass']);
    // Twice is once, from an older page too.
    $this->post($this->sent, ['do' => 'mend', 'ticket' => $ticket, 'email' => $right])->assertStatus(303);
    expect(($this->states)())->toBe(['corrected', 'asked'])->and(work())->toBe([OutcomeKind::Accepted])->and(arrived($right))->toHaveCount(1);
    // The old link leads nowhere but to the form; the new one confirms.
    $this->openLink("/confirm/$first")->assertStatus(410)->assertSee('This sign-up has ended')->assertSee('/forms/footer-newsletter/en');
    $this->post('/confirm', ['token' => $first])->assertStatus(410);
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    expect(($this->states)())->toBe(['corrected', 'confirmed']);
    // Confirmed, nothing is mended any more, and the page does not say so.
    $this->post($this->sent, ['do' => 'mend', 'ticket' => $next, 'email' => someone()])->assertStatus(303);
    expect(($this->states)())->toBe(['corrected', 'confirmed']);
    $this->artisan('consent:rebuild', ['--check' => true])->assertExitCode(0);
});

test('an address is mended twice at most, and a ticket is one that was made here', function (): void {
    $ticket = ($this->ticket)($this->signUp(someone()));
    foreach ([1, 2] as $time) {
        Carbon::setTestNow(now()->addSecond());
        $ticket = $this->withUnencryptedCookies([])->post($this->sent, ['do' => 'mend', 'ticket' => $ticket, 'email' => someone()])->assertStatus(303)
            ->getCookie('sent', false)->getValue();
    }
    $this->withUnencryptedCookie('sent', $ticket)->get($this->sent)->assertSee('Send the mail once more')->assertDontSee('Send it there instead');
    $this->post($this->sent, ['do' => 'mend', 'ticket' => $ticket, 'email' => someone()])->assertStatus(410);
    expect(($this->states)())->toBe(['corrected', 'corrected', 'asked']);
    foreach (['', 'nonsense', substr((string) $ticket, 0, -4).'AAAA', $this->confirmToken()] as $forged) {
        $this->post($this->sent, ['do' => 'mend', 'ticket' => $forged, 'email' => someone()])->assertStatus(410);
        $this->post($this->sent, ['do' => 'again', 'ticket' => $forged])->assertStatus(410);
    }
    expect(($this->states)())->toBe(['corrected', 'corrected', 'asked']);
});

test('what waits for an officer, and what was wanted besides, get the right address too', function (): void {
    [$runa, , $malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    written(Point::query()->firstOrFail()->record, $malin, 'kind', 'contact');
    publishNow('footer-newsletter', $runa);
    [$wrong, $right] = [someone(), someone()];
    // A trap that was touched: held, and its page is everybody's.
    $ticket = ($this->ticket)($this->signUp($wrong, ['homepage' => 'https://spam.example']));
    $answer = $this->post($this->sent, ['do' => 'mend', 'ticket' => $ticket, 'email' => $right])->assertStatus(303);
    expect(HeldSubmission::query()->sole()->content->email)->toBe($right)
        ->and(Enquiry::query()->sole()->content->email)->toBe($right)->and(Enquiry::query()->sole()->corrected_at)->not->toBeNull();
    $this->get((string) $answer->headers->get('Location'))->assertOk();
});

test('an inbox that was entered too often is not entered by mending either: that waits for an officer', function (): void {
    $full = someone();
    for ($i = 0; $i < 5; $i++) {
        Carbon::setTestNow(now()->addMinute());
        $this->signUp($full);
    }
    Carbon::setTestNow(now()->addMinute());
    $ticket = ($this->ticket)($this->signUp(someone()));
    $this->post($this->sent, ['do' => 'mend', 'ticket' => $ticket, 'email' => $full])->assertStatus(303);
    expect(HeldSubmission::query()->sole()->content->email)->toBe($full)->and(array_count_values(($this->states)()))->toBe(['asked' => 5, 'corrected' => 1]);
});

test('that was not me: from the page of the mail the sign-up ends and is forgotten, and nobody is asked again', function (): void {
    $to = someone();
    $this->signUp($to, ['first-name' => 'Somebody']);
    work();
    $page = $this->openLink('/confirm/'.$this->confirmToken())->assertOk()->assertSee('That was not me');
    $token = Link::NotTheirs->token(SignupJourney::query()->sole()->id, app(MacRing::class));
    $page->assertSee($token);
    foreach ([$this->confirmToken(), $this->withdrawToken(), 'x'] as $other) {
        $this->post('/not-theirs', ['token' => $other])->assertNotFound();
    }
    expect(($this->states)())->toBe(['mailed']);
    $this->post('/not-theirs', ['token' => $token])->assertOk()->assertSee('this has ended');
    $this->post('/not-theirs', ['token' => $token])->assertOk()->assertSee('this has ended');
    expect(($this->states)())->toBe(['not-theirs'])->and(($this->values)())->toBe([])->and(DB::table('contact_points')->count())->toBe(0)
        ->and(DB::table('do_not_contact')->count())->toBe(1)->and($this->acts())->toBe(['given', 'confirmation-sent', 'not-theirs', 'erased']);
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertSee('this has ended');
    expect(($this->states)())->toBe(['not-theirs']);
    Carbon::setTestNow(now()->addDays(40));
    expect(app(LapseJourneys::class)())->toBe(0)->and(work())->toBe([]);
    $this->artisan('consent:rebuild', ['--check' => true])->assertExitCode(0);
});

test('where nothing has to be confirmed, the first mail has a way to say that it was not them, which ends what it gave', function (): void {
    [$runa, , $malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    written(Point::query()->firstOrFail()->record, $malin, 'countries', ['SE']);
    publishNow('footer-newsletter', $runa);
    houseSets(['double-opt-in' => false]);
    $to = someone();
    $this->signUp($to)->assertRedirect($this->sent);
    expect(work())->toBe([OutcomeKind::Accepted])->and(DB::table('permissions')->value('allowed'))->toBe(1);
    [$mail] = arrived($to);
    expect(preg_match('#/not-theirs/(\S+)#', $mail['text'], $found))->toBe(1);
    foreach ([1, 2] as $time) {
        $this->get("/not-theirs/$found[1]")->assertStatus(303);
        $this->withUnencryptedCookie('not-theirs', $found[1])->get('/not-theirs')->assertOk()->assertSee('That was not me');
    }
    expect(DB::table('permissions')->value('allowed'))->toBe(1);
    $this->post('/not-theirs', ['token' => $found[1]])->assertOk();
    expect(DB::table('permissions')->value('allowed'))->toBe(0)->and(DB::table('permissions')->value('reason'))->toBe('not-theirs')
        ->and(($this->values)())->toBe([])->and(($this->states)())->toBe(['not-theirs'])->and($this->acts())->toBe(['given', 'not-theirs', 'erased']);
    $this->withUnencryptedCookie('not-theirs', $found[1])->get('/not-theirs')->assertSee('this has ended');
    $this->actingAs(User::query()->firstOrFail())->get('/evidence/signups?state=not%20theirs')->assertSee('1 not theirs');
});

test('a mail that is refused for its address ends the sign-up at once; one that is refused for anything else does not', function (): void {
    mailServer('unknown');
    $this->signUp(someone());
    expect(work())->toBe([OutcomeKind::Refused])->and(($this->states)())->toBe(['undeliverable'])->and(($this->values)())->toBe([])
        ->and(Delivery::query()->sole()->problem)->toBe('no-such-mailbox')->and($this->acts())->toBe(['given', 'undeliverable', 'erased']);
    mailServer('refuse');
    Carbon::setTestNow(now()->addMinute());
    $this->signUp(someone());
    expect(work())->toBe([OutcomeKind::Refused])->and(($this->states)())->toBe(['undeliverable', 'asked'])->and(($this->values)())->toHaveCount(1);
    mailServer('accept');
});

test('tickets come back as they were made, for half an hour', function (): void {
    $now = Instant::of(now());
    $ticket = SentTicket::issue(Juramen\Canon\Id::random(), Juramen\Register\EmailAddress::parse('imke@post.example'), $now);
    $read = SentTicket::open($ticket->seal(), $now->plusSeconds(1800));
    expect($read)->toEqual($ticket)->and(SentTicket::open($ticket->seal(), $now->plusSeconds(1801)))->toBeNull();
    $other = Juramen\Register\EmailAddress::parse('oda@post.example');
    expect($ticket->mended($other, $now)->nonce)->toEqual($ticket->mended($other, $now->plusSeconds(5))->nonce)->not->toEqual($ticket->nonce);
});
