<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Ledger\LedgerTables;
use App\Actions\Points\ReviewPublication;
use App\Actions\Registers\Approve;
use App\Actions\Upkeep\DeleteDue;
use App\Models\Enquiry;
use App\Models\Point;
use App\Models\Record;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\JourneyState;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Consent\Target;
use Juramen\Points\FieldValue;
use Juramen\Register\Channel;
use Juramen\Register\RecordKind;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Consent beside something else, and consent by channels that no mail confirms. */

beforeEach(function (): void {
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->change = fn (string $place, mixed $value) => written(Point::query()->firstOrFail()->record, $this->malin, $place, $value);
    $this->publish = fn () => publishNow('footer-newsletter', $this->runa);
    // A second statement, by email and SMS, and a third by SMS alone.
    $this->byNumber = function (array $channels, string $id = 'delay-alerts', string $purpose = 'voyage-news'): void {
        $words = begun(
            RecordKind::Statement, $id,
            [
                'id' => $id, 'purpose' => $purpose, 'channels' => $channels,
                'texts' => [
                    'en' => "Yes, {controller} may tell me of delays of my sailings {rate}, $id. {withdrawal}",
                    'de' => "Ja, {controller} darf mir {rate} Verspätungen meiner Fahrten melden, $id. {withdrawal}",
                ],
            ],
            $this->malin
        );
        app(Approve::class)($words->name(), $this->runa, 1, 'A comment of fifteen letters.');
        ($this->change)("statements/$id", ['id' => $id]);
    };
    $this->may = function (Channel $channel): Permission {
        return Permissions::of(
            app(LedgerTables::class)->chain(Subscriber::query()->orderByDesc('id')->firstOrFail()->subject)
        )->for(new Target('voyage-news', $channel));
    };
});

test('a form that serves something else is sent with every box empty, without a consent, and what was sent is kept', function (string $kind): void {
    ($this->change)('kind', $kind);
    ($this->publish)();
    $location = (string) $this->signUp('imke@post.example', ['first-name' => 'Imke', 'yes-voyage-news' => ''], 'de')
        ->assertRedirect('/forms/footer-newsletter/de/received')->headers->get('Location');
    $this->get($location)->assertOk()->assertSee('ist angekommen')->assertDontSee('Postfach');
    $enquiry = Enquiry::query()->firstOrFail();
    expect($this->acts())->toBe([])->and(DB::table('deliveries')->pluck('kind')->all())->toBe(['acknowledgement'])
        ->and(DB::table('subscribers')->count())->toBe(0)
        ->and($enquiry->content->email)->toBe('imke@post.example')->and($enquiry->content->values)->toEqual([new FieldValue('first-name', 'Imke')])
        ->and(DB::table('enquiries')->value('content'))->not->toContain('imke');
    // With a tick, both.
    $this->get((string) $this->signUp('imke@post.example')->assertRedirect('/forms/footer-newsletter/en/sent')->headers->get('Location'))
        ->assertSee('Check your inbox')->assertSee('What else you sent has arrived');
    expect($this->acts())->toBe(['given'])->and(Enquiry::query()->count())->toBe(2);
    $this->actingAs($this->runa)->get('/enquiries')->assertOk()->assertSee('imke@post.example')->assertSee('2 wait for somebody');
    expect((string) $this->get('/enquiries?as=csv')->assertOk()->streamedContent())->toContain('footer-newsletter,2,de,')->not->toContain('post.example');
    $this->post('/enquiries/'.$enquiry->id->hex().'/delete')->assertRedirect('/enquiries');
    expect(Enquiry::query()->count())->toBe(1);
    $this->post('/enquiries/several', ['act' => 'close', 'chosen' => [Enquiry::query()->sole()->id->hex()]])->assertSessionHas('said', '1 is closed.');
    Carbon::setTestNow(now()->addDays(181));
    expect(app(DeleteDue::class)()->get('enquiries')->count)->toBe(1)->and(Enquiry::query()->count())->toBe(0);
})->with(['contact', 'download', 'order', 'other']);

test('what was sent and what was agreed to stand or fall together', function (): void {
    ($this->change)('kind', 'contact');
    ($this->publish)();
    $marks = $this->marks();
    DB::connection('owner')->statement('ALTER TABLE deliveries MODIFY idempotency_key VARCHAR(8)');
    try {
        $this->signUp('imke@post.example', marks: $marks)->assertStatus(503);
    } finally {
        DB::connection('owner')->statement('ALTER TABLE deliveries MODIFY idempotency_key VARCHAR(64) NOT NULL');
    }
    expect(Enquiry::query()->count())->toBe(0)->and($this->acts())->toBe([]);
    $this->signUp('imke@post.example', marks: $marks)->assertRedirect();
    $this->signUp('imke@post.example', marks: $marks)->assertRedirect();
    expect(Enquiry::query()->count())->toBe(1)->and($this->acts())->toBe(['given']);
});

test('a statement by SMS or post stands on no form without the field that reaches it', function (string $channel): void {
    ($this->byNumber)(['email', $channel]);
    expect(fn () => ($this->publish)())->toBeRefused(ActRefusal::Unreachable);
    $this->actingAs($this->malin)->get('/points/footer-newsletter')->assertSee('It cannot be published so');
    if ($channel !== 'post') {
        ($this->change)(
            'fields/phone',
            ['id' => 'phone', 'kind' => 'phone', 'label' => ['en' => 'Mobile', 'de' => 'Handy'], 'required' => false, 'reason' => 'to warn of delays']
        );
        expect(app(ReviewPublication::class)->newest(Point::query()->with('record')->firstOrFail())->stops())->toBe([]);
        $this->get('/points/footer-newsletter')->assertSee('waits until the number itself is confirmed');
    }
})->with(['sms', 'phone', 'messaging', 'post']);

test('mails and the confirm page repeat only what this person ticked', function (): void {
    ($this->byNumber)(['email']);
    ($this->publish)();
    $this->signUp('imke@post.example', ['yes-voyage-news' => '', 'yes-delay-alerts' => 'yes']);
    $text = fn (): string => (string) composed($this->message())?->getTextBody();
    expect($text())->toContain('delays of my sailings')->not->toContain('new sailings and fares');
    $this->openLink('/confirm/'.$this->confirmToken())->assertSee('delays of my sailings')->assertDontSee('new sailings and fares');
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    expect($text())->toContain('delays of my sailings')->not->toContain('new sailings and fares');
});

test('each consent can be withdrawn by itself, and all together; what was left goes on', function (): void {
    $purpose = Record::named(RecordKind::Purpose, 'voyage-news')->newestRevision()->document->toArray();
    app(Approve::class)(begun(RecordKind::Purpose, 'alerts', ['id' => 'alerts'] + $purpose, $this->malin)->name(), $this->runa, 1, 'Alerts by themselves.');
    ($this->byNumber)(['email'], purpose: 'alerts');
    ($this->publish)();
    $this->signUp('imke@post.example', ['yes-delay-alerts' => 'yes']);
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    $token = $this->withdrawToken();
    $page = fn (): Crawler => new Crawler((string) $this->openLink("/withdraw/$token")->assertOk()->getContent());
    expect($page()->filter('button.lesser'))->toHaveCount(2)->and($page()->filter('form'))->toHaveCount(3);
    $allowed = fn (): array => DB::table('permissions')->where('allowed', true)->orderBy('purpose')->pluck('purpose')->all();
    // What is not permitted, or not somebody's own, ends nothing.
    $this->post('/withdraw', ['token' => $token, 'only' => 'island-walks'])->assertOk()->assertSee('Nothing is left to stop');
    expect($allowed())->toBe(['alerts', 'voyage-news']);
    $this->post('/withdraw', ['token' => $token, 'only' => 'alerts'])->assertOk()->assertSee('Done: this has ended');
    expect($allowed())->toBe(['voyage-news'])->and($page()->filter('form'))->toHaveCount(1)
        ->and(SignupJourney::query()->firstOrFail()->state)->toBe(JourneyState::Confirmed);
    $this->post('/withdraw', ['token' => $token, 'only' => 'voyage-news'])->assertSee('you will get no more of these mails');
    expect($allowed())->toBe([])->and(SignupJourney::query()->firstOrFail()->state)->toBe(JourneyState::Revoked);
});
