<?php

declare(strict_types=1);

use App\Actions\Audit\AnswerFinding;
use App\Actions\Audit\TakeAudit;
use App\Actions\Registers\Approve;
use App\Actions\Signup\LapseJourneys;
use App\Actions\Signup\WithdrawConsent;
use App\Casts\Instants;
use App\Models\AnswerSays;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\User;
use App\Queries\Audit\Answers;
use App\Queries\Audit\AuditNow;
use App\Queries\Audit\CountDeeds;
use App\Queries\Audit\DeedsLately;
use App\Support\SystemClock;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;
use Juramen\Audit\AuditedKind;
use Juramen\Audit\Deed;
use Juramen\Audit\Deeds;
use Juramen\Audit\Requirement;
use Juramen\Audit\Requirements;
use Juramen\Audit\Verdict;
use Juramen\Consent\How;
use Juramen\Log\Disclosure;
use Tests\Support\Visitor;

uses(Visitor::class);

/* What is counted of what was done: by real sign-ups, and by what somebody with the database does behind the application's back. */

beforeEach(function (): void {
    $this->officer = User::query()->where('role', 'officer')->firstOrFail();
    Carbon::setTestNow('2027-03-01 09:00:00');
    $this->confirmed = function (string ...$emails): void {
        foreach ($emails as $email) {
            $this->signUp($email)->assertRedirect();
            $this->mailsAreTaken();
            Carbon::setTestNow(now()->addMinute());
            $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
        }
    };
    $this->deeds = fn (): Deeds => app(CountDeeds::class)()['footer-newsletter'] ?? Deeds::none();
    /** How many of each deed there are, of those that are there. */
    $this->counted = fn (Deed ...$deeds): array => array_map(fn (Deed $d): int => ($this->deeds)()->count($d), $deeds);
    $this->form = function (): ?AuditedForm {
        app(DeedsLately::class)->anew();

        return app(AuditNow::class)()->form(AuditedKind::Point, 'footer-newsletter');
    };
    $this->verdict = fn (string $requirement): ?Verdict => ($this->form)()?->standing($requirement);
});

test('people who confirmed are counted, and of what is kept of them nothing lacks', function (): void {
    expect(($this->verdict)('evidence-complete'))->toBe(Verdict::NotApplicable);
    ($this->confirmed)('imke@post.example', 'jorun@post.example');
    expect(($this->counted)(Deed::Permitted, Deed::PermittedOfNobody, Deed::PermittedWithoutWords, Deed::PermittedUnconfirmed))->toBe([2, 0, 0, 0])
        ->and(($this->verdict)('evidence-complete'))->toBe(Verdict::Met)->and(($this->counted)(Deed::NetworkKept, Deed::NetworkWhole))->toBe([2, 0]);
});

test('what somebody takes away from the proof is told: the address, the entry, the confirmation', function (): void {
    ($this->confirmed)('imke@post.example', 'jorun@post.example', 'wiebke@post.example');
    [$imke, $jorun, $wiebke] = Subscriber::query()->orderBy('id')->get()->map(static fn (Subscriber $s): int => $s->id)->all();
    DB::table('contact_points')->where('subscriber_id', $imke)->delete();
    DB::table('permissions')->where('subscriber_id', $jorun)->update(['entry' => random_bytes(16)]);
    DB::table('journeys')->where('subscriber_id', $wiebke)->update(['state' => 'asked']);
    expect(($this->counted)(Deed::Permitted, Deed::PermittedOfNobody, Deed::PermittedWithoutWords, Deed::PermittedUnconfirmed))->toBe([3, 1, 1, 1])
        ->and(($this->verdict)('evidence-complete'))->toBe(Verdict::Breach);
    $says = array_map(static fn (AuditedFinding $f): string => $f->says, ($this->form)()->findingsOf('evidence-complete'));
    expect($says)->toHaveCount(3)->and(implode(' ', $says))->toContain('no address is kept', 'no entry with the words', 'without a confirmation');
    // Each is answered by itself, and an audit keeps them.
    $digests = array_unique(array_map(static fn (AuditedFinding $f): string => $f->digest()->hex(), app(TakeAudit::class)($this->officer)->audit()
        ->form(AuditedKind::Point, 'footer-newsletter')->findingsOf('evidence-complete')));
    expect($digests)->toHaveCount(3);
});

test('a sign-up that nobody confirms is told only where it is kept past its end', function (): void {
    $this->signUp('imke@post.example')->assertRedirect();
    $this->mailsAreTaken();
    expect(($this->counted)(Deed::WaitsPastItsEnd))->toBe([0]);
    Carbon::setTestNow(now()->addDays(9));
    expect(($this->counted)(Deed::WaitsPastItsEnd))->toBe([1])->and(($this->verdict)('unconfirmed-lapse'))->toBe(Verdict::Weakness);
    app(LapseJourneys::class)();
    expect(($this->counted)(Deed::WaitsPastItsEnd))->toBe([0])->and(($this->verdict)('unconfirmed-lapse'))->toBe(Verdict::Met);
    // Whose mail was never taken waits without an end of its own, and never past thirty days.
    $this->signUp('jorun@post.example')->assertRedirect();
    Carbon::setTestNow(now()->addDays(30));
    expect(($this->counted)(Deed::WaitsPastItsEnd))->toBe([0]);
    Carbon::setTestNow(now()->addDays(2));
    expect(($this->counted)(Deed::WaitsPastItsEnd))->toBe([1]);
});

test('consent grows old by the months of its purpose, else of the house', function (): void {
    ($this->confirmed)('imke@post.example');
    $sets = function (int $months): void {
        $purpose = recordOf('purpose', 'voyage-news');
        written($purpose, $this->officer, 'refresh-months', $months);
        app(Approve::class)($purpose->name(), User::query()->where('role', 'officer')->orderByDesc('id')->firstOrFail(), newestOf($purpose), '');
    };
    $on = function (string $day): int {
        Carbon::setTestNow("$day 09:00:00");

        return ($this->counted)(Deed::PermittedTooLong)[0];
    };
    $sets(12);
    expect($on('2028-02-28'))->toBe(0)->and($on('2028-03-02'))->toBe(1)->and(($this->verdict)('refresh-due'))->toBe(Verdict::Weakness);
    // 0 is the house's time: twenty-four months.
    $sets(0);
    expect($on('2029-02-28'))->toBe(0)->and($on('2029-03-02'))->toBe(1);
});

test('who confirms at once is counted, and who withdraws by telling somebody', function (): void {
    foreach (range(1, 6) as $i) {
        $this->signUp("person.$i@post.example")->assertRedirect();
        $this->mailsAreTaken();
        Carbon::setTestNow(now()->addSeconds($i === 6 ? 4 : 1));
        $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    }
    expect(($this->counted)(Deed::Confirmed, Deed::ConfirmedAtOnce))->toBe([6, 5])->and(($this->verdict)('confirmation-deliberate'))->toBe(Verdict::Weakness);
    foreach (Subscriber::query()->orderBy('id')->get() as $i => $subscriber) {
        app(WithdrawConsent::class)($subscriber->subject, $i < 2 ? How::OneClick : How::Phone);
    }
    expect(($this->counted)(Deed::Withdrawn, Deed::WithdrawnByTelling, Deed::Permitted))->toBe([6, 4, 0])
        ->and(($this->verdict)('withdrawal-as-easy'))->toBe(Verdict::Weakness);
    Carbon::setTestNow(now()->addDays(91));
    expect(($this->counted)(Deed::Confirmed, Deed::Withdrawn))->toBe([0, 0])->and(($this->verdict)('withdrawal-as-easy'))->toBe(Verdict::Met);
});

test('an old copy that still sends is told of with its place and day; whoever had the page open is not', function (): void {
    ($this->confirmed)('imke@post.example');
    $old = $this->marks();
    written(App\Models\Point::query()->where('slug', 'footer-newsletter')->firstOrFail()->record, User::query()->where('role', 'editor')->firstOrFail(),
        'title/en', 'News from the quay');
    publishNow('footer-newsletter', $this->officer);
    $this->signUp('jorun@post.example', [], 'en', $old);
    expect(($this->counted)(Deed::SentByOldCopy))->toBe([0]);
    DB::table('point_editions')->where('number', DB::table('point_editions')->max('number'))->update([
        'published_at' => Instants::write(app(SystemClock::class)->instant()->plusDays(-3)),
    ]);
    DB::table('journeys')->update(['placement' => 'kiosk']);
    expect(($this->counted)(Deed::SentByOldCopy))->not->toBe([0])->and(($this->deeds)()->oldCopies())->toContain('on “kiosk”, last on 1 Mar 2027')
        ->and(($this->verdict)('edition-current'))->toBe(Verdict::Weakness);
});

test('a network address that is whole is found', function (): void {
    ($this->confirmed)('imke@post.example');
    $whole = Disclosure::make('network', '203.0.113.77');
    DB::table('disclosures')->insert([
        'subject' => Subscriber::query()->firstOrFail()->subject->bytes, 'entry' => random_bytes(16), 'digest' => $whole->digest()->bytes,
        'text' => $whole->text,
    ]);
    expect(($this->counted)(Deed::NetworkKept, Deed::NetworkWhole))->toBe([1, 1])->and(($this->verdict)('address-trimmed'))->toBe(Verdict::Weakness);
});

test('a page reads what the clock counted last; whoever takes an audit counts anew', function (): void {
    ($this->confirmed)('imke@post.example');
    $this->actingAs($this->officer);
    $page = fn () => $this->get('/audit?all=1&form=point+footer-newsletter')->assertOk();
    $page()->assertSee('What was done was counted on 1 Mar, 10:01')->assertDontSee('no address is kept that says whose');
    DB::table('contact_points')->delete();
    Carbon::setTestNow(now()->addMinutes(20));
    $page()->assertSee('1 Mar, 10:01')->assertDontSee('no address is kept that says whose');
    app(TakeAudit::class)($this->officer);
    $page()->assertSee('1 Mar, 10:21')->assertSee('1 consent stands and no address is kept that says whose.');
});

test('what is kept past its time is told of, and the cost of counting does not grow with points', function (): void {
    ($this->confirmed)('imke@post.example');
    $now = app(SystemClock::class)->instant();
    DB::table('held_submissions')->insert([
        'point_edition_id' => SignupJourney::query()->firstOrFail()->point_edition_id, 'language' => 'en', 'how' => 'form-served', 'content' => '{}',
        'signals' => '{}', 'received_at' => Instants::write($now->plusDays(-20)), 'deleted_at' => Instants::write($now->plusDays(-2)),
    ]);
    expect(($this->counted)(Deed::KeptPastItsTime))->toBe([1])->and(($this->verdict)('retention-set'))->toBe(Verdict::Weakness);
    $asked = 0;
    DB::listen(function () use (&$asked): void {
        $asked++;
    });
    app(CountDeeds::class)();
    $one = $asked;
    anotherPoint(User::query()->where('role', 'editor')->firstOrFail(), $this->officer);
    $asked = 0;
    app(CountDeeds::class)();
    expect($asked)->toBeLessThanOrEqual($one);
});

test('whoever accepts so many has not accepted more; fewer are covered, and an audit of then keeps how many', function (): void {
    ($this->confirmed)('imke@post.example', 'jorun@post.example', 'wiebke@post.example');
    $lose = fn (int $people) => DB::table('contact_points')->orderBy('id')->limit($people)->delete();
    $found = fn (): AuditedFinding => ($this->form)()->findingsOf('evidence-complete')[0];
    $answered = fn (): bool => app()->make(Answers::class)->to(($this->form)(), $found()) !== null;
    $lose(2);
    expect($found()->times)->toBe(2);
    app(AnswerFinding::class)(($this->form)(), $found(), AnswerSays::Accepted, 'They are asked anew by letter this month.', '2027-04-01', $this->officer);
    $audit = app(TakeAudit::class)($this->officer)->audit();
    expect($answered())->toBeTrue()->and($audit->form(AuditedKind::Point, 'footer-newsletter')?->findingsOf('evidence-complete')[0]->times)->toBe(2);
    $before = $found()->digest();
    $lose(1);
    expect($found()->times)->toBe(3)->and($found()->digest())->toEqual($before)->and($answered())->toBeFalse();
    DB::table('permissions')->orderBy('id')->limit(2)->delete();
    expect($found()->times)->toBe(1)->and($answered())->toBeTrue();
});

test('what is judged by what was done stands in no result of a form from elsewhere, nor beside a sheet', function (): void {
    $practice = array_map(static fn (Requirement $r): string => $r->id(), array_filter(
        Requirements::all(), static fn (Requirement $r): bool => $r instanceof Juramen\Audit\PracticeRequirement
    ));
    foreach (app(AuditNow::class)()->forms as $form) {
        foreach ($practice as $id) {
            expect($form->standing($id) === null)->toBe($form->kind === AuditedKind::Form, "$form->name $id");
        }
    }
    $this->actingAs($this->officer)->get('/requirements/evidence-complete')->assertOk()->assertSee('What stands can be proved')
        ->assertSee('Not judged yet, and in no result')->assertSee('Nothing is renewed here yet.');
});
