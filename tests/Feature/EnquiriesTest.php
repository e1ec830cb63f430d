<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Delivery\Deliveries;
use App\Actions\Signup\LapseJourneys;
use App\Actions\Upkeep\DeleteDue;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\Enquiry;
use App\Models\EnquiryState;
use App\Models\HeldSubmission;
use App\Models\RegisteredController;
use App\Models\User;
use Database\Demo\ContactForm;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\Mime\Email;
use Tests\Support\Visitor;

uses(Visitor::class);

/* What people want besides: it reaches whoever answers it, once, whatever they ticked; and what the team does with it. */

beforeEach(function (): void {
    $this->malin = User::query()->where('email', 'malin@tidewick.example')->firstOrFail();
    $this->runa = User::query()->where('email', 'runa@tidewick.example')->firstOrFail();
    demoPoint(ContactForm::SHEET, $this->malin, $this->runa);
    $this->write = function (array $more = [], string $language = 'en', ?array $marks = null): TestResponse {
        $marks ??= $this->marks($language, 'contact-form');
        Carbon::setTestNow(now()->addSeconds(5));

        return $this->post("/forms/contact-form/$language", [...$marks, 'email' => 'ada@post.example', 'message' => "An umbrella\nof mine", ...$more]);
    };
    /** @return list<Email> what is laid out of a kind, as it would go */
    $this->mails = fn (DeliveryKind $kind): array => Delivery::query()->where('kind', $kind)->orderBy('id')->get()
        ->map(fn (Delivery $d): ?Email => composed($d))->filter()->values()->all();
    $this->to = fn (DeliveryKind $kind): array => array_map(fn (Email $m): string => $m->getTo()[0]->getAddress(), ($this->mails)($kind));
});

test('it goes to whom an answer calls for, once each, whether the box is ticked or not', function (array $ticked, array $acts): void {
    $marks = $this->marks('en', 'contact-form');
    foreach ([1, 2] as $press) {
        ($this->write)(['about' => 'lost', ...$ticked], marks: $marks)->assertRedirect();
    }
    expect(Enquiry::query()->count())->toBe(1)->and($this->acts())->toBe($acts)
        ->and(($this->to)(DeliveryKind::Enquiry))->toBe(['harbour-office@tidewick.example', 'lost-and-found@tidewick.example'])
        ->and(($this->to)(DeliveryKind::Acknowledgement))->toBe(['ada@post.example']);
    $mail = ($this->mails)(DeliveryKind::Enquiry)[0];
    expect($mail->getReplyTo()[0]->getAddress())->toBe('ada@post.example')->and($mail->getTextBody())->toContain("An umbrella\n  of mine")
        ->toContain('Something lost on board')->and($mail->getHtmlBody())->toBeNull();
    // Where the answer calls for nobody else it goes to the first alone; where it is not given, to all.
    ($this->write)(['about' => 'booking'])->assertRedirect();
    ($this->write)()->assertRedirect();
    expect(($this->to)(DeliveryKind::Enquiry))->toHaveCount(5);
})->with([[[], []], [['yes-voyage-news' => 'yes'], ['given']]]);

test('the acknowledgement repeats nothing that was typed, carries no advertising, and is not sent without end', function (): void {
    foreach (range(1, 5) as $i) {
        ($this->write)(['name' => 'Win a prize at bad.example', 'message' => "Buy this, $i"], 'de')->assertRedirect();
    }
    $mails = ($this->mails)(DeliveryKind::Acknowledgement);
    expect($mails)->toHaveCount(3);
    foreach ([$mails[0]->getSubject(), $mails[0]->getTextBody(), $mails[0]->getHtmlBody()] as $text) {
        expect($text)->toContain('angekommen')->not->toContain('prize')->not->toContain('Buy')->not->toContain('ada@')->not->toContain('List-Unsubscribe');
    }
    expect($mails[0]->getHeaders()->has('List-Unsubscribe'))->toBeFalse()->and($mails[0]->getReplyTo()[0]->getAddress())->toBe('privacy@tidewick.example');
});

test('a name with line breaks adds no header, and right-to-left marks reverse nothing', function (): void {
    ($this->write)(['name' => "Ada\r\nBcc: all@post.example", 'message' => 'x'])->assertStatus(422);
    ($this->write)(['name' => "Ada\u{202E}gnp.exe", 'message' => "<script>alert(1)</script>\r\n.\r\nMAIL FROM:<x>"])->assertStatus(422);
    ($this->write)(['message' => "<script>alert(1)</script>\r\n.\r\nMAIL FROM:<x>"])->assertRedirect();
    $raw = ($this->mails)(DeliveryKind::Enquiry)[0]->toString();
    expect(substr_count($raw, "\r\n\r\n"))->toBeGreaterThan(0)->and(explode("\r\n\r\n", $raw)[0])->not->toContain('MAIL FROM')->not->toContain('Bcc');
    $id = Enquiry::query()->sole()->id->hex();
    $this->actingAs($this->runa)->get("/enquiries/$id")->assertOk()->assertDontSee('<script>alert', false)->assertSee('<script>alert(1)</script>');
});

test('what screening takes for a program\'s reaches the team, marked, gets no answer, and its consent waits', function (): void {
    ($this->write)(['homepage' => 'http://bad.example'])->assertRedirect('/forms/contact-form/en/received');
    expect(HeldSubmission::query()->count())->toBe(0)->and(Enquiry::query()->sole()->doubtful)->toBeTrue()
        ->and(($this->mails)(DeliveryKind::Enquiry)[0]->getSubject())->toContain('perhaps not from a person')
        ->and(($this->mails)(DeliveryKind::Acknowledgement))->toBe([]);
    ($this->write)(['homepage' => 'x', 'yes-voyage-news' => 'yes'])->assertRedirect('/forms/contact-form/en/sent');
    expect(HeldSubmission::query()->count())->toBe(1)->and(Enquiry::query()->count())->toBe(2)->and($this->acts())->toBe([]);
    $this->actingAs($this->runa)->decided(HeldSubmission::query()->sole()->id, 'accept');
    // Released, its consent goes on, and what came with it does not come twice.
    expect(Enquiry::query()->count())->toBe(2)->and($this->acts())->toBe(['given']);
    $this->get('/enquiries')->assertSee('perhaps not a person');
});

test('lapsing and withdrawing take nothing from it; closing starts its days, opening stops them', function (): void {
    ($this->write)(['yes-voyage-news' => 'yes'])->assertRedirect();
    $this->mailsAreTaken();
    Carbon::setTestNow(now()->addDays(9));
    app(LapseJourneys::class)();
    expect($this->acts())->toContain('lapsed');
    Carbon::setTestNow(now()->addDays(400));
    app(DeleteDue::class)();
    $enquiry = Enquiry::query()->sole();
    $id = $enquiry->id->hex();
    $this->actingAs($this->malin)->post("/enquiries/$id/give", ['to' => (string) $this->malin->id])->assertRedirect("/enquiries/$id");
    expect($enquiry->refresh()->state)->toBe(EnquiryState::Taken);
    $this->get('/desk')->assertSee('you have taken');
    $this->get('/enquiries?state=mine')->assertSee('ada@post.example');
    $this->post("/enquiries/$id/close")->assertRedirect();
    $this->post("/enquiries/$id/close")->assertSessionHas('said', 'Somebody else was quicker; this is how it stands now.');
    $this->get('/enquiries')->assertDontSee('ada@post.example');
    $this->post("/enquiries/$id/reopen")->assertRedirect();
    Carbon::setTestNow(now()->addDays(181));
    app(DeleteDue::class)();
    expect(Enquiry::query()->count())->toBe(1);
    $this->post("/enquiries/$id/close");
    Carbon::setTestNow(now()->addDays(181));
    app(DeleteDue::class)();
    expect(Enquiry::query()->count())->toBe(0);
    // A mail about what is gone is not sent any more.
    expect(($this->mails)(DeliveryKind::Enquiry))->toBe([]);
});

test('once it is deleted the mailbox forgets the mails that told of it, whoever got them', function (string $how): void {
    config(['juramen.mailbox_url' => mailbox()]);
    ($this->write)(['about' => 'booking', 'email' => $from = someone(), 'name' => $name = 'Ada '.random_int(100_000, 999_999)])->assertRedirect();
    work();
    $told = fn (): int => count(array_filter(arrived('harbour-office@tidewick.example'), fn (array $mail): bool => str_contains($mail['raw'], $name)));
    expect(arrived($from))->toHaveCount(1)->and($told())->toBe(1);
    $page = '/enquiries/'.Enquiry::query()->sole()->id->hex();
    $this->actingAs($this->runa)->post("$page/".($how === 'by hand' ? 'delete' : 'close'))->assertRedirect();
    Carbon::setTestNow(now()->addYear());
    app(DeleteDue::class)();
    expect(doQueuedWork())->toBe(0)->and(arrived($from))->toBe([])->and($told())->toBe(0)->and(Enquiry::query()->count())->toBe(0);
})->with(['by hand', 'by itself']);

test('a message that withdraws is recorded as told by a message, from when it arrived', function (): void {
    ($this->write)(['yes-voyage-news' => 'yes', 'message' => 'Please stop'])->assertRedirect();
    $this->mailsAreTaken();
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    Carbon::setTestNow(now()->addDay());
    ($this->write)(['message' => 'Please stop all mails'])->assertRedirect();
    $arrived = now();
    Carbon::setTestNow(now()->addDays(3));
    $id = Enquiry::query()->orderByDesc('received_at')->firstOrFail()->id->hex();
    $this->actingAs($this->malin)->post("/enquiries/$id/withdraw")->assertRedirect();
    $entry = json_decode(DB::table($this->ledger('entries'))->where('kind', 'withdrawn')->value('body'), true);
    expect($entry['how'])->toBe('message')->and($entry['occurred'])->toStartWith($arrived->utc()->format('Y-m-d\TH:i'))
        ->and((bool) DB::table('permissions')->value('allowed'))->toBeFalse();
});

test('it is found by address and by words, and seen by those alone whose controller it is', function (): void {
    ($this->write)()->assertRedirect();
    ($this->write)(['email' => 'Bo@POST.example', 'message' => 'Zwei Fahrräder'])->assertRedirect();
    $search = fn (string $words): TestResponse => $this->actingAs($this->malin)->get('/enquiries?q='.urlencode($words));
    $search('bo@post.example')->assertSee('Bo@POST.example')->assertDontSee('ada@post.example');
    $search('fahrräder')->assertSee('Bo@POST.example')->assertDontSee('ada@post.example');
    $search('%')->assertSee('No enquiry matches');
    $this->get('/enquiries?as=csv')->assertOk();
    $id = Enquiry::query()->firstOrFail()->id->hex();
    $elsewhere = RegisteredController::query()->create(['slug' => 'tidewick-atlantic']);
    $this->malin->controllers()->sync([$elsewhere->id]);
    $this->malin->refresh();
    $this->actingAs($this->malin)->get('/enquiries?state=all')->assertOk()->assertDontSee('@post.example');
    $this->get("/enquiries/$id")->assertForbidden();
    foreach (['give', 'close', 'reopen', 'withdraw'] as $act) {
        $this->post("/enquiries/$id/$act")->assertForbidden();
    }
    // Nor do they change its sheets, begin others, or end departures, by whatever request.
    foreach (['change', 'judge', 'mend', 'undo', 'redo', 'copy', 'handover'] as $act) {
        $this->post("/points/contact-form/$act", ['place' => 'title/en', 'value' => 'Mine', 'base' => 1, 'copy' => 'Mine'])->assertForbidden();
    }
    $this->post('/points', ['name' => 'Mine', 'starter' => 'contact', 'statement' => 'voyage-news'])->assertRefused(ActRefusal::NotYourController);
    $this->post('/rules', ['follow' => ['contact-form/lapse-days']])->assertRefused(ActRefusal::NotYourController);
    $this->get('/points/contact-form')->assertOk();
    $this->actingAs($this->runa)->post("/enquiries/$id/give", ['to' => (string) $this->malin->id])->assertSessionHasErrors('to');
    $this->actingAs(User::query()->where('email', 'tove@audit.example')->firstOrFail())->get("/enquiries/$id")->assertOk()->assertDontSee('Take it');
    $this->post("/enquiries/$id/close")->assertForbidden();
    $this->get('/enquiries/'.str_repeat('0', 32))->assertNotFound();
    $this->get('/enquiries/x')->assertNotFound();
});

test('a recipient without an address stops publishing; a mail server that fails keeps what was sent', function (): void {
    $this->actingAs($this->malin)->post('/points/contact-form/change', ['place' => 'recipients', 'do' => 'add', 'value' => 'recipient', 'base' => 1])->assertOk(
    )
        ->assertSee('A recipient has no address yet');
    $bad = ['place' => 'recipients/recipient-1/address', 'value' => "x@post.example\nBcc: y", 'base' => 2];
    $this->post('/points/contact-form/change', $bad)->assertStatus(422);
    $this->actingAs($this->runa)->post('/points/contact-form/publish', ['looked' => looked('contact-form')])->assertSessionHasErrors('looked');
    mailServer('refuse');
    ($this->write)()->assertRedirect();
    work();
    mailServer('accept');
    expect(Enquiry::query()->count())->toBe(1)->and(Delivery::query()->where('kind', DeliveryKind::Enquiry)->pluck('state')->map->value->unique()->all())
        ->not->toContain('sent');
    foreach (Delivery::query()->where('state', 'failed')->get() as $failed) {
        app(Deliveries::class)->sendAgain($failed, $this->runa);
    }
    Carbon::setTestNow(now()->addHour());
    work();
    expect(Delivery::query()->where('kind', DeliveryKind::Enquiry)->where('state', 'sent')->count())->toBe(2);
});
