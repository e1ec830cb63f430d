<?php

declare(strict_types=1);

use App\Actions\Consent\PersonalValues;
use App\Actions\Delivery\OutcomeKind;
use App\Actions\Registers\Approve;
use App\Actions\Signup\LapseJourneys;
use App\Actions\Upkeep\DeleteDue;
use App\Models\Delivery;
use App\Models\KnownSignup;
use App\Models\Point;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Juramen\Register\RecordKind;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Anybody can type an address. A stranger overwrites, ends and learns nothing; who is known is asked for what is new, and decides. */

beforeEach(function (): void {
    mailServer('accept');
    [$this->runa, , $malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    // A second statement, answered with yes or no.
    $this->offer = function (string $control = 'tick') use ($malin): void {
        $purpose = array_values(array_filter(Database\Demo\House::PURPOSES, static fn (array $p): bool => $p['id'] === 'island-walks'))[0];
        $words = array_values(array_filter(Database\Demo\House::STATEMENTS, static fn (array $s): bool => $s['id'] === 'island-walks'))[0];
        app(Approve::class)(begun(RecordKind::Purpose, 'island-walks', $purpose, $malin)->name(), $this->runa, 1, '');
        app(Approve::class)(begun(RecordKind::Statement, 'island-walks', $words, $malin)->name(), $this->runa, 1, '');
        written(Point::query()->firstOrFail()->record, $malin, 'statements/island-walks', ['id' => 'island-walks', 'control' => $control]);
        publishNow('footer-newsletter', $this->runa);
    };
    $this->to = someone();
    $this->known = function (): void {
        $this->signUp($this->to, ['first-name' => 'Imke']);
        work();
        $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
        work();
    };
    $this->name = fn (): ?string => app(PersonalValues::class)->newestOf(Subscriber::query()->firstOrFail()->subject)->get('first-name')?->value;
});

/** What a stranger sees of an answer, without what differs between any two requests. */
function seen(TestResponse $answer): array
{
    return [$answer->getStatusCode(), $answer->headers->get('Location'), $answer->getCookie('sent', false)?->getPath()];
}

test('whoever is permitted already is not asked again: they get word, and the visitor sees what everybody sees', function (): void {
    ($this->known)();
    Carbon::setTestNow(now()->addHour());
    $known = $this->signUp(strtoupper($this->to), ['first-name' => 'Imke']);
    $stranger = $this->signUp(someone());
    expect(seen($known))->toBe(seen($stranger));
    expect(Delivery::query()->where('kind', 'choices')->count())->toBe(1)->and($this->acts())->toBe(['given', 'confirmation-sent', 'confirmed', 'given'])
        ->and(DB::table('permissions')->where('allowed', true)->count())->toBe(1);
    work();
    $mail = arrived($this->to)[0];
    expect($mail['subject'])->toStartWith('Nothing has changed')->and($mail['text'])->toContain('once a month')->toContain('/withdraw/')
        ->not->toContain('/confirm/')->and(implode("\n", $mail['headers']))->toContain('List-Unsubscribe-Post');
    // Sent twice from one page it is one.
    $marks = $this->marks();
    $this->signUp($this->to, ['first-name' => 'Imke'], marks: $marks);
    $this->signUp($this->to, ['first-name' => 'Imke'], marks: $marks);
    expect(Delivery::query()->where('kind', 'choices')->count())->toBe(2);
});

test('a box that is left alone withdraws nothing, and new purposes alone are asked for', function (): void {
    ($this->known)();
    ($this->offer)();
    Carbon::setTestNow(now()->addHour());
    $this->signUp($this->to, ['first-name' => 'Imke', 'yes-voyage-news' => 'yes', 'yes-island-walks' => 'yes']);
    work();
    $asked = SignupJourney::query()->orderByDesc('asked_at')->firstOrFail();
    $mail = arrived($this->to)[0];
    expect($mail['text'])->toContain('/confirm/'.$this->confirmToken($asked))->not->toContain('once a month')
        ->and(DB::table('permissions')->where('allowed', true)->pluck('purpose')->all())->toBe(['voyage-news']);
    $this->openLink('/confirm/'.$this->confirmToken($asked))->assertOk()->assertDontSee('once a month');
    $this->post('/confirm', ['token' => $this->confirmToken($asked)])->assertOk();
    expect(DB::table('permissions')->where('allowed', true)->orderBy('purpose')->pluck('purpose')->all())->toBe(['island-walks', 'voyage-news']);
    $this->signUp($this->to, ['yes-voyage-news' => '', 'yes-island-walks' => 'yes']);
    expect(DB::table('permissions')->where('allowed', true)->count())->toBe(2);
    $this->artisan('consent:rebuild', ['--check' => true])->assertExitCode(0);
});

test('what a stranger typed about somebody known shows nowhere and is used for nothing until they confirm it', function (): void {
    ($this->known)();
    ($this->offer)();
    Carbon::setTestNow(now()->addHour());
    $this->signUp($this->to, ['first-name' => 'Rude Word', 'yes-voyage-news' => '', 'yes-island-walks' => 'yes']);
    work();
    $person = Subscriber::query()->sole()->subject->hex();
    $this->actingAs($this->runa);
    $entry = DB::table($this->ledger('entries'))->where('kind', 'given')->orderByDesc('position')->value('id');
    $pages = ["/evidence/$person", "/evidence/$person?entry=".bin2hex($entry), "/evidence/$person/shown/".bin2hex($entry), "/evidence/$person/printed"];
    $shown = implode('', array_map(fn (string $page): string => (string) $this->get($page)->getContent(), $pages));
    expect($shown)->not->toContain('Rude Word')->toContain('nobody who has this inbox has confirmed it')->and(($this->name)())->toBe('Imke');
    expect(implode('', array_map(static fn (array $m): string => $m['raw'], arrived($this->to))))->not->toContain('Rude');
    // Confirmed, it is theirs.
    $this->post('/confirm', ['token' => $this->confirmToken(SignupJourney::query()->orderByDesc('asked_at')->firstOrFail())]);
    expect(($this->name)())->toBe('Rude Word');
});

test('other details wait for the person: named on the page and never shown, taken over once, gone after their days', function (): void {
    ($this->known)();
    Carbon::setTestNow(now()->addHour());
    $this->signUp($this->to, ['first-name' => 'Rude Word']);
    expect(work())->toBe([OutcomeKind::Accepted])->and(($this->name)())->toBe('Imke')
        ->and(DB::table('known_signups')->value('content'))->not->toContain('Rude');
    $mail = arrived($this->to)[0];
    expect($mail['subject'])->toStartWith('Your details')->and($mail['raw'])->not->toContain('Rude')
        ->and(preg_match('#/details/(\S+)#', $mail['text'], $found))->toBe(1);
    foreach (['x', $this->confirmToken(), $this->withdrawToken()] as $other) {
        $this->post('/details', ['token' => $other])->assertNotFound();
        $this->get("/details/$other")->assertNotFound();
    }
    foreach ([1, 2] as $time) {
        $this->get("/details/$found[1]")->assertStatus(303);
        $this->withUnencryptedCookie('details', $found[1])->get('/details')->assertOk()->assertSee('First name')->assertDontSee('Rude');
    }
    expect(($this->name)())->toBe('Imke');
    $this->post('/details', ['token' => $found[1]])->assertOk()->assertSee('Your details are changed');
    $this->post('/details', ['token' => $found[1], 'language' => 'de'], ['Accept-Language' => 'en'])
        ->assertStatus(410)->assertSee('Dieser Link ist abgelaufen');
    $this->post('/details', ['token' => $found[1], 'language' => ['xx']])->assertStatus(410);
    expect(($this->name)())->toBe('Rude Word')->and(KnownSignup::query()->count())->toBe(0)
        ->and($this->acts())->toBe(['given', 'confirmation-sent', 'confirmed', 'corrected']);
    // Another time nobody presses.
    $this->signUp($this->to, ['first-name' => 'Third']);
    work();
    preg_match('#/details/(\S+)#', arrived($this->to)[0]['text'], $found);
    Carbon::setTestNow(now()->addDays(7)->addSecond());
    $this->withUnencryptedCookie('details', $found[1])->get('/details')->assertStatus(410);
    $this->post('/details', ['token' => $found[1]])->assertStatus(410);
    app(DeleteDue::class)();
    expect(KnownSignup::query()->count())->toBe(0)->and(($this->name)())->toBe('Rude Word');
});

test('a no is entered and ends nothing: whoever is permitted can stop in one press, once a day, and nobody else hears of it', function (): void {
    ($this->offer)('yes-no');
    $this->signUp($this->to, ['yes-voyage-news' => '', 'yes-island-walks' => 'yes']);
    work();
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    work();
    Carbon::setTestNow('2026-11-30 08:00:00');
    foreach ([1, 2, 3] as $time) {
        $this->signUp($this->to, ['yes-voyage-news' => 'yes', 'yes-island-walks' => 'no']);
        Carbon::setTestNow(now()->addMinute());
    }
    // What was sent is kept once, whatever they are told of it.
    expect(KnownSignup::query()->count())->toBe(3);
    expect(Delivery::query()->where('kind', 'no-chosen')->count())->toBe(1)->and(DB::table('permissions')->where('purpose', 'island-walks')->value('allowed'))
        ->toBe(1)->and(array_count_values($this->acts())['refused'])->toBe(3);
    work();
    $mail = array_values(array_filter(arrived($this->to), static fn (array $m): bool => str_starts_with($m['subject'], 'Shall we stop')))[0];
    expect(preg_match('#/withdraw/(\S+)#', $mail['text'], $found))->toBe(1)->and($mail['text'])->not->toContain('once a month');
    // Of what is not permitted nobody is told, whoever it is.
    $deliveries = Delivery::query()->count();
    $stranger = $this->signUp($other = someone(), ['yes-voyage-news' => 'yes', 'yes-island-walks' => 'no']);
    expect(Delivery::query()->count())->toBe($deliveries + 1)->and(Delivery::query()->where('kind', 'no-chosen')->count())->toBe(1)
        ->and(seen($stranger)[0])->toBe(303);
    $this->post('/withdraw', ['token' => $found[1]])->assertOk();
    expect(DB::table('permissions')->where('purpose', 'island-walks')->value('allowed'))->toBe(0);
    expect(arrived($other))->toBe([]);
});

test('under single opt-in too, what is added in the name of somebody known waits for them', function (): void {
    ($this->known)();
    ($this->offer)();
    written(Point::query()->firstOrFail()->record, User::query()->orderBy('id')->skip(2)->firstOrFail(), 'countries', ['SE']);
    publishNow('footer-newsletter', $this->runa);
    houseSets(['double-opt-in' => false]);
    Carbon::setTestNow(now()->addHour());
    $this->signUp($this->to, ['yes-voyage-news' => 'yes', 'yes-island-walks' => 'yes']);
    expect(DB::table('permissions')->where('purpose', 'island-walks')->value('allowed'))->toBe(0)
        ->and(SignupJourney::query()->orderByDesc('asked_at')->firstOrFail()->state->value)->toBe('asked');
    $this->signUp(someone(), ['yes-voyage-news' => 'yes', 'yes-island-walks' => '']);
    expect(SignupJourney::query()->orderByDesc('asked_at')->firstOrFail()->state->value)->toBe('confirmed');
});

test('an address that was mistyped and is somebody else\'s is mended: the right one is asked for everything', function (): void {
    ($this->known)();
    ($this->offer)();
    Carbon::setTestNow(now()->addHour());
    $answer = $this->signUp($this->to, ['first-name' => 'Oda', 'yes-voyage-news' => 'yes', 'yes-island-walks' => 'yes']);
    $ticket = $answer->getCookie('sent', false)->getValue();
    Carbon::setTestNow(now()->addSeconds(9));
    $this->post('/forms/footer-newsletter/en/sent', ['do' => 'mend', 'ticket' => $ticket, 'email' => $right = someone()])->assertStatus(303);
    $this->post('/forms/footer-newsletter/en/sent', ['do' => 'mend', 'ticket' => $ticket, 'email' => $right])->assertStatus(303);
    expect(KnownSignup::query()->count())->toBe(0)
        ->and(SignupJourney::query()->orderBy('asked_at')->get()->map(fn (SignupJourney $j): string => $j->state->value)->all())
        ->toBe(['confirmed', 'corrected', 'asked']);
    work();
    [$mail] = arrived($right);
    expect($mail['text'])->toContain('once a month')->and($this->acts())->not->toContain('withdrawn')
        ->and(DB::table('permissions')->where('allowed', true)->count())->toBe(1);
    $this->post('/confirm', ['token' => $this->confirmToken(SignupJourney::query()->orderByDesc('asked_at')->firstOrFail())])->assertOk();
    expect(DB::table('permissions')->where('allowed', true)->count())->toBe(3);
});

test('lapsing takes from somebody already permitted only what the new sign-up brought', function (): void {
    ($this->known)();
    ($this->offer)();
    $this->signUp($this->to, ['first-name' => 'Somebody Else', 'yes-voyage-news' => '', 'yes-island-walks' => 'yes']);
    $this->mailsAreTaken();
    Carbon::setTestNow(now()->addDays(8));
    expect(app(LapseJourneys::class)())->toBe(1)->and(DB::table('permissions')->where('allowed', true)->pluck('purpose')->all())->toBe(['voyage-news'])
        ->and(DB::table('contact_points')->count())->toBe(1);
    $names = DB::table('disclosures')->pluck('text')->map(fn ($t) => json_decode(base64_decode(strtr($t, '-_', '+/')), true)[2]);
    expect($names)->toContain('Imke')->not->toContain('Somebody Else');
});

test('choices of somebody known take the place of earlier ones, or are added to them where the sheet says so, in whatever language', function (bool $adds): void {
    $malin = User::query()->orderBy('id')->skip(2)->firstOrFail();
    $answers = [['id' => 'north', 'label' => ['en' => 'North', 'de' => 'Norden']], ['id' => 'south', 'label' => ['en' => 'South', 'de' => 'Süden']]];
    written(Point::query()->firstOrFail()->record, $malin, 'fields/route', [
        'id' => 'route', 'kind' => 'choices', 'label' => ['en' => 'Routes', 'de' => 'Strecken'], 'required' => false, 'reason' => 'to tell of these alone',
        'options' => $answers, ...($adds ? ['adds' => true] : []),
    ]);
    publishNow('footer-newsletter', $this->runa);
    $this->signUp($this->to, ['route-north' => 'yes']);
    work();
    $this->post('/confirm', ['token' => $this->confirmToken()]);
    Carbon::setTestNow(now()->addHour());
    $routes = fn (): ?string => app(PersonalValues::class)->newestOf(Subscriber::query()->firstOrFail()->subject)->get('choices')?->value;
    $answer = $this->signUp($this->to, ['route-south' => 'yes'], 'de');
    work();
    expect($routes())->toBe('North');
    // To the right address goes what was sent, and nothing of what is known of whose address it was by mistake.
    $ticket = $answer->getCookie('sent', false)->getValue();
    $this->post('/forms/footer-newsletter/de/sent', ['do' => 'mend', 'ticket' => $ticket, 'email' => someone()])->assertStatus(303);
    $sent = app(PersonalValues::class)->newestOf(Subscriber::query()->orderByDesc('id')->firstOrFail()->subject)->get('choices')?->value;
    expect($sent)->toBe('Süden');
    Carbon::setTestNow(now()->addHour());
    $this->signUp($this->to, ['route-south' => 'yes'], 'de');
    work();
    preg_match('#/details/(\S+)#', arrived($this->to)[0]['text'], $found);
    $this->post('/details', ['token' => $found[1]])->assertOk();
    expect($routes())->toBe($adds ? "Norden\nSüden" : 'Süden');
})->with([[false], [true]]);

test('somebody known has their mail sent once more like everybody, twice at most and a minute apart', function (): void {
    ($this->known)();
    Carbon::setTestNow(now()->addHour());
    $ticket = $this->signUp($this->to, ['first-name' => 'Imke'])->getCookie('sent', false)->getValue();
    work();
    $again = function () use ($ticket): array {
        $this->post('/forms/footer-newsletter/en/sent', ['do' => 'again', 'ticket' => $ticket])->assertStatus(303);

        return work();
    };
    expect($again())->toBe([]);
    foreach ([[OutcomeKind::Accepted], [OutcomeKind::Accepted], []] as $sent) {
        Carbon::setTestNow(now()->addMinute());
        expect($again())->toBe($sent);
    }
});
