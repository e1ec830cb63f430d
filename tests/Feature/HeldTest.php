<?php

declare(strict_types=1);

use App\Actions\Screening\AdoptWeights;
use App\Actions\Signup\DecideHeld;
use App\Actions\Upkeep\DeleteDue;
use App\Http\Flood\FloodCounts;
use App\Models\AdoptedWeights;
use App\Models\AssessedSubmission;
use App\Models\HeldSubmission;
use App\Models\PublishedEdition;
use App\Models\User;
use App\Queries\Screening\ReadDecisions;
use App\Queries\Screening\WeightsInForce;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\Entry;
use Juramen\Screening\Alike\Groups;
use Juramen\Screening\Alike\Traits;
use Juramen\Screening\Calibration\Estimate;
use Juramen\Screening\Weights;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

/* What screening holds is decided by people, can be undone for a while, and teaches the weights. */

beforeEach(function (): void {
    $this->runa = User::query()->where('role', 'officer')->firstOrFail();
    $this->actingAs($this->runa);
    config()->set('juramen.screening.undo_seconds', 120);
    $this->held = function (string ...$emails): array {
        array_map(fn (string $email) => $this->signUp($email, ['homepage' => 'x']), $emails);

        return HeldSubmission::query()->orderBy('id')->pluck('id')->map(strval(...))->all();
    };
    $this->later = fn (int $seconds): int => tap(Carbon::setTestNow(now()->addSeconds($seconds)), fn () => null) ?? app(DecideHeld::class)->carryOut();
});

test('a decision is carried out when it can be undone no longer, and not before', function (): void {
    [$one, $two] = ($this->held)('one@post.example', 'two@inbox.example');
    $this->post('/held/decide', ['act' => 'accept', 'chosen' => [$one]]);
    expect(($this->later)(60))->toBe(0)->and($this->acts())->toBe([]);
    $this->get('/held')->assertSee('1 waits for a decision')->assertSee('Accepted')->assertSee('Undo');
    // Undone and decided the other way; the first word does not linger.
    $this->post('/held/undo', ['chosen' => [$one]]);
    expect(HeldSubmission::query()->whereNotNull('decided')->count())->toBe(0)->and(($this->later)(300))->toBe(0);
    $this->post('/held/decide', ['act' => 'refuse', 'chosen' => [$one]]);
    // Whoever comes second changes nothing, whatever they say.
    $this->followingRedirects()->post('/held/decide', ['act' => 'accept', 'chosen' => [$one]])->assertSee('None is accepted. With one somebody was quicker.');
    $this->post('/held/decide', ['act' => 'accept', 'chosen' => [$two]]);
    expect(($this->later)(121))->toBe(2)->and(HeldSubmission::query()->count())->toBe(0)->and($this->acts())->toBe(['given']);
    $this->followingRedirects()->post('/held/undo', ['chosen' => [$one, $two]])->assertSee('With 2 somebody was quicker.');
    // The entry keeps when the person acted; it was recorded when it was carried out.
    $entry = Entry::parse((string) DB::table($this->ledger('entries'))->where('kind', 'given')->value('body'));
    expect($entry->recorded->utc->getTimestamp() - $entry->act->occurred->utc->getTimestamp())->toBeGreaterThan(400);
    expect(DB::table('acts')->whereIn('kind', ['released', 'deleted'])->pluck('user_id')->unique()->all())->toBe([$this->runa->id]);
});

test('nobody accepts what would have lapsed, and a decision outlives the day on which it would have gone', function (): void {
    [$one, $two] = ($this->held)('one@post.example', 'two@inbox.example');
    expect(HeldSubmission::query()->firstOrFail()->deleted_at->text())->toBe(AssessedSubmission::query()->firstOrFail()->assessed_at->plusDays(7)->text());
    Carbon::setTestNow(now()->addDays(7)->subSeconds(20));
    $this->post('/held/decide', ['act' => 'accept', 'chosen' => [$one]]);
    Carbon::setTestNow(now()->addSeconds(30));
    $this->followingRedirects()->post('/held/decide', ['act' => 'accept', 'chosen' => [$two]])->assertSee('None is accepted');
    app(DeleteDue::class)();
    expect(HeldSubmission::query()->pluck('id')->all())->toBe([(int) $one])->and(($this->later)(121))->toBe(1)->and($this->acts())->toBe(['given']);
});

test('alike ones stand together, whatever else came, and each in one group', function (): void {
    ($this->held)('qzvk.12@bulk.example', 'imke@post.example', 'wxtr.48@bulk.example', 'ole@inbox.example', 'bqrz.77@bulk.example');
    $page = new Crawler((string) $this->get('/held')->assertOk()->getContent());
    expect($page->filter('tr.group th')->each(static fn (Crawler $th): string => $th->text()))->toBe(['3 alike'])
        ->and($page->filter('.waiting > tbody:not(.alike)')->count())->toBe(2)->and($page->filter('[data-because]')->count())->toBe(5);
    mt_srand(5);
    for ($round = 0; $round < 60; $round++) {
        $all = array_map(static fn (): Traits => Traits::of(
            mt_rand(10, 99).chr(mt_rand(97, 99)).'@'.['a', 'b'][mt_rand(0, 1)].'.example',
            ['', 'free money now or never, and more of it', 'one two three four five six'][mt_rand(0, 2)], ['', '192.0.2.0/24'][mt_rand(0, 1)], 'too-fast'
        ), range(1, mt_rand(0, 12)));
        $groups = Groups::of($all);
        $places = array_merge(...[[], ...$groups]);
        sort($places);
        expect($places)->toBe(array_keys($all));
        foreach ($groups as $i => $group) {
            foreach ($groups as $j => $other) {
                foreach ($i === $j ? [] : $group as $a) {
                    expect(array_filter($other, static fn (int $b): bool => $all[$a]->isLike($all[$b])))->toBe([]);
                }
            }
        }
    }
});

test('weights are estimated from what people decided, seen before and after, and adopted with a reason', function (): void {
    $decide = fn (string $signals, string $as, int $many) => AssessedSubmission::query()->insert(array_fill(0, $many, [
        'point_edition_id' => PublishedEdition::query()->firstOrFail()->id, 'risk' => 97, 'band' => 'hold', 'signals' => $signals, 'decided' => $as,
        'assessed_at' => now()->subDay(),
    ]));
    $this->get('/screening/weights')->assertSee('so far 0 and 0')->assertDontSee('Use the estimate');
    $this->post('/screening/weights', ['which' => 'estimated', 'mark' => 'x', 'reason' => 'Because I say so, and loudly.'])->assertSessionHasErrors('reason');
    $decide('trap-touched', 'ham', 30);
    $decide('spam-text=0.90 many-links', 'spam', 30);
    $page = new Crawler((string) $this->get('/screening/weights')->assertSee('60 were decided')->getContent());
    $mark = $page->filter('input[name=mark]')->attr('value');
    $send = fn (array $with) => $this->post('/screening/weights', [
        'which' => 'estimated', 'mark' => $mark, 'reason' => 'Browsers fill in the trap here.', ...$with,
    ]);
    $send(['reason' => 'short'])->assertSessionHasErrors('reason');
    // Somebody decides in between: what was seen is not what would be adopted.
    $decide('too-fast random-name', 'spam', 3);
    $send([])->assertSessionHasErrors(['reason' => 'Somebody has decided since you looked, and the estimate is another now. Look at it once more.']);
    expect(AdoptedWeights::query()->count())->toBe(0);
    $mark = AdoptWeights::mark(Estimate::of(app(ReadDecisions::class)(), Weights::ours())->weights);
    $this->actingAs(User::query()->where('role', 'auditor')->firstOrFail());
    $send(['mark' => $mark])->assertForbidden();
    $this->actingAs($this->runa);
    $send(['mark' => $mark])->assertSessionHasNoErrors();
    // From now on a trap alone is a puzzle at most; what came before keeps what was done with it.
    expect(AssessedSubmission::query()->where('signals', 'trap-touched')->pluck('band', 'risk')->map->value->all())->toHaveCount(1)
        ->and(AssessedSubmission::query()->where('signals', 'trap-touched')->max('risk'))->toBeLessThan(50)
        ->and(AssessedSubmission::query()->where('band', 'hold')->count())->toBe(63);
    $this->signUp('imke@post.example', ['homepage' => 'x']);
    expect(HeldSubmission::query()->count())->toBe(0);
    $send(['mark' => $mark])->assertSessionHasErrors('reason');
    $this->post('/screening/weights', ['which' => 'ours', 'reason' => 'The browsers have been mended.'])->assertSessionHasNoErrors();
    expect(app(WeightsInForce::class)->weights()->toArray())->toBe(Weights::ours()->toArray())
        ->and(AssessedSubmission::query()->where('signals', 'trap-touched')->min('risk'))->toBe(97);
    $this->signUp('imke@post.example', ['homepage' => 'x']);
    expect(HeldSubmission::query()->count())->toBe(1)->and(DB::table('acts')->where('kind', 'adopted-weights')->count())->toBe(2);
});

test('in a flood the puzzle is put to everybody at that point, the desk says so, and it ends by itself', function (): void {
    $raise = fn (string $point) => (new FloodCounts([
        'APP_KEY' => config('app.key'), 'DB_SOCKET' => config('database.connections.mariadb.unix_socket'), 'DB_DATABASE' => DB::getDatabaseName(),
        'DB_USERNAME' => config('database.connections.mariadb.username'),
    ]))->raise($point);
    // At another point it is nobody's business here.
    $raise('contact-form');
    $this->signUp('before@post.example')->assertRedirect('/forms/footer-newsletter/en/sent');
    $this->get('/desk')->assertDontSee('flooded');
    $raise('footer-newsletter');
    $this->get('/desk')->assertSee('Footer newsletter')->assertSee('is flooded');
    $this->signUp('ida@post.example')->assertStatus(422)->assertSee('name="puzzle"', false);
    expect(HeldSubmission::query()->count())->toBe(0);
    Carbon::setTestNow(now()->addSeconds(601));
    $this->signUp('ida@post.example')->assertRedirect('/forms/footer-newsletter/en/sent');
    $this->get('/desk')->assertSee('was flooded within a day');
    Carbon::setTestNow(now()->addDay());
    $this->get('/desk')->assertDontSee('flooded');
});

test('one that cannot be carried out keeps none of the others, and is tried again', function (): void {
    ($this->held)('one@post.example', 'two@inbox.example', 'three@mail.example');
    $ids = HeldSubmission::query()->orderBy('id')->pluck('id')->map(strval(...))->all();
    $whole = (string) DB::table('held_submissions')->where('id', $ids[1])->value('content');
    DB::table('held_submissions')->where('id', $ids[1])->update(['content' => 'damaged']);
    DB::table('held_submissions')->update(['decided' => 'accept', 'decided_at' => now()->subHour(), 'user_id' => $this->runa->id]);
    expect(app(DecideHeld::class)->carryOut())->toBe(2)->and(HeldSubmission::query()->pluck('id')->map(strval(...))->all())->toBe([$ids[1]]);
    DB::table('held_submissions')->update(['content' => $whole]);
    expect(app(DecideHeld::class)->carryOut())->toBe(1)->and($this->acts())->toBe(['given', 'given', 'given']);
});

test('a decision of somebody else, of nothing, or of a stranger is none', function (): void {
    [$one] = ($this->held)('one@post.example');
    foreach (['accept', 'refuse'] as $act) {
        $this->post('/held/decide', ['act' => $act, 'chosen' => $one])->assertRedirect('/held');
        $this->post('/held/decide', ['act' => $act, 'chosen' => ["$one OR 1=1", '-1', '0', str_repeat('9', 30)]])->assertRedirect('/held');
    }
    expect(HeldSubmission::query()->whereNotNull('decided')->count())->toBe(0);
    foreach (['editor', 'administrator', 'auditor'] as $role) {
        $this->actingAs(User::query()->where('role', $role)->firstOrFail());
        $this->post('/held/decide', ['act' => 'accept', 'chosen' => [$one]])->assertForbidden();
        $this->post('/held/undo', ['chosen' => [$one]])->assertForbidden();
    }
    auth()->logout();
    $this->post('/held/decide', ['act' => 'accept', 'chosen' => [$one]])->assertRedirect('/login');
    expect(HeldSubmission::query()->whereNotNull('decided')->count())->toBe(0);
});
