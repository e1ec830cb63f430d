<?php

declare(strict_types=1);

use App\Actions\Flow\AddCounts;
use App\Actions\Registers\Approve;
use App\Actions\Signup\WithdrawConsent;
use App\Models\Point;
use App\Models\SignupJourney;
use App\Models\User;
use App\Pages\Flow\FlowDrawing;
use App\Pages\Flow\FlowStep;
use App\Queries\Flow\Flow;
use App\Queries\Flow\FlowFilter;
use App\Queries\Flow\ReadFlow;
use App\Support\FlowLog;
use App\Support\SystemClock;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Juramen\Consent\How;
use Juramen\Consent\Trial;
use Juramen\Consent\TrialSide;
use Juramen\Register\RecordKind;
use Tests\Support\Visitor;

uses(Visitor::class);

/* How sign-ups go: counted without noting by whom, and two mails beside each other without a winner by chance. */

const PERSON = ['User-Agent' => 'Mozilla/5.0 (X11; Linux x86_64) Gecko/20100101', 'Accept' => 'text/html', 'Accept-Language' => 'en'];

beforeEach(function (): void {
    config(['juramen.flow' => $this->folder = sys_get_temp_dir().'/juramen-flow-'.getmypid()]);
    File::deleteDirectory($this->folder);
    app()->forgetInstance(FlowLog::class);
    $this->point = Point::query()->where('slug', 'footer-newsletter')->firstOrFail();
    $this->added = function (): int {
        $sum = app(AddCounts::class)();
        foreach (glob("$this->folder/aside-*") ?: [] as $file) {
            touch($file, time() - 60);
        }

        return $sum + app(AddCounts::class)();
    };
    $this->flow = fn (array $filter = []): Flow => app(ReadFlow::class)->of(
        $this->point, FlowFilter::parse(['days' => '30', ...$filter], app(SystemClock::class)->today())
    );
});

afterEach(fn () => File::deleteDirectory($this->folder));

test('people are counted, and programs that fetch ahead, preview or look are not; nothing in the file says who', function (): void {
    $this->get('/forms/footer-newsletter/en', PERSON)->assertOk();
    foreach ([['Sec-Purpose' => 'prefetch;prerender'], ['Purpose' => 'preview'], ['User-Agent' => 'SomeLinkPreview/2.0'], ['User-Agent' => ''],
        ['Accept' => '*/*'], ['Accept-Language' => '']] as $program) {
        $this->get('/forms/footer-newsletter/en', [...PERSON, ...$program])->assertOk();
    }
    $this->head('/forms/footer-newsletter/en', PERSON);
    $lines = file("$this->folder/now");
    expect($lines)->toHaveCount(1)->and($lines[0])->toMatch('/^\d{4}-\d\d-\d\d [0-9a-f]{64} en shown 1\n$/');
    expect(($this->added)())->toBe(1)->and(($this->flow)()->shown)->toBe([1])->and(($this->flow)(['language' => 'de'])->shown)->toBe([null]);
});

test('counts are added once, however often and beside itself it runs, and a half-written line spoils no other', function (): void {
    for ($i = 0; $i < 5; $i++) {
        $this->get('/forms/footer-newsletter/en', PERSON);
    }
    file_put_contents("$this->folder/now", "2026-11-28 nonsense\n<script>\n", FILE_APPEND);
    app(AddCounts::class)();
    [$file] = glob("$this->folder/aside-*");
    touch($file, time() - 60);
    // As another one sees it that began at the same time, or after a crash before the file was gone.
    $copy = file_get_contents($file);
    expect(app(AddCounts::class)())->toBe(5);
    file_put_contents($file, $copy);
    touch($file, time() - 60);
    expect(app(AddCounts::class)())->toBe(0)->and(($this->flow)()->shown)->toBe([5]);
});

test('each step of the way has its number, what was never counted has none, and opening is forgotten when it ends', function (): void {
    foreach (['a', 'b', 'c', 'd'] as $i => $who) {
        $this->signUp("$who@post.example");
        $this->mailsAreTaken();
        if ($i < 3) {
            $this->openLink('/confirm/'.$this->confirmToken(), PERSON)->assertOk();
        }
        if ($i < 2) {
            $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
        }
    }
    app(WithdrawConsent::class)(SignupJourney::query()->with('subscriber')->orderBy('asked_at')->firstOrFail()->subscriber->subject, How::LinkPage);
    ($this->added)();
    $flow = ($this->flow)();
    expect([$flow->shown, $flow->sent, $flow->asked, $flow->mailed, $flow->opened, $flow->confirmed, $flow->withdrawn, $flow->waiting])
        ->toBe([[4], 4, 4, 4, 3, 2, 1, 2])->and($flow->ticked[0]->statement)->toBe('voyage-news')->and($flow->ticked[0]->count)->toBe(4)
        ->and($flow->confirming->count())->toBe(2)
        ->and(SignupJourney::query()->where('opened', true)->count())->toBe(1, 'only of what has not ended')
        ->and(($this->flow)(['placement' => 'page'])->shown)->toBe([null], 'where it was come upon, only what was sent says');
    $page = $this->actingAs(User::query()->firstOrFail())->get('/points/footer-newsletter/flow')->assertOk();
    $page->assertSee('50 % of 4 confirmed')->assertSee('Page opened: 3')->assertSee('Fewer than twenty have confirmed');
    $this->get('/points/footer-newsletter/flow?placement=page')->assertSee('not known');
});

test('the nonce allots one of two approved wordings, and each person gets that one, also when it is sent again', function (): void {
    [$runa, $arne, $malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $record = begun(RecordKind::Mail, 'tidewick-ferries-confirmation-second', [
        'id' => 'tidewick-ferries-confirmation-second', 'controller' => 'tidewick-ferries', 'kind' => 'confirmation-second',
        'parts' => ['subject' => ['en' => 'The second: {title}']],
    ], $malin);
    app(Approve::class)($record->name(), $runa, newestOf($record), '', chosenPoints($record, 'footer-newsletter'));
    Carbon::setTestNow(now()->addHour());
    mailServer('accept');
    for ($i = 0; $i < 12; $i++) {
        $this->signUp($people[] = someone());
    }
    work();
    $journeys = SignupJourney::query()->orderBy('asked_at')->get();
    foreach ($people as $i => $to) {
        $mail = arrived($to)[0];
        $second = str_starts_with($mail['subject'], 'The second: ');
        expect($second)->toBe($journeys[$i]->allotted === 'b')->and(ord($journeys[$i]->nonce->bytes[15]) % 2 === 1)->toBe($second)
            ->and($mail['text'])->toContain('/confirm/');
    }
    expect($journeys->pluck('allotted')->unique()->sort()->values()->all())->toBe(['a', 'b']);
    // Nobody's time is over yet: nothing is said of the two.
    $this->actingAs($runa)->get('/points/footer-newsletter/flow')->assertSee('so nothing can be said')->assertSee('12 sign-ups have time left');
    Carbon::setTestNow(now()->addDays(8));
    $this->get('/points/footer-newsletter/flow')->assertSee('There is no winner');
    expect(DB::table('journeys')->whereNull('allotted')->count())->toBe(0);
});

test('pushing does not win: more have to confirm, by more than chance, and not fewer stay', function (): void {
    $side = static fn (int ...$of): TrialSide => new TrialSide(...$of);
    expect((new Trial($side(500, 300, 10), $side(500, 380, 12)))->better()?->confirmed)->toBe(380)
        ->and((new Trial($side(500, 300, 10), $side(500, 380, 150)))->better())->toBeNull('they withdraw again')
        ->and((new Trial($side(50, 30, 1), $side(50, 36, 1)))->better())->toBeNull('by chance')
        ->and((new Trial($side(0, 0, 0), $side(5, 5, 0)))->better())->toBeNull()
        ->and((new Trial($side(40, 5, 0), $side(400, 380, 0)))->better())->toBeNull('too early')
        ->and((new Trial($side(50, 30, 0), $side(50, 36, 0)))->needed())->toBeGreaterThan(200)
        ->and((new Trial($side(5, 0, 0), $side(5, 0, 0)))->needed())->toBeNull();
});

test('in the drawing no words stand over others, none run out of it, and no bar of somebody is too thin to be seen', function (): void {
    mt_srand(41);
    for ($i = 0; $i < 500; $i++) {
        $count = mt_rand(1, 60);
        $steps = [];
        foreach (['', '', 'not mailed', 'not opened', 'not pressed', 'withdrew'] as $at => $lost) {
            $steps[] = new FlowStep("Step $at", $at < 2 && $i % 3 === 0 ? null : $count, $lost);
            $count -= min($count, mt_rand(0, $i % 2 === 0 ? 2 : 30));
        }
        $drawing = new FlowDrawing($steps);
        $boxes = [];
        foreach ($drawing->bars() as $bar) {
            expect($bar->height)->toBeGreaterThanOrEqual(($bar->step->count ?? 0) > 0 ? 2.0 : 0.0)->and($bar->before)->toBeGreaterThanOrEqual($bar->height);
            if ($bar->said === null) {
                continue;
            }
            // Letters of 13 pixels are about 7 wide.
            $wide = 7 * strlen($bar->said->words);
            $from = $bar->said->anchor === 'end' ? $bar->said->x - $wide : $bar->said->x;
            foreach ($boxes as [$left, $right, $y]) {
                expect($from >= $right || $from + $wide <= $left || abs($bar->said->y - $y) >= 13)->toBeTrue("{$bar->said->words} stands over others");
            }
            expect($from >= 0 && $from + $wide <= $drawing->width() && $bar->said->y + 4 <= $drawing->height())->toBeTrue("{$bar->said->words} runs out");
            $boxes[] = [$from, $from + $wide, $bar->said->y];
        }
    }
});
