<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Audit\AssignFinding;
use App\Actions\Audit\GivenPage;
use App\Actions\Audit\NamedFinding;
use App\Actions\Audit\TakeAudit;
use App\Actions\Audit\TakeForms;
use App\Models\Assignment;
use App\Models\ReadHow;
use App\Models\User;
use App\Queries\Audit\AuditNow;
use App\Support\SystemClock;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;
use Juramen\Audit\AuditedKind;
use Juramen\Consent\Acts\Assigned;
use Juramen\Consent\Entry;

/* Who is to mend a finding, and by when: it is somebody's until it is gone, and nobody says so while it stands. */

const TICKED = '<form action="/a" method="post"><h2>Newsletter</h2><label>Email <input type="email"></label><label><input type="checkbox" checked> '
    .'Email me about ferries once a month. I can stop at any time.</label><button>Subscribe</button></form>';

beforeEach(function (): void {
    Carbon::setTestNow('2027-03-01 09:00:00');
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->tove = User::query()->where('role', 'auditor')->firstOrFail();
    $this->actingAs($this->runa);
    $this->taken = app(TakeForms::class)([new GivenPage('', TICKED, '', ReadHow::Pasted)], $this->runa)->forms[0];
    $this->form = fn (): AuditedForm => app(AuditNow::class)->foreign($this->taken->refresh()->load('newest', 'mail', 'controller'));
    $this->ticked = fn (): AuditedFinding => ($this->form)()->findingsOf('no-preset-answer')[0];
    $this->assign = fn (array $with = []) => $this->post('/audit/assign', [
        'form' => ($this->form)()->key(), 'finding' => ($this->ticked)()->digest()->hex(), 'from' => 'form', 'to' => (string) $this->malin->id,
        'due' => '2027-03-08', 'note' => 'The box must be empty.', ...$with,
    ]);
    $this->entries = fn (): array => array_map(static function (string $body): array {
        $act = Entry::parse($body)->act;

        return $act instanceof Assigned ? [$act->says, $act->to, $act->due, $act->by] : [];
    }, DB::table($this->ledger('entries'))->where('kind', 'assigned')->orderBy('position')->pluck('body')->all());
});

test('a finding is given to somebody with a day; it stands on it, on their desk, in the CSV and in the ledger', function (): void {
    ($this->assign)()->assertRedirect("/audit/forms/{$this->taken->slug}#finding-".($this->ticked)()->digest()->hex())->assertSessionHas('said');
    $page = "/audit/forms/{$this->taken->slug}";
    $this->get($page)->assertSee("{$this->malin->name} mends it by 8 Mar 2027.")->assertSee('The box must be empty.')->assertSee('It is mended');
    expect(($this->entries)())->toBe([['to mend', "user {$this->malin->id}", '2027-03-08', "user {$this->runa->id}"]])
        ->and($this->get('/audit/findings.csv')->streamedContent())->toContain("{$this->malin->name},2027-03-08");
    // The editor has it on her desk; it is none of the officer's yet, and the auditor only reads.
    $this->actingAs($this->malin)->get('/desk')->assertSee('is yours to mend by 8 Mar 2027: ')->assertSee('The box must be empty.');
    $this->actingAs($this->runa)->get('/desk')->assertDontSee('to mend by 8 Mar');
    $this->actingAs($this->tove)->get($page)->assertSee('mends it by 8 Mar 2027')->assertDontSee('It is mended')->assertDontSee('Give it to somebody');
    // Once its day is over, it stands on the officers' desks too.
    Carbon::setTestNow('2027-03-09 09:00:00');
    $this->actingAs($this->arne)->get('/desk')->assertSee("was to be mended by {$this->malin->name} by 8 Mar 2027: ");
    $this->actingAs($this->malin)->get('/desk')->assertSee('was yours to mend by 8 Mar 2027: ');
});

test('what cannot be is said with what would be right, and nothing that was typed is lost', function (array $with, ActRefusal $refusal, string $says): void {
    ($this->assign)($with)->assertSessionHas('refusal', $refusal->value);
    $this->get("/audit/forms/{$this->taken->slug}")->assertSee($says, false);
    expect(Assignment::query()->count())->toBe(0)->and(($this->entries)())->toBe([]);
})->with([
    'nobody' => [['to' => ''], ActRefusal::NobodyMends, 'Choose who is to mend it'], 'no such' => [['to' => '9999'], ActRefusal::NobodyMends, 'Choose who'],
    'no day' => [['due' => ''], ActRefusal::MendDay, 'from today on and within 366 days'],
    'a day that is over' => [['due' => '2027-02-28'], ActRefusal::MendDay, 'value="2027-02-28"'],
    'in years' => [['due' => '2029-01-01'], ActRefusal::MendDay, 'within 366 days'],
    'no day at all' => [['due' => '8.3.27'], ActRefusal::MendDay, 'from today on'],
    'a book' => [['note' => str_repeat('a', 1001)], ActRefusal::MendNote, 'at most 1,000 characters'],
]);

test('an auditor mends nothing, nor does whoever left or was only invited, and what is not found any more is nobody\'s', function (): void {
    foreach ([$this->tove, User::query()->where('role', 'administrator')->firstOrFail()] as $other) {
        ($this->assign)(['to' => (string) $other->id])->assertSessionHas('refusal', ActRefusal::NobodyMends->value);
    }
    $this->malin->update(['ended_at' => app(SystemClock::class)->instant()]);
    ($this->assign)()->assertSessionHas('refusal', ActRefusal::NobodyMends->value);
    ($this->assign)(['to' => (string) $this->arne->id, 'finding' => str_repeat('ab', 32)])->assertSessionHas('refusal', ActRefusal::FindingGone->value);
    ($this->assign)(['to' => (string) $this->arne->id, 'finding' => 'x'])->assertSessionHas('refusal', ActRefusal::FindingGone->value);
    expect(Assignment::query()->count())->toBe(0);
});

test('only officers give and take back; only who is to mend it, or an officer, says that it is mended', function (): void {
    ($this->assign)();
    $id = Assignment::query()->sole()->id;
    $other = User::query()->where('role', 'editor')->whereKeyNot($this->malin->id)->first();
    foreach (array_filter([$this->malin, $this->tove]) as $user) {
        $this->actingAs($user);
        ($this->assign)()->assertForbidden();
        $this->post("/audit/assigned/$id/back")->assertForbidden();
    }
    foreach (array_filter([$this->tove, $other]) as $user) {
        $this->actingAs($user)->post("/audit/assigned/$id/mended")->assertForbidden();
    }
    expect(Assignment::query()->sole()->ended_at)->toBeNull();
});

test('nobody says that it is mended while it is still found; once it is gone, the press or the next audit ends it', function (): void {
    ($this->assign)();
    $assignment = Assignment::query()->sole();
    $said = ['form' => ($this->form)()->key(), 'finding' => ($this->ticked)()->digest()->hex(), 'from' => 'form'];
    $this->actingAs($this->malin)->post("/audit/assigned/$assignment->id/mended", $said)->assertSessionHas('refusal', ActRefusal::StillFound->value);
    $this->get("/audit/forms/{$this->taken->slug}")->assertSee('It is still found there as it was.');
    app(TakeAudit::class)($this->runa);
    expect($assignment->refresh()->ended_at)->toBeNull();

    $mend = fn () => $this->actingAs($this->malin)->post("/audit/forms/{$this->taken->slug}/again", ['html' => str_replace(' checked', '', TICKED)]);
    $mend();
    $this->get("/audit/forms/{$this->taken->slug}")->assertSee('is found here no more')->assertSee('It is mended');
    $this->actingAs($this->tove)->get("/audit/forms/{$this->taken->slug}")->assertSee('is found here no more')->assertDontSee('It is mended');
    $this->actingAs($this->malin)->post("/audit/assigned/$assignment->id/mended", $said)->assertSessionHas('said', 'It is gone, and off your desk.');
    $this->post("/audit/assigned/$assignment->id/mended", $said);
    expect($assignment->refresh()->ended_at)->not->toBeNull()->and(array_column(($this->entries)(), 0))->toBe(['to mend', 'mended']);
    $this->get('/desk')->assertDontSee('yours to mend');
});

test('an audit ends what it finds mended, and says so in the name of whoever took it', function (): void {
    ($this->assign)();
    $this->post("/audit/forms/{$this->taken->slug}/again", ['html' => str_replace(' checked', '', TICKED)]);
    app(TakeAudit::class)(null);
    expect(Assignment::query()->sole()->ended_at)->not->toBeNull()->and(($this->entries)()[1])
        ->toBe(['mended', "user {$this->malin->id}", '2027-03-08', 'the clock']);
    app(TakeAudit::class)(null);
    expect(($this->entries)())->toHaveCount(2);
});

test('given to somebody else it is only theirs; taken back it is nobody\'s, once', function (): void {
    ($this->assign)();
    ($this->assign)(['to' => (string) $this->arne->id, 'due' => '2027-03-01', 'note' => '']);
    [$first, $second] = Assignment::query()->orderBy('id')->get()->all();
    expect([$first->ended_at === null, $second->ended_at === null, $second->user_id])->toBe([false, true, $this->arne->id]);
    $this->actingAs($this->malin)->get('/desk')->assertDontSee('to mend by');
    $this->actingAs($this->runa);
    foreach ([1, 2] as $_) {
        $this->post("/audit/assigned/$second->id/back", ['form' => ($this->form)()->key(), 'from' => 'form'])
            ->assertRedirect("/audit/forms/{$this->taken->slug}");
    }
    expect(array_column(($this->entries)(), 0))->toBe(['to mend', 'to mend', 'taken back'])->and(Assignment::query()->whereNull('ended_at')->count())->toBe(0);
    $this->get("/audit/forms/{$this->taken->slug}")->assertSee('Give it to somebody to mend');
});

test('several of one requirement are given together, all or none', function (): void {
    $question = static fn (AuditedForm $f): AuditedFinding => $f->findingsOf('no-penalty')[0];
    $forms = array_values(array_filter(app(AuditNow::class)()->forms, static fn (AuditedForm $f): bool => $f->findingsOf('no-penalty') !== []));
    $forms = [...$forms, ($this->form)()];
    $of = fn (AuditedForm $f): AuditedFinding => $f->kind === AuditedKind::Form ? ($this->ticked)() : $question($f);
    $values = array_map(fn (AuditedForm $f): string => "{$f->key()}|{$of($f)->digest()->hex()}", $forms);
    $said = ['requirement' => 'no-penalty', 'to' => (string) $this->malin->id, 'due' => '2027-03-08', 'note' => ''];
    $this->post('/audit/assign', $said)->assertSessionHas('refusal', ActRefusal::NoFindingChosen->value);
    $gone = [...$values, 'point none|'.str_repeat('0', 64)];
    $this->post('/audit/assign', [...$said, 'findings' => $gone])->assertSessionHas('refusal', ActRefusal::FindingGone->value);
    expect(Assignment::query()->count())->toBe(0);
    $this->followingRedirects()->post('/audit/assign', [...$said, 'due' => '2020-01-01', 'findings' => $values])->assertSee('from today on and within')
        ->assertSee("value=\"$values[0]\" checked", false)->assertSee('value="2020-01-01"', false);
    $this->post('/audit/assign', [...$said, 'findings' => $values])->assertRedirect('/audit?requirement=no-penalty');
    expect(Assignment::query()->whereNull('ended_at')->count())->toBe(count($values));
    // Whoever comes back to the cause sees whose they are.
    $this->get('/audit?requirement=no-penalty')->assertSee("{$this->malin->name} mends it by 8 Mar 2027");
    // The same from where no page is.
    app(AssignFinding::class)([new NamedFinding($forms[0], $question($forms[0]))], (string) $this->arne->id, '2027-03-02', 'x', $this->runa);
    expect(Assignment::query()->whereNull('ended_at')->count())->toBe(count($values));
});
