<?php

declare(strict_types=1);

use App\Actions\Evidence\ProveChain;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\Seal;
use App\Actions\Ledger\SealingRefused;
use App\Models\ApprovedEdition;
use App\Models\Subscriber;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Consent\Acts\ConfirmationSent;
use Juramen\Consent\Acts\Withdrawn;
use Juramen\Consent\How;
use Juramen\Consent\Target;
use Juramen\Log\TreeHash;
use Juramen\Register\Channel;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Somebody with every right on the database changes what evidence rests on. Verifying names it, and the person's page answers nothing. */

beforeEach(function (): void {
    foreach (['imke@post.example', 'oda@post.example'] as $who) {
        $this->signUp($who, ['first-name' => 'Imke']);
        $this->mailsAreTaken();
        $this->post('/confirm', ['token' => $this->confirmToken()]);
        $this->mailsAreTaken();
    }
    $this->imke = Subscriber::query()->orderBy('id')->firstOrFail();
    $this->oda = Subscriber::query()->orderByDesc('id')->firstOrFail();
    $this->seal = fn () => app(Seal::class)(everything: true);
    $this->withdraw = fn () => $this
        ->post('/withdraw', ['token' => Juramen\Consent\Link::Withdraw->token($this->imke->subject, app(Juramen\Canon\MacRing::class))]);
    $this->last = fn (): object => DB::table($this->ledger('entries'))->where('subject', $this->imke->subject->bytes)->orderByDesc('sequence')->first();
    $this->page = fn () => $this->actingAs(User::query()->firstOrFail())->get('/evidence/'.$this->imke->subject->hex())->assertOk();
    // What both must say, of whom.
    $this->found = function (string $says, string $about, bool $onPage = true): void {
        $faults = array_map(static fn ($f): string => $f->text(), verified()->faults);
        $fitting = array_filter($faults, static fn (string $f): bool => str_contains($f, $says) && str_contains($f, $about));
        expect($fitting)->not->toBe([], implode("\n", $faults) ?: 'nothing was found');
        $this->artisan('ledger:verify')->assertExitCode(1);
        if ($onPage) {
            ($this->page)()->assertSee('This cannot be answered')->assertDontSee('Proof verifies')->assertDontSee('<b>Yes.</b>', false);
            $this->artisan('consent:state', ['address' => 'imke@post.example'])->assertExitCode(2);
        }
    };
    $this->subject = "subject {$this->imke->subject->hex()}";
});

test('untouched, everything verifies, sealed or not, and the page answers', function (): void {
    ($this->page)()->assertSee('Yes.')->assertSee('Not yet sealed');
    ($this->seal)();
    expect(verified()->faults)->toBe([]);
    ($this->page)()->assertSee('Yes.')->assertSee('Proof verifies');
    ($this->withdraw)();
    expect(verified()->faults)->toBe([]);
    ($this->page)()->assertSee('No.')->assertSee('withdrew');
    ($this->seal)();
    expect(verified()->faults)->toBe([])->and(glob(config('juramen.keys').'/journal/*.closed-*'))->toBe([]);
});

test('a withdrawal that is deleted before it is sealed is missed by the journal beside the key', function (): void {
    ($this->seal)();
    ($this->withdraw)();
    asOwner('entries', 'DELETE FROM ~ WHERE position = ?', [($this->last)()->position]);
    DB::table('permissions')->where('subscriber_id', $this->imke->id)
        ->update(['reason' => 'confirmed', 'allowed' => 1, 'since' => ($this->last)()->recorded, 'entry' => ($this->last)()->id]);
    ($this->found)('was committed and is not', $this->subject);
    expect(fn () => ($this->seal)())->toThrow(SealingRefused::class, $this->imke->subject->hex());
    $this->get('/desk')->assertSee('This is not the ledger that was sealed');
});

test('a withdrawal that is deleted after it was sealed, with its leaf, its head and what is noted, is missed by the signed map', function (): void {
    ($this->withdraw)();
    ($this->seal)();
    $last = ($this->last)();
    asOwner('entries', 'DELETE FROM ~ WHERE position = ?', [$last->position]);
    asOwner('leaves', 'DELETE FROM ~ WHERE position = ?', [$last->position]);
    $before = ($this->last)();
    DB::table('permissions')->where('subscriber_id', $this->imke->id)
        ->update(['reason' => 'confirmed', 'allowed' => 1, 'since' => $before->recorded, 'entry' => $before->id]);
    ($this->found)('entries are missing', '');
    expect(app(ProveChain::class)($this->imke->subject)->faults[0])->toContain('does not end where the signed checkpoint says');
    DB::table('chain_heads')->where('subject', $this->imke->subject->bytes)
        ->update(['sequence' => $before->sequence, 'digest' => Digest::of($before->body)->bytes]);
    ($this->found)('do not end where the checkpoint', '');
    expect(app(ProveChain::class)($this->imke->subject)->faults[0])->toContain('does not lead to the root that was signed');
    // Nor does the next sealing build upon it.
    DB::transaction(
        fn () => app(Append::class)($this->imke->subject, new Withdrawn(Instant::of(now()), How::LinkPage, [new Target('voyage-news', Channel::Email)]))
    );
    expect(fn () => ($this->seal)())->toThrow(SealingRefused::class);
});

test('a withdrawal that is altered, leaf and all, does not lead to the signed root', function (): void {
    ($this->withdraw)();
    ($this->seal)();
    $last = ($this->last)();
    $changed = str_replace('"channel":"email"', '"channel":"sms"', $last->body);
    asOwner('entries', 'UPDATE ~ SET body = ? WHERE position = ?', [$changed, $last->position]);
    asOwner('leaves', 'UPDATE ~ SET hash = ? WHERE position = ?', [TreeHash::ofLeaf($changed)->bytes, $last->position]);
    ($this->found)('is not that of their bytes', bin2hex($last->id));
});

test('an entry whose way to the signed root was changed proves nothing', function (): void {
    ($this->seal)();
    asOwner('subtrees', 'UPDATE ~ SET hash = ?', [str_repeat('x', 32)]);
    expect(verified()->faults)->not->toBe([]);
    ($this->page)()->assertSee('This cannot be answered')->assertSee('does not lead to the root that was signed');
});

test('each thing that evidence rests on is named when it is changed', function (callable $tamper, string $says, string $about, bool $onPage = true): void {
    ($this->seal)();
    $tamper->call($this);
    ($this->found)($says, str_replace('SUBJECT', $this->imke->subject->hex(), $about), $onPage);
})->with([
    'frozen bytes' => [
        fn () => DB::table('frozen_bytes')->where('digest', $this->edition->languages[0]->pages[0]->html->bytes)->update(['bytes' => 'something else']),
        'frozen', 'point footer-newsletter',
    ],
    'frozen bytes deleted' => [fn () => DB::table('frozen_bytes')->where('type', 'text/html')->delete(), 'frozen', 'point footer-newsletter'],
    'a point\'s edition' => [
        fn () => DB::statement("UPDATE point_editions SET bytes = REPLACE(bytes, 'News from on board', 'Win a prize')"), 'are not those that were published',
        'point footer-newsletter',
    ],
    'an edition\'s row gone' => [function (): void {
        DB::connection('owner')->statement('SET FOREIGN_KEY_CHECKS = 0');
        DB::connection('owner')->statement('DELETE FROM point_editions');
    }, 'was published is gone', 'point footer-newsletter'],
    'who published' => [
        fn () => DB::table('point_editions')->update(['published_by' => User::query()->where('name', 'like', 'Arne%')->value('id')]),
        'Who published edition 1', 'point footer-newsletter'],
    'a statement\'s words' => [
        fn () => DB::statement("UPDATE editions SET bytes = REPLACE(bytes, 'sailings', 'prizes')"), 'are not those that were approved',
        'statement voyage-news',
    ],
    'a statement\'s approver' => [
        fn () => ApprovedEdition::query()->whereRelation('record', 'slug', 'voyage-news')->whereRelation('record', 'kind', 'statement')
            ->update(['approved_by' => User::query()->where('name', 'like', 'Arne%')->value('id')]),
        'Who approved edition 1', 'statement voyage-news',
    ],
    'the day a rule holds from' => [
        fn () => DB::table('editions')->whereIn('record_id', DB::table('records')->where('kind', 'rules')->select('id'))->update(['effective' => '2020-01-01']),
        'Who approved edition 1', 'rules house', false,
    ],
    'a value given to another subject' => [
        fn () => DB::table('disclosures')->where('subject', $this->imke->subject->bytes)->limit(1)->update(['subject' => $this->oda->subject->bytes]),
        'lies with another subject', 'subject SUBJECT',
    ],
    'a value\'s text' => [
        fn () => DB::table('disclosures')->where('subject', $this->imke->subject->bytes)->orderBy('id')
            ->limit(1)->update(['text' => Juramen\Log\Disclosure::make('email', 'imke@post.example')->text]),
        'is not the one this entry was made with', 'subject SUBJECT',
    ],
    'values deleted without an entry' => [
        fn () => DB::table('disclosures')->where('subject', $this->imke->subject->bytes)->where('text', 'like', '%')->orderByDesc('id')->limit(1)->delete(),
        'was deleted, and no entry says so', 'subject SUBJECT',
    ],
    'a look-up turned to somebody else' => [function (): void {
        DB::table('contact_points')->where('subscriber_id', $this->imke->id)->delete();
        DB::table('contact_points')->where('subscriber_id', $this->oda->id)->update(['subscriber_id' => $this->imke->id]);
    }, 'is not found by the address', 'subject SUBJECT', false],
    'what is noted as permitted' => [
        fn () => DB::table('permissions')->where('subscriber_id', $this->imke->id)->update(['channel' => 'sms']), 'is not what the entries say',
        'subject SUBJECT',
    ],
    'the person\'s row' => [function (): void {
        DB::connection('owner')->statement('SET FOREIGN_KEY_CHECKS = 0');
        DB::connection('owner')->table('subscribers')->where('id', $this->imke->id)->delete();
    }, 'is not on record any more', 'subject SUBJECT', false],
]);

test('a checkpoint taken out of their sequence is missed by its number', function (): void {
    for ($i = 0; $i < 3; $i++) {
        ($this->seal)();
        DB::transaction(
            fn () => app(Append::class)($this->oda->subject, new Withdrawn(Instant::of(now()), How::LinkPage, [new Target('voyage-news', Channel::Email)]))
        );
        $this->artisan('consent:rebuild');
    }
    ($this->seal)();
    expect(verified()->faults)->toBe([])->and(verified()->checkpoints)->toBe(4);
    $sizes = DB::table($this->ledger('checkpoints'))->orderBy('size')->pluck('size')->all();
    asOwner('checkpoints', 'DELETE FROM ~ WHERE size = ?', [$sizes[1]]);
    ($this->found)('others are missing', 'checkpoint 3', false);
    asOwner('checkpoints', 'DELETE FROM ~ WHERE size = ?', [$sizes[3]]);
    ($this->found)('was taken out', "size {$sizes[3]}", false);
});

test('an entry dated ahead hides no withdrawal, and is flagged', function (): void {
    $now = now();
    Carbon::setTestNow($now->copy()->addYears(4));
    DB::transaction(
        fn () => app(Append::class)(
            $this->imke->subject,
            new ConfirmationSent(Instant::of(now()), Juramen\Canon\Id::random(), $this->edition->digest(), Juramen\Register\Language::English)
        )
    );
    Carbon::setTestNow($now->copy()->addMinute());
    ($this->withdraw)();
    $this->artisan('consent:state', ['address' => 'imke@post.example'])->assertExitCode(2);
    expect(
        Juramen\Consent\Permissions::at(app(App\Actions\Ledger\LedgerTables::class)->chain($this->imke->subject), Instant::of(now()), Instant::of(now()))
            ->for(new Target('voyage-news', Channel::Email))->allowed()
    )->toBeFalse();
    ($this->found)('dated ahead of time', $this->subject);
});

test('an older database restored is told at once, sends nothing, and goes on only with a person\'s word', function (): void {
    ($this->seal)();
    $this->signUp('waiting@post.example');
    $older = sys_get_temp_dir().'/juramen-older-'.getmypid().'.sql';
    $connect = '--no-defaults --socket='.escapeshellarg(config('database.connections.owner.unix_socket'));
    $schemas = config('database.connections.owner.database').' '.config('juramen.ledger_schema');
    exec("mariadb-dump $connect --databases $schemas > $older", result_code: $code);
    expect($code)->toBe(0);
    $this->mailsAreTaken();
    ($this->withdraw)();
    ($this->seal)();
    ($this->withdraw)();
    $this->signUp('late@post.example');
    exec("mariadb $connect < $older", result_code: $code);
    unlink($older);
    expect($code)->toBe(0);
    DB::purge();
    $this->actingAs(User::query()->firstOrFail())->get('/desk')->assertSee('This is not the ledger that was sealed')
        ->assertSee('an older database was restored');
    expect(app(App\Actions\Delivery\Deliveries::class)->claim())->toBeNull()->and(fn () => ($this->seal)())->toThrow(SealingRefused::class);
    $this->artisan('ledger:accept-loss')->expectsOutputToContain('lost: entry')->assertExitCode(1);
    expect(app(App\Actions\Delivery\Deliveries::class)->claim())->toBeNull();
    $this->artisan('ledger:accept-loss', ['--yes' => true])->expectsOutputToContain('1 mails wait for a person')->assertExitCode(0);
    $this->artisan('ledger:accept-loss')->assertExitCode(0);
    ($this->seal)();
    expect(app(App\Actions\Delivery\Deliveries::class)->claim())->toBeNull()->and($this->message()->state->value)->toBe('uncertain')
        ->and(glob(config('juramen.keys').'/*.lost-*'))->toHaveCount(2)->and(verified()->faults)->toBe([]);
    $this->get('/desk')->assertDontSee('This is not the ledger');
    $this->get('/mails')->assertSee('An older database was restored');
});

test('a value that is deleted is deleted with an entry, by lapse, withdrawal and retention alike, and what is past its time goes', function (): void {
    $kept = fn (Subscriber $of): int => DB::table('disclosures')->where('subject', $of->subject->bytes)->count();
    ($this->withdraw)();
    expect($kept($this->imke))->toBe(4)->and(DB::table('do_not_contact')->count())->toBe(1);
    $this->actingAs(User::query()->firstOrFail())->get('/evidence/signups?state=confirmed')->assertSee('oda@post.example')->assertDontSee('imke@post.example');
    $this->post('/evidence', ['email' => 'imke@post.example'])->assertRedirect('/evidence/'.$this->imke->subject->hex());
    Carbon::setTestNow(now()->addMonths(35));
    expect(app(App\Actions\Upkeep\DeletePast::class)())->toBe(0);
    Carbon::setTestNow(now()->addMonths(2));
    expect(app(App\Actions\Upkeep\DeletePast::class)())->toBe(1)->and($kept($this->imke))->toBe(0)->and($kept($this->oda))->toBe(4)
        ->and(DB::table('contact_points')->count())->toBe(1)->and(DB::table('do_not_contact')->count())->toBe(1);
    ($this->seal)();
    expect(verified()->faults)->toBe([])->and($this->acts())->toContain('erased');
    $this->get('/desk')->assertSee('1 people past their time');
    ($this->page)()->assertSee('details were deleted')->assertSee('withdrew');
});

test('withdrawing from a mail that waits deletes as by lapse, ends nothing permitted earlier that is not named, and is remembered', function (): void {
    $this->signUp('new@post.example');
    $this->post('/withdraw', ['token' => $this->withdrawToken()])->assertOk();
    $new = Subscriber::query()->orderByDesc('id')->firstOrFail();
    expect(DB::table('disclosures')->where('subject', $new->subject->bytes)->count())->toBe(0)->and($new->contactPoints()->count())->toBe(0)
        ->and(
            app(App\Actions\Signup\KnowSubscriber::class)->leftAloneSince('tidewick-ferries', Juramen\Register\EmailAddress::parse('new@post.example'))
        )->not->toBeNull();
    // Coming back of one's own accord, and confirming it, ends being left alone.
    $this->signUp('new@post.example');
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    ($this->seal)();
    expect(DB::table('do_not_contact')->count())->toBe(0)->and(verified()->faults)->toBe([]);
});

test('what was held before a withdrawal permits nobody again, and the officer is told', function (): void {
    $this->signUp('imke@post.example', ['homepage' => 'x']);
    Carbon::setTestNow(now()->addMinute());
    ($this->withdraw)();
    $before = DB::table('deliveries')->count();
    $this->actingAs(User::query()->firstOrFail())->decided(App\Models\HeldSubmission::query()->firstOrFail()->id, 'accept');
    expect(DB::table('acts')->where('kind', 'released')->value('detail'))->toBe(App\Actions\Signup\Released::Nothing->says());
    expect(array_count_values($this->acts())['given'])->toBe(2)->and(DB::table('deliveries')->count())->toBe($before);
    // Held after it, the new wish goes its way.
    Carbon::setTestNow(now()->addMinute());
    $this->signUp('imke@post.example', ['homepage' => 'x']);
    $this->decided(App\Models\HeldSubmission::query()->firstOrFail()->id, 'accept');
    expect(DB::table('acts')->where('kind', 'released')->orderByDesc('id')->value('detail'))->toBe(App\Actions\Signup\Released::Whole->says());
    expect(array_count_values($this->acts())['given'])->toBe(3);
});
