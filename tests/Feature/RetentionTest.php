<?php

declare(strict_types=1);

use App\Actions\Audit\CarryOut;
use App\Actions\Audit\SuspendConsents;
use App\Actions\Registers\Approve;
use App\Actions\Signup\LapseJourneys;
use App\Actions\Signup\WithdrawConsent;
use App\Actions\Upkeep\DeletePast;
use App\Models\Point;
use App\Models\Record;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\Verdict;
use Juramen\Consent\Acts\Erased;
use Juramen\Consent\Entry;
use Juramen\Consent\How;
use Juramen\Register\RecordKind;
use Tests\Support\Visitor;

uses(Visitor::class);

/*
 * How long details are kept once nothing is permitted any more: as the purpose says, else the house; longer for calls to Germany; and not while
 * anything is permitted or waits. Source of the five years: UWG 7a.
 */

beforeEach(function (): void {
    [$this->runa, , $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    Carbon::setTestNow('2027-03-01 09:00:00');
    $this->confirmed = function (string $email, array $more = []): Subscriber {
        $this->signUp($email, $more);
        $this->mailsAreTaken();
        foreach (SignupJourney::query()->orderByDesc('id')->limit(2)->get() as $journey) {
            $this->post('/confirm', ['token' => $this->confirmToken($journey)]);
        }

        return Subscriber::query()->orderByDesc('id')->firstOrFail();
    };
    $this->ends = fn (Subscriber $who) => app(WithdrawConsent::class)($who->subject, How::OneClick);
    $this->kept = fn (Subscriber $who): int => DB::table('disclosures')->where('subject', $who->subject->bytes)->count();
    $this->deletes = fn (): int => app(DeletePast::class)();
    /** A statement for the same purpose by telephone, on the form, with a field for the number. */
    $this->offersCalls = function (): void {
        $words = begun(RecordKind::Statement, 'sailing-calls', ['id' => 'sailing-calls', 'purpose' => 'voyage-news', 'channels' => ['phone'], 'texts' => [
            'en' => 'Yes, {controller} may call me {rate} about new sailings. {withdrawal}',
            'de' => 'Ja, {controller} darf mich {rate} wegen neuer Fahrten anrufen. {withdrawal}',
        ]], $this->malin);
        app(Approve::class)($words->name(), $this->runa, 1, 'A comment of fifteen letters.');
        $sheet = Point::query()->where('slug', 'footer-newsletter')->firstOrFail()->record;
        written($sheet, $this->malin, 'statements/sailing-calls', ['id' => 'sailing-calls']);
        written($sheet, $this->malin, 'fields/phone', [
            'id' => 'phone', 'kind' => 'phone', 'label' => ['en' => 'Mobile', 'de' => 'Handy'], 'required' => false, 'reason' => 'to call you',
        ]);
        publishNow('footer-newsletter', $this->runa);
    };
});

test('details go when their time is over, not a moment before, with an entry, and once', function (): void {
    $imke = ($this->confirmed)('imke@post.example');
    ($this->ends)($imke);
    $ended = now();
    $kept = ($this->kept)($imke);
    expect($kept)->toBeGreaterThan(0);
    Carbon::setTestNow($ended->copy()->addMonths(36));
    expect(($this->deletes)())->toBe(0)->and(($this->kept)($imke))->toBe($kept);
    Carbon::setTestNow($ended->copy()->addMonths(36)->addSecond());
    expect([($this->deletes)(), ($this->deletes)()])->toBe([1, 0])->and(($this->kept)($imke))->toBe(0);
    $last = Entry::parse(DB::table($this->ledger('entries'))->where('subject', $imke->subject->bytes)->orderByDesc('sequence')->value('body'));
    expect($last->act)->toBeInstanceOf(Erased::class)->and($last->act->how)->toBe(How::Clock)
        // That they want nothing is remembered, by a keyed digest that tells nobody who they were.
        ->and(DB::table('do_not_contact')->count())->toBe(1)->and(Artisan::call('consent:rebuild', ['--check' => true]))->toBe(0);
});

test('whoever comes back keeps what they gave while it waits; where nobody confirms it, their time goes on from when their consent ended', function (): void {
    [$imke, $oda] = [($this->confirmed)('imke@post.example'), ($this->confirmed)('oda@post.example')];
    ($this->ends)($imke);
    ($this->ends)($oda);
    // Anybody can sign somebody else up, as often as they like.
    foreach ([12, 12, 11] as $months) {
        Carbon::setTestNow(now()->addMonths($months));
        $this->signUp('imke@post.example');
        $this->mailsAreTaken();
        expect(DB::table('permissions')->where('subscriber_id', $imke->id)->value('reason'))->toBe('awaiting-confirmation')->and(($this->deletes)())->toBe(0);
        Carbon::setTestNow(now()->addDays(8));
        app(LapseJourneys::class)();
    }
    expect(DB::table('permissions')->where('subscriber_id', $imke->id)->value('reason'))->toBe('lapsed')->and(($this->deletes)())->toBe(0);
    $this->signUp('imke@post.example');
    $this->mailsAreTaken();
    Carbon::setTestNow(now()->addDays(6)->addMonths(1));
    // Its time is over, but something waits: it is over once that has lapsed.
    expect(($this->deletes)())->toBe(1)->and(($this->kept)($oda))->toBe(0)->and(($this->kept)($imke))->toBeGreaterThan(0);
    app(LapseJourneys::class)();
    expect(($this->deletes)())->toBe(1)->and(($this->kept)($imke))->toBe(0)->and(Artisan::call('consent:rebuild', ['--check' => true]))->toBe(0);
});

test('of somebody who never confirmed, what is left is kept from the lapse, and a consent that was given anew has an end of its own', function (): void {
    $imke = ($this->confirmed)('imke@post.example');
    ($this->ends)($imke);
    Carbon::setTestNow(now()->addMonths(30));
    expect(($this->confirmed)('imke@post.example')->id)->toBe($imke->id)->and(DB::table('permissions')->value('ended'))->toBeNull();
    Carbon::setTestNow(now()->addMonths(30));
    expect(($this->deletes)())->toBe(0);
    ($this->ends)($imke);
    Carbon::setTestNow(now()->addMonths(36));
    expect(($this->deletes)())->toBe(0);
    Carbon::setTestNow(now()->addSecond());
    expect(($this->deletes)())->toBe(1);
});

test('a purpose that says so itself is kept shorter, and others of the house stay', function (): void {
    [$imke, $oda] = [($this->confirmed)('imke@post.example'), ($this->confirmed)('oda@post.example')];
    ($this->ends)($imke);
    $purpose = Record::query()->where('kind', RecordKind::Purpose)->where('slug', 'voyage-news')->firstOrFail();
    written($purpose, $this->malin, 'retention-months', 6);
    app(Approve::class)($purpose->name(), $this->runa, (int) $purpose->revisions()->max('number'), 'A comment of fifteen letters.');
    expect(app(RegistersInForce::class)->registers()->purposes->get('voyage-news')?->retentionMonths)->toBe(6);
    Carbon::setTestNow(now()->addMonths(5));
    expect(($this->deletes)())->toBe(0);
    Carbon::setTestNow(now()->addMonths(1)->addMinute());
    expect(($this->deletes)())->toBe(1)->and(($this->kept)($imke))->toBe(0)->and(($this->kept)($oda))->toBeGreaterThan(0);
});

test('consent to calls, where Germans are addressed, is kept for five years from its end', function (): void {
    ($this->offersCalls)();
    config(['juramen.sms.url' => mailbox().'/sms']);
    $called = ($this->confirmed)('imke@post.example', ['yes-voyage-news' => '', 'yes-sailing-calls' => 'yes', 'phone' => '+4930'.random_int(1000000, 9999999)]);
    $mailed = ($this->confirmed)('oda@post.example');
    expect(DB::table('permissions')->where('subscriber_id', $called->id)->where('channel', 'phone')->value('allowed'))->toBe(1);
    ($this->ends)($called);
    ($this->ends)($mailed);
    Carbon::setTestNow(now()->addMonths(37));
    expect(($this->deletes)())->toBe(1)->and(($this->kept)($mailed))->toBe(0)->and(($this->kept)($called))->toBeGreaterThan(0);
    Carbon::setTestNow(now()->addMonths(22));
    expect(($this->deletes)())->toBe(0);
    Carbon::setTestNow(now()->addMonths(1)->addDay());
    expect(($this->deletes)())->toBe(1)->and(($this->kept)($called))->toBe(0);
});

test('what is suspended counts as ended, and whoever can still be lifted back within that time is', function (): void {
    $imke = ($this->confirmed)('imke@post.example');
    $point = Point::query()->where('slug', 'footer-newsletter')->firstOrFail();
    app(SuspendConsents::class)(
        $point, new AuditedFinding('purpose-said', Verdict::Breach, 'It says little.', '', '', ''), 'Nobody was told what comes.', $this->runa
    );
    app(CarryOut::class)();
    Carbon::setTestNow(now()->addMonths(35));
    expect(($this->deletes)())->toBe(0)->and(($this->kept)($imke))->toBeGreaterThan(0);
    Carbon::setTestNow(now()->addMonths(2));
    expect(($this->deletes)())->toBe(1)->and(($this->kept)($imke))->toBe(0);
});

test('one of whom nothing can be deleted stops nobody else', function (): void {
    [$imke, $oda] = [($this->confirmed)('imke@post.example'), ($this->confirmed)('oda@post.example')];
    ($this->ends)($imke);
    ($this->ends)($oda);
    // Her chain cannot be read any more.
    asOwner('entries', 'UPDATE ~ SET body = ? WHERE subject = ? AND sequence = 1', ['{}', $imke->subject->bytes]);
    Carbon::setTestNow(now()->addMonths(37));
    expect(($this->deletes)())->toBe(1)->and(($this->kept)($oda))->toBe(0)->and(($this->kept)($imke))->toBeGreaterThan(0);
});
