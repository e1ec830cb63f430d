<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Screening\DrawLines;
use App\Casts\Instants;
use App\Models\AssessedSubmission;
use App\Models\DrawnLines;
use App\Models\HeldSubmission;
use App\Models\PublishedEdition;
use App\Models\SignupJourney;
use App\Models\User;
use App\Queries\Screening\CountRisks;
use App\Queries\Screening\LinesInForce;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Slug;
use Juramen\Screening\Costs;
use Juramen\Screening\Lines;
use Juramen\Screening\RiskCount;
use Juramen\Screening\Tuning;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Where the lines of screening lie: tried on what came in, drawn by officers with a reason, and in force from the next submission on. */

beforeEach(function (): void {
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    // What came in at random, some of it decided.
    $this->came = function (int $many): void {
        mt_srand(77);
        $now = app(SystemClock::class)->instant();
        AssessedSubmission::query()->insert(array_map(fn (): array => [
            'point_edition_id' => PublishedEdition::query()->firstOrFail()->id, 'risk' => $risk = mt_rand(0, 100), 'band' => Lines::ours()->band($risk)->value,
            'signals' => ['', 'too-fast', 'spam-text=0.40 puzzle-solved'][mt_rand(0, 2)], 'decided' => [null, 'ham', 'spam'][mt_rand(0, 2)],
            'assessed_at' => Instants::write($now->plusDays(-mt_rand(0, 90))->plusSeconds(-mt_rand(60, 80_000))),
        ], range(1, $many)));
    };
    $this->page = fn (array $query = []) => $this->actingAs($this->runa)->get('/screening/lines?'.http_build_query($query))->assertOk();
});

test('counts, rates and costs are those of a recount, whatever came in and wherever the lines lie', function (): void {
    mt_srand(31);
    for ($round = 0; $round < 200; $round++) {
        $counts = array_map(static function (int $risk): RiskCount {
            [$ham, $spam] = [mt_rand(0, 3), mt_rand(0, 3)];

            return new RiskCount($risk, $ham + $spam + mt_rand(0, 5), $ham, $spam, mt_rand(0, 3) === 0);
        }, range(0, 100));
        $cuts = [mt_rand(1, 101), mt_rand(1, 101), mt_rand(1, 101)];
        sort($cuts);
        [$lines, $costs] = [new Lines(...$cuts), new Costs(mt_rand(1, 900) / 100, mt_rand(1, 90) / 100)];
        $tuning = new Tuning($counts, $costs);
        $sum = static fn (callable $in, string $what): int => array_sum(array_map(
            static fn (RiskCount $c): int => $in($c) ? $c->{$what} : 0, $counts
        ));
        // Whoever solved the puzzle is held where they would be put another, from one half on.
        $stopped = static fn (RiskCount $c): bool => $c->risk >= $lines->hold || ($c->solved && $c->risk >= max(50, $lines->puzzle));
        expect($tuning->spamStopped($lines))->toBe($sum($stopped, 'spam'))->and($tuning->hamStopped($lines))->toBe($sum($stopped, 'ham'))
            ->and(array_sum(array_map(static fn ($band): int => $tuning->in($band, $lines), Juramen\Screening\Band::cases())))->toBe($tuning->all());
        $least = min(array_map($tuning->cost(...), range(1, 101)));
        expect($tuning->cost($tuning->least()))->toEqualWithDelta($least, 1e-6);
        $other = new Lines(1, 50, 99);
        foreach (range(0, 100) as $risk) {
            foreach ([false, true] as $solved) {
                expect(in_array($risk, Tuning::moved($lines, $other, $solved), true))->toBe($lines->band($risk, $solved) !== $other->band($risk, $solved));
            }
        }
    }
    expect((new Tuning([], new Costs))->all())->toBe(0);
});

test('what other lines would change is listed, one by one, and nothing else', function (): void {
    ($this->came)(300);
    $page = ($this->page)(['puzzle' => '30', 'hold' => '60', 'refuse' => '95']);
    $listed = (int) preg_replace('/\D/', '', (new Crawler((string) $page->getContent()))->filter('#moved table caption')->text());
    $since = Instants::write(app(SystemClock::class)->instant()->plusDays(-60));
    $recounted = AssessedSubmission::query()->where('assessed_at', '>', $since)->get()
        ->filter(function (AssessedSubmission $a): bool {
            $solved = str_ends_with($a->signals, 'puzzle-solved');

            return (new Lines(30, 60, 95))->band($a->risk, $solved) !== Lines::ours()->band($a->risk, $solved);
        });
    expect($listed)->toBe($recounted->count())->and($listed)->toBeGreaterThan(50);
    $ids = [];
    for ($n = 1; count($ids) < $listed; $n++) {
        request()->merge(['page' => $n]);
        $some = app(CountRisks::class)->moved(60, null, Lines::ours(), new Lines(30, 60, 95));
        array_push($ids, ...array_map(fn (AssessedSubmission $a): int => $a->id, $some->items()));
    }
    expect($ids)->toEqualCanonicalizing($recounted->pluck('id')->all());
    // While they are moved the same part comes by itself; of another point nothing is counted.
    $part = $this->get('/screening/lines/part?puzzle=30&hold=60&refuse=95')->assertOk()->assertSee('Would have gone another way')
        ->assertDontSee('<html', false)->assertDontSee('name="reason"', false);
    // Its pages are turned on the page itself.
    expect((new Crawler((string) $part->getContent(), config('app.url')))->filter('#moved nav a')->first()->link()->getUri())
        ->toContain('/screening/lines?', 'page=2', 'hold=60');
    ($this->page)(['point' => 'no-such-point'])->assertSee('all points')->assertDontSee('Would have gone another way');
});

test('a part asked for while lines are drawn does not use up what is said of them', function (): void {
    $this->actingAs($this->runa)->post('/screening/lines', ['reason' => 'Short'])->assertRefused(ActRefusal::LinesWithoutReason);
    $this->withCookie(config()->string('session.cookie'), session()->getId());
    foreach (range(1, 2) as $time) {
        $this->withHeader('HX-Request', 'true')->get('/screening/lines/part?hold=60')->assertOk();
    }
    $this->withoutHeader('HX-Request')->get('/screening/lines')->assertSee('15 to 500 characters');
    $this->get('/screening/lines')->assertDontSee('15 to 500 characters');
});

test('lines that do not stand in order, and what is no number, are said to be wrong; nothing breaks', function (string $query, string $says): void {
    ($this->came)(20);
    $this->actingAs($this->runa)->get("/screening/lines?$query")->assertOk()->assertSee($says)->assertSee('Those in force are shown');
    parse_str($query, $given);
    $drawn = $this->post('/screening/lines', [...$given, 'reason' => 'A reason of more than fifteen letters.']);
    $drawn->assertSessionHasErrors('reason')
        ->assertRefused(ActRefusal::LinesWrong)->assertRedirectContains('/screening/lines?');
    // What was typed is in the fields again.
    $page = new Crawler((string) $this->get((string) $drawn->headers->get('Location'))->getContent());
    foreach ($given as $name => $typed) {
        expect($page->filter("#$name")->attr('value'))->toBe($typed);
    }
    expect(DrawnLines::query()->count())->toBe(0);
})->with([
    ['puzzle=90&hold=10', 'do not stand in order'], ['hold=102', 'do not stand in order'], ['puzzle=0', 'do not stand in order'],
    ['hold=half', 'a whole number of percent'], ['lost=-1', 'a number, such as 4'], ['bot=0', 'more than nothing'], ['lost=1e9', 'a number, such as 4'],
]);

test('officers alone draw them, with a reason, once; they hold from the next submission on, and earlier ones are taken up again', function (): void {
    $draw = fn (User $by, array $more = []) => $this->actingAs($by)->post('/screening/lines', [
        'puzzle' => '101', 'hold' => '101', 'refuse' => '101', 'lost' => '4', 'bot' => '0,35', 'reason' => 'Nothing is to be kept out this week.', ...$more,
    ]);
    $draw($this->malin)->assertForbidden();
    $this->get('/screening/lines')->assertForbidden();
    expect(fn () => app(DrawLines::class)(new Lines(1, 2, 3), new Costs, 'A reason of more than fifteen.', $this->malin))
        ->toBeRefused(ActRefusal::OfficersDrawLines);
    $auditor = User::query()->where('role', 'auditor')->firstOrFail();
    $draw($auditor)->assertForbidden();
    $this->get('/screening/lines')->assertOk()->assertDontSee('Use these lines');
    $draw($this->runa, ['reason' => 'too short'])->assertRefused(ActRefusal::LinesWithoutReason);
    ($this->page)(['hold' => '95'])->assertSee('Use these lines');
    // Before: a trap is held.
    $this->signUp('one@post.example', ['homepage' => 'x']);
    expect(HeldSubmission::query()->count())->toBe(1);
    $draw($this->runa)->assertRedirect('/screening/lines')->assertSessionHasNoErrors();
    $draw($this->runa)->assertRefused(ActRefusal::SameLines);
    app()->forgetScopedInstances();
    $this->signUp('two@post.example', ['homepage' => 'x'])->assertRedirect();
    expect(HeldSubmission::query()->count())->toBe(1)->and(SignupJourney::query()->count())->toBe(1);
    $this->actingAs($this->runa)->get('/screening/lines')->assertSee('Nothing is to be kept out this week.')->assertSee($this->runa->name);
    $draw($this->runa, ['puzzle' => '19', 'hold' => '92', 'refuse' => '99', 'reason' => 'Back to what we had before that week.'])->assertSessionHasNoErrors();
    $this->get('/screening/lines')->assertSee('Look at these');
    expect(DB::table('acts')->where('kind', 'drew-lines')->count())->toBe(2);
    $this->get('/acts')->assertOk()->assertSee('drew the lines of screening');
});

test('a point departs from the house with a reason, is judged so, stands on the desk with it, and follows the house again', function (): void {
    $draw = fn (array $with = []) => $this->actingAs($this->runa)->post('/screening/lines', [
        'point' => 'footer-newsletter', 'puzzle' => '101', 'hold' => '101', 'refuse' => '101',
        'reason' => 'On the kiosk everybody shares an address.', ...$with,
    ]);
    $follow = fn (string $reason) => $this->actingAs($this->runa)->post('/screening/lines/footer-newsletter/follow', ['reason' => $reason]);
    $follow('It does not depart at all so far.')->assertRefused(ActRefusal::SameLines);
    $draw(['reason' => 'short'])->assertRefused(ActRefusal::LinesWithoutReason);
    $draw()->assertSessionHasNoErrors()->assertRedirectContains('point=footer-newsletter');
    $this->signUp('one@post.example', ['homepage' => 'x']);
    expect(HeldSubmission::query()->count())->toBe(0)->and(app(LinesInForce::class)->house()->lines)->toEqual(Lines::ours());
    // The house's own may change meanwhile: a departure stays what it is, and is told apart.
    $draw(['point' => '', 'puzzle' => '10', 'hold' => '50', 'refuse' => '90', 'reason' => 'The season of the bots has come.'])->assertSessionHasNoErrors();
    expect(app(LinesInForce::class)->at(Slug::parse('footer-newsletter'))->lines)->toEqual(new Lines(101, 101, 101));
    $this->get('/desk')->assertSee('On the kiosk everybody shares an address.');
    ($this->page)()->assertSee('Points that depart from the house')->assertSee('101, 101, 101 %');
    $this->actingAs($this->malin)->post('/screening/lines/footer-newsletter/follow', ['reason' => 'The kiosk has gone ashore.'])->assertForbidden();
    $follow('no')->assertRefused(ActRefusal::LinesWithoutReason);
    $follow('The kiosk has gone ashore.')->assertSessionHasNoErrors();
    expect(app(LinesInForce::class)->at(Slug::parse('footer-newsletter'))->lines)->toEqual(new Lines(10, 50, 90));
    $this->signUp('two@post.example', ['homepage' => 'x']);
    $this->get('/desk')->assertDontSee('On the kiosk everybody shares an address.');
    ($this->page)(['point' => 'footer-newsletter'])->assertSee('As the house')->assertSee('Look at these');
    $this->post('/screening/lines/no-such-point/follow', ['reason' => 'The kiosk has gone ashore.'])->assertNotFound();
});
