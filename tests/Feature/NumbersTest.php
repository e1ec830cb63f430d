<?php

declare(strict_types=1);

use App\Actions\Delivery\Deliveries;
use App\Actions\Delivery\OutcomeKind;
use App\Actions\Evidence\AskPermission;
use App\Actions\Ledger\LedgerTables;
use App\Actions\Registers\Approve;
use App\Actions\Signup\AskWaitingNumbers;
use App\Actions\Signup\LapseJourneys;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\Point;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Juramen\Canon\Instant;
use Juramen\Canon\MacRing;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Link;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Consent\Target;
use Juramen\Consent\Through;
use Juramen\Register\Channel;
use Juramen\Register\RecordKind;
use Tests\Support\Visitor;

uses(Visitor::class);

/* What reaches people by their number is confirmed through that number: by a message with a link, and never by a mail. */

beforeEach(function (): void {
    [$this->runa, , $malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    config(['juramen.sms.url' => mailbox().'/sms']);
    mailServer('accept');
    // A second statement, by the channels that are named, and a field for the number.
    $this->offer = function (string ...$channels) use ($malin): void {
        $words = begun(RecordKind::Statement, 'delay-alerts', ['id' => 'delay-alerts', 'purpose' => 'voyage-news', 'channels' => $channels, 'texts' => [
            'en' => 'Yes, {controller} may tell me of delays of my sailings {rate}. {withdrawal}',
            'de' => 'Ja, {controller} darf mir {rate} Verspätungen meiner Fahrten melden. {withdrawal}',
        ]], $malin);
        app(Approve::class)($words->name(), $this->runa, 1, 'A comment of fifteen letters.');
        $record = Point::query()->firstOrFail()->record;
        written($record, $malin, 'statements/delay-alerts', ['id' => 'delay-alerts']);
        $label = ['en' => 'Mobile', 'de' => 'Handy'];
        written($record, $malin, 'fields/phone', ['id' => 'phone', 'kind' => 'phone', 'label' => $label, 'required' => false, 'reason' => 'to warn of delays']);
        publishNow('footer-newsletter', $this->runa);
    };
    $this->number = '+4477009'.random_int(10000, 99999);
    $this->both = ['yes-voyage-news' => '', 'yes-delay-alerts' => 'yes', 'phone' => $this->number];
    $this->may = fn (Channel $channel, ?Subscriber $of = null): Permission => Permissions::of(
        app(LedgerTables::class)->chain(($of ?? Subscriber::query()->orderByDesc('id')->firstOrFail())->subject)
    )->for(new Target('voyage-news', $channel));
    $this->messages = fn (): array => Http::get(mailbox().'/messages.json', ['to' => $this->number])->json();
    $this->tokenOf = fn (array $message): string => preg_match('#/confirm/(\S+)#', $message['text'], $found) === 1 ? $found[1] : '';
});

test('the mail confirms email alone, the message everything by number, each on its own path', function (): void {
    ($this->offer)('email', 'sms', 'phone');
    $this->signUp('imke@post.example', [...$this->both, 'phone' => ''])->assertStatus(422)->assertSee('fill this in, or take the tick away: Mobile');
    $this->signUp('imke@post.example', $this->both, 'de')->assertRedirect('/forms/footer-newsletter/de/sent');
    expect(work())->toBe([OutcomeKind::Accepted, OutcomeKind::Accepted]);
    $mail = SignupJourney::query()->where('through', 'mail')->sole();
    $this->openLink('/confirm/'.$this->confirmToken($mail))->assertSee('erst, wenn Ihre Nummer bestätigt ist');
    $this->post('/confirm', ['token' => $this->confirmToken($mail)])->assertOk();
    expect(($this->may)(Channel::Email)->allowed())->toBeTrue()->and(($this->may)(Channel::Sms)->allowed())->toBeFalse()
        ->and(AskPermission::sentence(($this->may)(Channel::Sms), fn (Instant $i): string => 'then'))->toContain('the number had not been confirmed by then');
    [$message] = ($this->messages)();
    expect($message['from'])->toBe('Tidewick Ferries')->and($message['text'])->toContain('Diese Nummer wurde bei')->not->toContain('imke');
    $token = ($this->tokenOf)($message);
    $this->openLink("/confirm/$token")->assertOk()->assertSee('Verspätungen meiner Fahrten')->assertDontSee('einmal im Monat Neuigkeiten');
    expect(($this->may)(Channel::Sms)->allowed())->toBeFalse();
    $this->post('/confirm', ['token' => $token])->assertOk()->assertSee('Ihre Nummer ist bestätigt')->assertSee('/withdraw/');
    $this->post('/confirm', ['token' => $token])->assertOk()->assertSee('Sie hatten schon bestätigt');
    expect(($this->may)(Channel::Sms)->allowed())->toBeTrue()->and(($this->may)(Channel::Phone)->allowed())->toBeTrue()
        ->and($this->acts())->toBe(['given', 'confirmation-sent', 'confirmation-sent', 'confirmed', 'confirmed', 'confirmed']);
    $this->artisan('consent:rebuild', ['--check' => true])->assertExitCode(0);
    // One sign-up in the list, whatever its paths.
    $this->actingAs($this->runa)->get('/evidence/signups?state=confirmed')->assertSee('1 confirmed');
    // Withdrawing ends both.
    $this->post('/withdraw', ['token' => $this->withdrawToken()])->assertOk();
    expect(SignupJourney::query()->pluck('state')->all())->toBe([JourneyState::Revoked, JourneyState::Revoked]);
});

test('for a number alone no mail is sent; it lapses as an address does, and is deleted then', function (): void {
    ($this->offer)('sms');
    $sent = $this->signUp('imke@post.example', $this->both)->assertRedirect('/forms/footer-newsletter/en/received');
    $location = (string) $sent->headers->get('Location');
    $this->get($location)->assertSee('only once your number is confirmed');
    expect(work())->toBe([OutcomeKind::Accepted])->and(Delivery::query()->pluck('kind')->all())->toBe([DeliveryKind::NumberConfirmation]);
    $token = ($this->tokenOf)(($this->messages)()[0]);
    Carbon::setTestNow(now()->addDays(7)->addSecond());
    $this->openLink("/confirm/$token")->assertStatus(410);
    expect(app(LapseJourneys::class)())->toBe(1)->and(($this->may)(Channel::Sms)->reason->value)->toBe('lapsed')
        ->and(DB::table('disclosures')->count())->toBe(0)->and(DB::table('contact_points')->count())->toBe(0)
        ->and($this->acts())->toBe(['given', 'confirmation-sent', 'lapsed', 'erased']);
    $this->artisan('consent:rebuild', ['--check' => true])->assertExitCode(0);
});

test('whoever agreed by a number alone has the message sent once more: twice at most, a minute apart, and everybody is answered alike', function (): void {
    ($this->offer)('sms');
    $sent = $this->signUp('imke@post.example', $this->both);
    [$page, $cookie] = [(string) $sent->headers->get('Location'), $sent->getCookie('sent', false)];
    expect($cookie->getPath())->toBe($page)->and(($this->texts = fn (): int => count(($this->messages)()))())->toBe(0);
    $ticket = $this->hidden($this->withUnencryptedCookie('sent', (string) $cookie->getValue())->get($page)->assertOk())['ticket'];
    $again = function () use ($page, $ticket): int {
        $this->post($page, ['ticket' => $ticket])->assertRedirect("$page?done=again");
        $this->get("$page?done=again")->assertOk()->assertSee('We send it once more');
        work();

        return ($this->texts)();
    };
    // Nothing has left yet: there is nothing to repeat.
    expect($again())->toBe(1)->and($again())->toBe(1);
    foreach ([2, 3, 3] as $count) {
        Carbon::setTestNow(now()->addSeconds(61));
        expect($again())->toBe($count);
    }
    $tokens = array_unique(array_map($this->tokenOf, ($this->messages)()));
    expect($tokens)->toHaveCount(1)->and(Delivery::query()->where('kind', '<>', DeliveryKind::NumberConfirmation)->count())->toBe(0);
    // The same answer once it is confirmed, and to a bot that is held; a ticket of nobody's, and one whose time is over, are told so.
    $this->post('/confirm', ['token' => $tokens[0]])->assertOk();
    Carbon::setTestNow(now()->addSeconds(61));
    expect($again())->toBe(3);
    $held = $this->signUp('bot@post.example', [...$this->both, 'homepage' => 'x'])->assertRedirect($page);
    expect($held->getCookie('sent', false)?->getPath())->toBe($page);
    $this->post($page, ['ticket' => 'nobody'])->assertStatus(410)->assertSee('open for too long');
    Carbon::setTestNow(now()->addMinutes(31));
    $this->post($page, ['ticket' => $ticket])->assertStatus(410);
});

test('whichever path comes to nothing takes what it was for, and leaves the other what it needs', function (string $lapses): void {
    ($this->offer)('email', 'sms');
    $this->signUp('oda@post.example', [...$this->both, 'first-name' => 'Oda']);
    work();
    $other = SignupJourney::query()->where('through', $lapses === 'mail' ? 'number' : 'mail')->sole();
    $this->post('/confirm', ['token' => $this->confirmToken($other)])->assertOk();
    Carbon::setTestNow(now()->addDays(8));
    expect(app(LapseJourneys::class)())->toBe(1);
    $kept = DB::table('disclosures')->pluck('text')->map(fn ($t) => json_decode(base64_decode(strtr($t, '-_', '+/')), true)[2])
        ->reject(fn (string $value): bool => $value === '127.0.0.0/24')->values()->all();
    expect($kept)->toBe($lapses === 'mail' ? [$this->number] : ['oda@post.example', 'Oda'])
        ->and(DB::table('contact_points')->count())->toBe($lapses === 'mail' ? 0 : 1)
        ->and(($this->may)($lapses === 'mail' ? Channel::Sms : Channel::Email)->allowed())->toBeTrue()
        ->and(($this->may)($lapses === 'mail' ? Channel::Email : Channel::Sms)->reason->value)->toBe('lapsed');
    $this->artisan('consent:rebuild', ['--check' => true])->assertExitCode(0);
})->with(['mail', 'number']);

test('a number that no message reaches ends at once; a carrier that is away is tried again, and gets no message twice', function (): void {
    ($this->offer)('sms');
    mailServer('later');
    $this->signUp('imke@post.example', $this->both);
    expect(work())->toBe([OutcomeKind::NotNow])->and(($this->messages)())->toBe([]);
    mailServer('accept');
    Carbon::setTestNow(now()->addMinute());
    $claimed = app(Deliveries::class)->claim();
    expect(app(App\Actions\Delivery\Deliver::class)($claimed)->kind)->toBe(OutcomeKind::Accepted);
    // As after a crash between the carrier's answer and ours: under the same key it is the same message.
    $handler = app(App\Actions\Delivery\DeliveryHandlers::class)->for(DeliveryKind::NumberConfirmation);
    expect($handler->attempt($claimed->refresh())->kind)->toBe(OutcomeKind::Accepted)->and(($this->messages)())->toHaveCount(1);
    mailServer('unknown');
    Carbon::setTestNow(now()->addMinute());
    $this->signUp('oda@post.example', $this->both);
    expect(work())->toBe([OutcomeKind::Refused])->and(SignupJourney::query()->orderByDesc('asked_at')->firstOrFail()->state)->toBe(JourneyState::Undeliverable)
        ->and(($this->may)(Channel::Sms)->reason->value)->toBe('undeliverable')
        ->and(DB::table('disclosures')->where('subject', Subscriber::query()->orderByDesc('id')->firstOrFail()->subject->bytes)->count())->toBe(0);
    mailServer('accept');
    config(['juramen.sms.url' => '']);
    Carbon::setTestNow(now()->addMinute());
    $this->signUp('ida@post.example', $this->both);
    expect(work())->toBe([OutcomeKind::NotNow])->and(Delivery::query()->orderByDesc('id')->firstOrFail()->problem)->toBe('no-carrier');
});

test('what waited before numbers could be confirmed is asked once, and what waited for more than thirty days lapses unasked', function (): void {
    ($this->offer)('email', 'sms');
    $this->signUp('oda@post.example', $this->both);
    $this->signUp('imke@post.example', [...$this->both, 'yes-voyage-news' => 'yes']);
    // As it stood before: one row for a sign-up, none for its number.
    DB::table('deliveries')->where('kind', 'number-confirmation')->delete();
    DB::table('journeys')->where('besides', true)->delete();
    DB::table('journeys')->orderBy('asked_at')->limit(1)->update(['asked_at' => now()->subDays(40)]);
    expect(app(AskWaitingNumbers::class)())->toBe(2)->and(app(AskWaitingNumbers::class)())->toBe(0)
        ->and(Delivery::query()->where('kind', 'number-confirmation')->count())->toBe(2);
    work();
    expect(($this->messages)())->toHaveCount(1)->and(app(LapseJourneys::class)())->toBe(2, 'its mail and its number');
    $this->post('/confirm', ['token' => ($this->tokenOf)(($this->messages)()[0])])->assertSee('Your number is confirmed');
    [$oda, $imke] = Subscriber::query()->orderBy('id')->get()->all();
    expect(($this->may)(Channel::Sms, $oda)->reason->value)->toBe('lapsed')->and(($this->may)(Channel::Sms, $imke)->allowed())->toBeTrue();
});

test('whoever was not it is forgotten on every path: the message to the number is gone from the stand-in, too', function (): void {
    config(['juramen.mailbox_url' => mailbox()]);
    ($this->offer)('email', 'sms');
    $this->signUp($to = someone(), $this->both);
    work();
    expect(($this->messages)())->toHaveCount(1)->and(arrived($to))->toHaveCount(1);
    $mail = SignupJourney::query()->where('through', 'mail')->sole();
    $this->post('/not-theirs', ['token' => Link::NotTheirs->token($mail->id, app(MacRing::class))])->assertOk();
    expect(doQueuedWork())->toBe(0)->and(($this->messages)())->toBe([])->and(arrived($to))->toBe([])
        ->and(SignupJourney::query()->pluck('state')->all())->toBe([JourneyState::NotTheirs, JourneyState::NotTheirs]);
});

test('the link of a message confirms no inbox, and that of a mail no number', function (): void {
    ($this->offer)('email', 'sms');
    $this->signUp('imke@post.example', $this->both);
    work();
    foreach (Through::cases() as $through) {
        expect(($this->may)($through->channel())->allowed())->toBeFalse();
        $journey = SignupJourney::query()->where('through', $through)->sole();
        $this->post('/confirm', ['token' => Link::Confirm->token($journey->id, app(MacRing::class))])->assertOk();
        expect(($this->may)($through->channel())->allowed())->toBeTrue();
    }
});
