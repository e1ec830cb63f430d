<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Registers\Approve;
use App\Actions\Upkeep\DeleteDue;
use App\Models\Enquiry;
use App\Models\Record;
use App\Models\RegisteredController;
use App\Models\RightsRequest;
use App\Models\User;
use App\Queries\Audit\AuditNow;
use App\Queries\Audit\DeedsLately;
use Database\Demo\ContactForm;
use Illuminate\Support\Carbon;
use Juramen\Audit\AuditedKind;
use Juramen\Audit\Verdict;
use Juramen\Canon\Instant;
use Juramen\Register\RecordKind;
use Tests\Support\Visitor;

uses(Visitor::class);

/* A message that turns out to be a request of its sender: its time runs from the day it arrived, and nothing of it goes before it is answered. */

beforeEach(function (): void {
    [$this->malin, $this->runa, $this->tove] = array_map(
        static fn (string $email): User => User::query()->where('email', $email)->firstOrFail(),
        ['malin@tidewick.example', 'runa@tidewick.example', 'tove@audit.example']
    );
    Carbon::setTestNow('2026-05-29 09:00:00');
    demoPoint(ContactForm::SHEET, $this->malin, $this->runa);
    $marks = $this->marks('en', 'contact-form');
    Carbon::setTestNow(now()->addSeconds(5));
    $this->post('/forms/contact-form/en', [...$marks, 'email' => 'ada@post.example', 'message' => 'What do you hold about me?'])->assertRedirect();
    $this->enquiry = Enquiry::query()->sole();
    $this->page = '/enquiries/'.$this->enquiry->id->hex();
    Carbon::setTestNow('2026-06-03 12:00:00');
    $this->record = fn (string $asks = 'access') => $this->actingAs($this->malin)->post("$this->page/request", ['asks' => $asks]);
    $this->act = fn (string $act, array $with = []) => $this->actingAs($this->runa)->from($this->page)
        ->post('/requests/'.RightsRequest::query()->firstOrFail()->id."/$act", $with);
});

test('whoever works on the message records it; the officer sees its last day, counted from when it arrived, on list and desk', function (): void {
    ($this->record)()->assertRedirect($this->page)->assertSessionHas('said', 'It is on record as a request, to be answered by 29 Jun 2026.');
    ($this->record)();
    expect(RightsRequest::query()->sole()->due_on->text)->toBe('2026-06-29');
    $this->get($this->page)->assertSee('It asks for access, and a copy of their data')->assertSee('26 days left')->assertDontSee('It is answered');
    // A second right of the same message has a line of its own; what is not on the list is said to be none.
    ($this->record)('erasure');
    ($this->record)('everything')->assertSessionHasErrors('asks');
    $this->get('/requests')->assertForbidden();
    $this->actingAs($this->tove)->get('/requests')->assertOk()->assertSee('ada@post.example')->assertSee('2 are to be answered');
    $this->get('/requests?asks=erasure')->assertSee('Erasure')->assertDontSee('Access and a copy <', false);
    expect($this->get('/requests?as=csv')->streamedContent())->toContain('access,15,2026-05-29')->not->toContain('ada@');
    $this->actingAs($this->malin)->get('/enquiries')->assertSee('answer by 29 Jun 2026');
    $this->actingAs($this->runa)->get('/desk')->assertSee('is to be answered by then, 26 days left.');
    $this->travelTo(Carbon::parse('2026-07-01 09:00:00'));
    $this->get('/desk')->assertSee('2 days late');
});

test('only officers answer, extend or drop it, and nobody does so out of turn', function (): void {
    ($this->record)();
    foreach (['answer', 'extend', 'reopen', 'drop'] as $act) {
        foreach ([$this->malin, $this->tove] as $user) {
            $this->actingAs($user)->post('/requests/'.RightsRequest::query()->sole()->id."/$act", ['why' => 'x'])->assertForbidden();
        }
    }
    $this->actingAs($this->tove)->post("$this->page/request", ['asks' => 'access'])->assertForbidden();
    ($this->act)('extend', ['why' => '  '])->assertSessionHasErrors(['why' => 'Write what the person was told: why it takes longer, in at most 500 characters.']);
    ($this->act)('extend', ['why' => 'The archive is at sea until August.']);
    expect(RightsRequest::query()->sole()->due_on->text)->toBe('2026-08-31');
    ($this->act)('extend', ['why' => 'And longer.'])->assertSessionHas('refusal', ActRefusal::NoMoreTime->value);
    ($this->act)('answer');
    ($this->act)('answer')->assertSessionHas('refusal', ActRefusal::AnsweredAlready->value);
    ($this->act)('drop')->assertSessionHas('refusal', ActRefusal::AnsweredAlready->value);
    $this->get('/enquiries')->assertDontSee('answer by');
    $this->get($this->page)->assertSee('Answered 3 Jun 2026')->assertSee('The archive is at sea until August.');
});

test('an editor of other controllers records nothing, and a message that is gone is none', function (): void {
    $other = RegisteredController::query()->create(['slug' => 'tidewick-atlantic']);
    $this->malin->controllers()->sync([$other->id]);
    $this->malin->refresh();
    ($this->record)()->assertForbidden();
    $this->get($this->page)->assertForbidden();
    $this->malin->controllers()->sync([]);
    $this->malin->refresh();
    $this->actingAs($this->runa)->post("$this->page/delete")->assertSessionHas('said', 'Deleted. Nothing is kept of it.');
    ($this->record)()->assertNotFound();
    expect(RightsRequest::query()->count())->toBe(0);
});

test('the law is that of the country in which the controller has its seat when it is recorded', function (): void {
    $record = Record::named(RecordKind::Controller, 'tidewick-ferries');
    $base = $record->newestRevision()->number;
    $this->actingAs($this->runa)->post('/records/controller/tidewick-ferries/change', ['place' => 'country', 'value' => 'CA', 'base' => $base])->assertOk();
    ($this->record)();
    expect(RightsRequest::query()->sole()->due_on->text)->toBe('2026-06-29');
    $arne = User::query()->where('email', 'arne@tidewick.example')->firstOrFail();
    app(Approve::class)($record->name(), $arne, $record->newestRevision()->number, '');
    // Thirty days end on a Sunday; sixty, on a Tuesday.
    ($this->record)('erasure');
    expect(RightsRequest::query()->where('asks', 'erasure')->sole()->due_on->text)->toBe('2026-06-29');
    ($this->act)('extend', ['why' => 'The archive is at sea.']);
    expect(RightsRequest::query()->where('asks', 'access')->sole()->due_on->text)->toBe('2026-07-28');
    $this->get('/requests')->assertSee('answers within thirty days')->assertSee('PIPEDA');
});

test('more time is not taken once the first is over', function (): void {
    ($this->record)();
    Carbon::setTestNow('2026-06-30 08:00:00');
    ($this->act)('extend', ['why' => 'We forgot.'])->assertSessionHas('refusal', ActRefusal::TimeIsOver->value);
    expect(RightsRequest::query()->sole()->due_on->text)->toBe('2026-06-29');
});

test('the message is neither closed nor deleted before an answer, by hand, in a crowd or by itself; what stays of it names nobody', function (): void {
    ($this->record)();
    $says = 'It holds a request (access and a copy) that is to be answered by 29 Jun 2026. Answer that first, or say that it asks for nothing of the kind.';
    $id = $this->enquiry->id->hex();
    $this->actingAs($this->runa)->post("$this->page/close")->assertRedirect($this->page)->assertSessionHasErrors(['act' => $says]);
    $this->post("$this->page/delete")->assertRedirect($this->page)->assertSessionHasErrors(['act' => $says]);
    foreach (['close', 'delete'] as $act) {
        $this->post('/enquiries/several', ['chosen' => [$id], 'act' => $act])
            ->assertSessionHas('said', fn (string $said): bool => str_contains($said, "One stays: $says"));
    }
    // As a draw leaves its entries: closed, with a day on which they go.
    $this->enquiry->refresh()->update(['state' => 'closed', 'closed_at' => $this->enquiry->received_at, 'deleted_at' => $this->enquiry->received_at]);
    app(DeleteDue::class)();
    expect(Enquiry::query()->count())->toBe(1);
    ($this->act)('answer');
    app(DeleteDue::class)();
    expect(Enquiry::query()->count())->toBe(0)->and(RightsRequest::query()->sole()->enquiry_id)->toBeNull();
    $this->get('/requests?state=answered')->assertOk()->assertSee('the message is deleted')->assertDontSee('ada@post.example');
    ($this->act)('reopen')->assertRedirect('/requests')->assertSessionHas('refusal', ActRefusal::MessageGone->value);
});

test('what was closed is open again once it asks for something, and a message that asks for nothing is closed as before', function (): void {
    $this->actingAs($this->malin)->post("$this->page/close");
    ($this->record)('objection');
    expect($this->enquiry->refresh()->deleted_at)->toBeNull();
    ($this->act)('drop')->assertSessionHas('said', 'It is no request any more; the message stays as it is.');
    $this->post("$this->page/close")->assertSessionHasNoErrors();
    expect($this->enquiry->refresh()->deleted_at)->not->toBeNull();
});

test('the console says the last day, without a database', function (): void {
    $this->artisan('rights:due 2026-03-05 --country=de')
        ->expectsOutput("Answer by 7 Apr 2026 (GDPR Art. 12(3)).\nThe time ends on 5 Apr 2026, on which nobody works.")->assertExitCode(0);
    $this->artisan('rights:due 2026-03-05 --json')->expectsOutputToContain('"due":"2026-04-06"')->assertExitCode(0);
    $this->artisan('rights:due 5.3.2026')->assertExitCode(2);
    $this->artisan('rights:due 2026-03-05 --country=CH --extended')->assertExitCode(2);
});

test('an audit tells of what is overdue, and of what was answered after its day', function (): void {
    $standing = function (): ?Verdict {
        app(DeedsLately::class)->anew();

        return app(AuditNow::class)()->form(AuditedKind::Point, 'contact-form')?->standing('requests-in-time');
    };
    expect($standing())->toBe(Verdict::NotApplicable);
    ($this->record)();
    Carbon::setTestNow('2026-06-29 20:00:00');
    expect($standing())->toBe(Verdict::Met);
    Carbon::setTestNow('2026-06-30 08:00:00');
    expect($standing())->toBe(Verdict::Breach);
    ($this->act)('answer');
    // The answer came a day too late, and stays so.
    Carbon::setTestNow('2026-07-05 08:00:00');
    expect($standing())->toBe(Verdict::Breach);
    RightsRequest::query()->sole()->update(['answered_at' => Instant::parse('2026-06-29T21:30:00.000000Z')]);
    expect($standing())->toBe(Verdict::Met);
});
