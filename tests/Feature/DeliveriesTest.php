<?php

declare(strict_types=1);

use App\Actions\Delivery\Deliveries;
use App\Actions\Delivery\Outbox;
use App\Actions\Delivery\OutcomeKind;
use App\Actions\Signup\LapseJourneys;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\DeliveryState;
use App\Models\SignupJourney;
use App\Models\User;
use Illuminate\Database\Eloquent\MassAssignmentException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\JourneyState;
use Tests\Support\Visitor;

uses(Visitor::class);

afterEach(fn () => mailServer('accept'));

test('a server that is away or puts off is tried again, with the same Message-ID, and sends once', function (string $mode): void {
    $to = someone();
    mailServer($mode);
    $this->signUp($to);
    expect(work())->toBe([OutcomeKind::NotNow])->and($this->message()->state)->toBe(DeliveryState::Waiting)->and(work())->toBe([]);
    $id = $this->message()->idempotency_key;
    Carbon::setTestNow(now()->addSeconds(11));
    expect(work())->toBe([OutcomeKind::NotNow]);
    mailServer('accept');
    Carbon::setTestNow(now()->addMinutes(5));
    expect(work())->toBe([OutcomeKind::Accepted])->and($this->message()->attempts)->toBe(3)->and($this->message()->idempotency_key)->toBe($id);
    expect(arrived($to))->toHaveCount(1)->and(arrived($to)[0]['messageId'])->toContain($id);
    expect(SignupJourney::query()->firstOrFail()->lapses_at->text())->toStartWith(now()->addDays(7)->format('Y-m-d'));
})->with(['later', 'lost']);

test('a server that refuses for good is not tried again, and the address does not stay for ever', function (): void {
    mailServer('refuse');
    $this->signUp(someone());
    expect(work())->toBe([OutcomeKind::Refused])->and($this->message()->state)->toBe(DeliveryState::Failed)->and($this->message()->problem)
        ->toBe('server-said-550');
    Carbon::setTestNow(now()->addDays(8));
    expect(work())->toBe([])->and(app(LapseJourneys::class)())->toBe(1)->and(DB::table('disclosures')->count())->toBe(0);
});

test('a server that takes the mail and falls silent leaves it uncertain, for a person to decide', function (): void {
    config(['juramen.mail.timeout' => 1]);
    $to = someone();
    mailServer('silent');
    $this->signUp($to);
    expect(work())->toBe([OutcomeKind::Unknown])->and($this->message()->state)->toBe(DeliveryState::Uncertain)->and(arrived($to))->toHaveCount(1);
    mailServer('accept');
    Carbon::setTestNow(now()->addDays(1));
    expect(work())->toBe([])->and(arrived($to))->toHaveCount(1);
    $this->actingAs(User::query()->where('role', 'officer')->firstOrFail())->get('/mails')->assertOk()->assertSee('fell silent')->assertDontSee($to);
    $this->post('/mails/'.$this->message()->id.'/again')->assertRedirect('/mails?state=uncertain');
    expect(work())->toBe([OutcomeKind::Accepted])->and($this->message()->state)->toBe(DeliveryState::Sent);
    $this->post('/mails/'.$this->message()->id.'/again')->assertRedirect('/mails?state=sent')
        ->assertSessionHas('said', 'Somebody was quicker; nothing was changed.');
    expect(work())->toBe([]);
});

test('a claim whose worker is gone becomes uncertain and is not sent by itself', function (): void {
    $this->signUp(someone());
    expect(app(Deliveries::class)->claim())->not->toBeNull()->and(app(Deliveries::class)->claim())->toBeNull()
        ->and(app(Deliveries::class)->markUncertain())->toBe(0);
    Carbon::setTestNow(now()->addSeconds(config('juramen.mail.claim_seconds') + 1));
    expect(app(Deliveries::class)->markUncertain())->toBe(1)->and($this->message()->state)->toBe(DeliveryState::Uncertain)->and(work())->toBe([]);
});

test('two workers never have the same mail in hand', function (): void {
    for ($i = 0; $i < 3; $i++) {
        $this->signUp(someone());
    }
    config(['database.connections.second' => config('database.connections.runtime')]);
    $held = DB::connection('second');
    $held->beginTransaction();
    $locked = $held->table('deliveries')->where('state', 'waiting')->orderBy('due_at')->lock('for update skip locked')->first();
    $claimed = [app(Deliveries::class)->claim()?->id, app(Deliveries::class)->claim()?->id, app(Deliveries::class)->claim()?->id];
    $held->rollBack();
    expect(array_filter($claimed))->toHaveCount(2)->not->toContain($locked->id);
});

test('a mail whose reason is gone is not sent', function (): void {
    $to = someone();
    $this->signUp($to);
    $this->post('/confirm', ['token' => $this->confirmToken()]);
    $this->post('/withdraw', ['token' => $this->withdrawToken()]);
    expect(work())->toBe([OutcomeKind::Refused, OutcomeKind::Refused])->and(arrived($to))->toBe([])
        ->and(Delivery::query()->pluck('problem')->unique()->all())->toBe(['no-longer-wanted']);
});

test('a mail is put together the same on every try', function (): void {
    $this->signUp(someone());
    $compose = fn (): string => preg_replace(
        ['/^Date:.*$/m', '/boundary=\S+|--\S{6,}/'], '', composed($this->message())->toString()
    );
    expect($compose())->toBe($compose());
});

test('the same reason lays out nothing twice, in however many transactions', function (): void {
    $this->signUp(someone());
    $journey = SignupJourney::query()->firstOrFail();
    $key = $this->message()->idempotency_key;
    app(Outbox::class)->toSubscriber($journey, DeliveryKind::Confirmation);
    expect(Delivery::query()->count())->toBe(1)->and($this->message()->idempotency_key)->toBe($key);
    app(Outbox::class)->toSubscriber($journey, DeliveryKind::Reminder);
    expect(Delivery::query()->distinct()->count('idempotency_key'))->toBe(2);
    // Nor does what is said once more, after it was sent, go out again.
    work();
    app(Outbox::class)->toSubscriber($journey, DeliveryKind::Confirmation);
    expect(work())->toBe([]);
});

test('where a sign-up stands and until when is written by its journey alone', function (): void {
    $this->signUp(someone());
    $journey = SignupJourney::query()->firstOrFail();
    foreach (['state' => JourneyState::Confirmed, 'lapses_at' => null, 'ended_at' => null] as $column => $value) {
        expect(fn () => $journey->update([$column => $value]))->toThrow(MassAssignmentException::class);
    }
    expect($journey->refresh()->state)->toBe(JourneyState::Asked);
});

test('an uncertain mail can be left, says what became of its sign-up, and can still be sent', function (): void {
    $this->signUp('imke@post.example');
    Delivery::query()->update(['state' => DeliveryState::Uncertain]);
    $this->actingAs(User::query()->firstOrFail());
    $mail = $this->message();
    $this->get('/mails')->assertSee('sign-up waiting')->assertSee('Leave it')->assertDontSee('imke@');
    $this->post("/mails/{$mail->id}/leave")->assertRedirect('/mails?state=uncertain');
    expect($mail->refresh()->state)->toBe(DeliveryState::Left);
    $this->followingRedirects()->post("/mails/{$mail->id}/leave")->assertSee('Somebody was quicker');
    $this->get('/desk')->assertDontSee('uncertain');
    $this->get('/mails?state=left')->assertSee('Send again')->assertDontSee('Leave it');
    $this->post("/mails/{$mail->id}/again")->assertRedirect('/mails?state=left');
    expect($mail->refresh()->state)->toBe(DeliveryState::Waiting);
    $this->post("/mails/{$mail->id}/leave");
    expect($mail->refresh()->state)->toBe(DeliveryState::Waiting);
});
