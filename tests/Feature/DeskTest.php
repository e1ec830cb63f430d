<?php

declare(strict_types=1);

use App\Actions\Delivery\Deliveries;
use App\Actions\Delivery\Outcome;
use App\Actions\Ledger\Seal;
use App\Actions\Signup\LapseJourneys;
use App\Models\User;
use App\Queries\Desk\DayOfSignups;
use App\Queries\Desk\SignupFate;
use App\Queries\Desk\ThirtyDays;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Support\Visitor;

uses(Visitor::class);

function person(string $role): User
{
    return User::query()->where('role', $role)->firstOrFail();
}

/** Four people who sign up at one moment, of whom one confirms, one withdraws, one lapses and one waits; the clock stands past the lapse afterwards. */
function oneOfEach(object $test, string $moment): void
{
    foreach (['confirmed', 'withdrawn', 'lapsed', 'waiting'] as $what) {
        Carbon::setTestNow($moment);
        $test->signUp("$what@post.example");
        $test->mailsAreTaken();
        match ($what) {
            'confirmed' => $test->post('/confirm', ['token' => $test->confirmToken()]),
            'withdrawn' => $test->post('/withdraw', ['token' => $test->withdrawToken()]),
            'lapsed' => [Carbon::setTestNow(now()->addDays(8)), app(LapseJourneys::class)()],
            'waiting' => null,
        };
    }
    Carbon::setTestNow(Carbon::parse($moment)->addDays(8));
}

test('with nothing to decide the desk says so', function (): void {
    app(Seal::class)();
    $this->actingAs(person('officer'))->get('/desk')->assertOk()->assertSee('Nothing is waiting for you')->assertSee('What comes up stands here');
});

test('each thing that needs somebody stands on the desk, with what to do, and only for whoever may do it', function (): void {
    $this->signUp('held@post.example', ['homepage' => 'x']);
    $this->signUp('uncertain@post.example');
    app(Deliveries::class)->settle(app(Deliveries::class)->claim(), Outcome::unknown('no-answer'));
    $this->signUp('late@post.example');
    Carbon::setTestNow(now()->addMinutes(10));
    $this->actingAs(person('editor'))->post('/points/footer-newsletter/change', ['place' => 'title/en', 'value' => 'Changed', 'base' => 1]);
    $officer = [
        'One mail</b> is uncertain' => true, 'No mails go out:</b> one mail has been due' => true, 'Entries are not sealed:</b>' => true,
        'One held submission</b>' => true, 'Footer newsletter</b> has a draft after edition 1' => true,
    ];
    $see = [
        'officer' => $officer,
        'auditor' => $officer,
        'editor' => [...array_fill_keys(array_keys($officer), false), 'Footer newsletter</b> has a draft after edition 1' => true],
        'administrator' => [
            ...array_fill_keys(array_keys($officer), false), 'One mail</b> is uncertain' => true, 'No mails go out:</b> one mail has been due' => true,
        ],
    ];
    foreach ($see as $role => $expected) {
        $page = $this->actingAs(person($role))->get('/desk')->assertOk()->assertDontSee('post.example');
        foreach ($expected as $text => $visible) {
            expect(str_contains((string) $page->getContent(), $text))->toBe($visible, "$role: $text");
        }
    }
    app(Seal::class)();
    $this->actingAs(person('officer'))->get('/desk')->assertDontSee('Entries are not sealed');
});

test('a breach comes before a draft, and what is excepted comes with its end', function (): void {
    app(Seal::class)();
    $this->actingAs(person('editor'))
        ->post(
            '/points/footer-newsletter/change',
            ['place' => 'departures/double-opt-in', 'value' => ['value' => '0', 'reason' => 'The marks got lost on the way.'], 'base' => 1]
        );
    $this->actingAs(person('officer'))->get('/desk')->assertSee('has a breach')->assertSee('Nobody confirms the address')->assertDontSee('has a draft');
    $this->post(
        '/points/footer-newsletter/publish',
        [
            'looked' => looked(), 'reason' => ['confirmed-address rules/double-opt-in' => 'Until the new mail server stands.'],
            'until' => ['confirmed-address rules/double-opt-in' => now()->addDays(9)->format('Y-m-d')],
        ]
    );
    $this->get('/desk')->assertDontSee('has a breach')->assertSee(now()->addDays(9)->format('j M'))
        ->assertSee('Runa Ekdahl: Until the new mail server stands.');
});

test('the thirty days count every sign-up once, by what became of it', function (): void {
    oneOfEach($this, '2026-11-01 12:00:00');
    $this->signUp('held@post.example', ['homepage' => 'x']);
    Carbon::setTestNow('2026-11-10 09:00:00');
    $days = app(ThirtyDays::class)();
    $sum = static fn (SignupFate $fate): int => array_sum(array_map(static fn (DayOfSignups $d): int => $d->of($fate), $days));
    $first = array_values(array_filter($days, static fn (DayOfSignups $d): bool => $d->day->text === '2026-11-01'))[0];
    expect($days)->toHaveCount(30)->and($days[29]->day->text)->toBe('2026-11-10')->and(array_map($sum, SignupFate::cases()))->toBe([1, 1, 1, 1, 0, 0, 0, 1])
        ->and(array_map($first->of(...), [SignupFate::Confirmed, SignupFate::Withdrawn, SignupFate::Lapsed]))->toBe([1, 1, 1]);
    $page = new Symfony\Component\DomCrawler\Crawler((string) $this->actingAs(person('officer'))->get('/desk')->getContent());
    expect($page->filter('.chart figcaption')->text())->toContain('4 asked · 1 confirmed · 1 waiting · 1 lapsed · 1 held');

    // Beside a day of hundreds, a day of one still has a bar.
    $row = (array) DB::table('journeys')->where('state', 'confirmed')->first();
    for ($i = 0; $i < 300; $i++) {
        DB::table('journeys')->insert([...$row, 'id' => random_bytes(16), 'asked_at' => '2026-11-05 12:00:00']);
    }
    $bars = (new Symfony\Component\DomCrawler\Crawler((string) $this->get('/desk')->getContent()))->filter('.chart rect[class^=bar]')
        ->each(fn ($bar): float => (float) $bar->attr('height'));
    expect(min($bars))->toBeGreaterThanOrEqual(1.0)->and(max($bars))->toBeGreaterThan(80.0);
});

test('every number of the desk, the points and the wording opens the sign-ups behind it', function (): void {
    oneOfEach($this, '2026-11-20 12:00:00');
    Carbon::setTestNow('2026-11-21 12:00:00');
    $this->actingAs(person('officer'));
    $page = new Symfony\Component\DomCrawler\Crawler((string) $this->get('/desk')->getContent());
    foreach ($page->filter('figcaption a')->each(fn ($a) => [$a->text(), (string) $a->attr('href')]) as [$text, $link]) {
        [$count, $what] = explode(' ', $text);
        if ($what !== 'held') {
            expect(
                (new Symfony\Component\DomCrawler\Crawler((string) $this->get($link)->assertOk()->getContent()))->filter('tbody tr')->count()
            )->toBe((int) $count, $text);
        }
    }
    $this->get('/evidence/signups?state=confirmed')->assertSee('confirmed@post.example')->assertDontSee('waiting@post.example');
    $this->get('/evidence/signups?state=lapsed')->assertSee('details deleted')->assertDontSee('lapsed@post.example');
    $this->get('/evidence/signups?from=2026-11-21')->assertSee('No sign-up matches');
    $this->get('/evidence/signups?state=nonsense&from=yesterday&words=xyz&point[]=x')->assertOk()->assertSee('waiting@post.example');
    $words = App\Models\ApprovedEdition::query()->whereRelation('record', 'kind', 'statement')->firstOrFail()->digest->hex();
    $this->get("/evidence/signups?state=confirmed&words=$words&point=footer-newsletter")->assertSee('1 confirmed at Footer newsletter to exactly these words');
    $this->get('/evidence/signups?words='.str_repeat('0', 64))->assertSee('No sign-up matches');
    $csv = (string) $this->get('/evidence/signups?as=csv&state=waiting')->assertOk()->streamedContent();
    expect($csv)->toContain("asked,subject,point,edition,language,state,ended\r\n")->toContain(',footer-newsletter,1,en,waiting,')->not->toContain('@');
    expect((string) $this->get('/mails?state=sent&as=csv')->assertOk()->streamedContent())->toContain(',confirmation,en,footer-newsletter,1,1,')->not
        ->toContain('post.example');
    $this->signUp('bot@post.example', ['homepage' => 'x']);
    expect($this->get('/held?as=csv')->assertOk()->streamedContent())->toContain('footer-newsletter,1,en,trap-touched,')
        ->not->toContain('post.example');
    $this->actingAs(person('editor'))->get('/desk')->assertOk()->assertDontSee('/evidence/signups');
});
