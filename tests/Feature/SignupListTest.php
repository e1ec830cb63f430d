<?php

declare(strict_types=1);

use App\Models\SignupJourney;
use App\Models\User;
use App\Queries\Desk\SignupFate;
use App\Queries\Evidence\ListSignups;
use App\Queries\Evidence\SignupFilter;
use App\Support\Tally;
use Database\Demo\Crowd;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Consent\JourneyState;
use Tests\Support\Visitor;

uses(Visitor::class);

/* The list behind every number: whatever is asked for, it has exactly those, and what makes no sense filters nothing. */

beforeEach(function (): void {
    mt_srand(20261127);
    [$this->runa, , $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    anotherPoint($this->malin, $this->runa, 'popup-a');
    Carbon::setTestNow('2026-10-24 20:00:00');
    // Over the night in which clocks are put back, some at each point, each with its own end.
    for ($i = 0; $i < 24; $i++) {
        Carbon::setTestNow(now()->addMinutes(75));
        $point = $i % 3 === 0 ? 'popup-a' : 'footer-newsletter';
        $marks = $this->marks('en', $point);
        Carbon::setTestNow(now()->addSeconds(5));
        $this->post("/forms/$point/en", ['email' => "person$i@post.example", 'yes-voyage-news' => 'yes', ...$marks])->assertRedirect();
        $this->mailsAreTaken();
        match ($i % 4) {
            0 => $this->post('/confirm', ['token' => $this->confirmToken()]),
            1 => $this->post('/withdraw', ['token' => $this->withdrawToken()]),
            default => null,
        };
    }
    $this->filter = fn (string ...$of): SignupFilter => SignupFilter::parse(
        $of['state'] ?? '', $of['point'] ?? '', $of['words'] ?? '', $of['from'] ?? '', $of['to'] ?? ''
    );
});

test('it has exactly those that are asked for, in whatever combination; each state of a journey has one word', function (): void {
    $named = [];
    foreach (SignupFate::ofSignups() as $fate) {
        foreach ($fate->journeys() as $state) {
            expect(SignupFate::of($state))->toBe($fate);
            $named[] = $state;
        }
    }
    expect($named)->toHaveCount(count(JourneyState::cases()))->and(SignupFate::Held->journeys())->toBe([]);
    $all = SignupJourney::query()->with('edition.point')->get();
    $words = $this->edition->sheet->statements[0]->edition()->hex();
    for ($run = 0; $run < 60; $run++) {
        $of = array_filter([
            'state' => ['', 'waiting', 'confirmed', 'lapsed', 'withdrawn'][mt_rand(0, 4)],
            'point' => ['', 'popup-a', 'footer-newsletter', 'nowhere'][mt_rand(0, 3)],
            'words' => ['', $words, str_repeat('0', 64)][mt_rand(0, 2)], 'from' => ['', '2026-10-24', '2026-10-25', '2026-10-26'][mt_rand(0, 3)],
            'to' => ['', '2026-10-24', '2026-10-25', '2026-10-26'][mt_rand(0, 3)],
        ], static fn (string $value): bool => $value !== '');
        $day = static fn (SignupJourney $j): string => $j->asked_at->utc->setTimezone(new DateTimeZone('Europe/Berlin'))->format('Y-m-d');
        $due = $all->filter(static fn (SignupJourney $j): bool => (! isset($of['state']) || SignupFate::of($j->state)->value === $of['state'])
            && (! isset($of['point']) || $j->edition->point->slug === $of['point']) && (! isset($of['words']) || $of['words'] === $words)
            && (! isset($of['from']) || $day($j) >= $of['from']) && (! isset($of['to']) || $day($j) <= $of['to']));
        $filter = ($this->filter)(...$of);
        $found = app(ListSignups::class)->all($filter);
        expect($found->map(static fn (SignupJourney $j): string => $j->id->hex())->sort()->values()->all())
            ->toBe($due->map(static fn (SignupJourney $j): string => $j->id->hex())->sort()->values()->all(), json_encode($of))
            ->and($filter->query())->toBe($of);
        // The newest first, and the page says how many there are.
        $times = $found->map(static fn (SignupJourney $j): string => $j->asked_at->text())->values()->all();
        $sorted = $times;
        rsort($sorted);
        expect($times)->toBe($sorted)->and(app(ListSignups::class)->count($filter))->toEqual(new Tally(count($times)));
    }
});

test('what makes no sense filters nothing, and does no harm', function (): void {
    $this->actingAs($this->runa);
    $senseless = [
        ['state' => 'held'], ['state' => 'nonsense'], ['state' => ['waiting']], ['point' => ['x' => 'y']], ['words' => 'not a digest'],
        ['words' => str_repeat('A', 64)], ['from' => '2026-13-01'], ['from' => '<script>alert(1)</script>'], ['to' => "2026-10-25'; --"],
        ['page' => '-3'], ['from' => ['2026-10-25'], 'to' => ['x']],
    ];
    foreach ($senseless as $asked) {
        $page = $this->get('/evidence/signups?'.http_build_query($asked))->assertOk();
        expect((string) $page->getContent())->toContain('24 of every kind')->not->toContain('<script>alert')
            ->and(substr_count($this->get('/evidence/signups?'.http_build_query([...$asked, 'as' => 'csv']))->streamedContent(), "\r\n"))->toBe(25);
    }
    // A point that is none has no sign-ups, and its name comes back as text.
    $this->get('/evidence/signups?point='.urlencode('<b>nowhere</b>'))->assertOk()->assertSee('No sign-up matches')
        ->assertDontSee('<b>nowhere</b>', false);
});

test('addresses stand only with those to whom something is permitted or waits; others are reached by their page', function (): void {
    $page = (string) $this->actingAs($this->runa)->get('/evidence/signups')->getContent();
    for ($i = 0; $i < 24; $i++) {
        expect(str_contains($page, "person$i@post.example"))->toBe($i % 4 !== 1);
    }
    expect(substr_count($page, 'details deleted'))->toBe(6)
        ->and($this->get('/evidence/signups?as=csv')->streamedContent())->not->toContain('post.example');
});

test('what grows without end is counted no further than anybody needs, and goes out whole, line by line', function (): void {
    $all = SignupJourney::query()->orderBy('asked_at');
    expect(Tally::of($all, 23)->text())->toBe('more than 23')->and(Tally::of($all, 24)->text())->toBe('24')
        ->and(Tally::of($all, 23)->plus(new Tally(1000))->text())->toBe('more than 1,023')
        ->and(Tally::of(SignupJourney::query()->where('state', 'x'), Tally::ALL)->text())->toBe('0');
    // Where numbers stand side by side they are counted less far, in the CSV to the end.
    app(Crowd::class)->grow(1400, static fn (int $so) => null);
    $wording = (string) $this->actingAs($this->runa)->get('/wording')->getContent();
    $people = (int) DB::table('journeys')->where('state', 'confirmed')->distinct()->count('subscriber_id');
    expect($people)->toBeGreaterThan(1000)->and($wording)->toContain('more than 1,000')
        ->and($this->get('/wording?as=csv')->streamedContent())->toContain(",$people\r\n");
    // All of them, by page and in one file.
    $csv = $this->get('/evidence/signups?as=csv')->assertOk()->streamedContent();
    $lines = explode("\r\n", rtrim($csv));
    expect($lines)->toHaveCount(1425)->and(count(array_unique($lines)))->toBe(1425);
    $seen = [];
    for ($page = 1; $page <= 29; $page++) {
        preg_match_all('~/evidence/([0-9a-f]{32})"~', (string) $this->get("/evidence/signups?page=$page")->assertOk()->getContent(), $subjects);
        array_push($seen, ...$subjects[1]);
    }
    expect(count(array_unique($seen)))->toBe(1424);
});
