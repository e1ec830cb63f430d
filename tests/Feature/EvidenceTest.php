<?php

declare(strict_types=1);

use App\Models\Subscriber;
use App\Models\User;
use App\Support\Moments;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Juramen\Canon\Day;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

/* What the page about a person answers: for days to come, for each act, for what ended by itself. */

beforeEach(function (): void {
    Carbon::setTestNow('2026-03-02 10:00:00');
    $this->actingAs(User::query()->firstOrFail());
    $this->agrees = function (string $when): void {
        Carbon::setTestNow($when);
        $this->signUp('imke@post.example', language: str_contains($when, '03-02') ? 'de' : 'en');
        $this->mailsAreTaken();
        $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    };
    $this->asks = function (string $on, array $more = [], string $part = ''): TestResponse {
        $person = Subscriber::query()->firstOrFail()->subject->hex();

        return $this->get("/evidence/$person$part?".http_build_query(['purpose' => 'voyage-news', 'channel' => 'email', 'on' => $on, ...$more]))->assertOk();
    };
});

test('for a day to come it is said that the answer is as known today, and from when consent is to be asked for again', function (): void {
    ($this->agrees)('2026-03-02 10:00:00');
    $answer = fn (string $on): string => trim((new Crawler((string) ($this->asks)($on)->getContent()))->filter('#answer')->text());
    expect($answer('2026-03-03'))->toStartWith('Yes, as known today. This person agreed on')->toContain('nothing has ended it by now')
        ->not->toContain('asked for again')
        ->and($answer('2028-03-01'))->not->toContain('asked for again')
        ->and($answer('2028-03-02'))->toStartWith('Yes, as known today.')->toContain('It will be due to be asked for again from 2 Mar 2028.')
        ->and($answer('2026-03-01'))->toStartWith('No. Nobody had been asked by then');
    Carbon::setTestNow('2028-03-05 10:00:00');
    expect($answer('2028-03-04'))->toStartWith('Yes. ')->toContain('It has been due to be asked for again since 2 Mar 2028.');
});

test('months end on the day they began, or on the last there is', function (string $from, int $months, string $to): void {
    expect(Day::parse($from)->plusMonths($months)->text)->toBe($to);
})->with([
    ['2026-01-31', 1, '2026-02-28'], ['2028-01-31', 1, '2028-02-29'], ['2026-11-30', 24, '2028-11-30'], ['2026-12-15', 1, '2027-01-15'],
    ['2026-03-02', 0, '2026-03-02'],
]);

test('act and form beside the answer are those that it rests on; one that was chosen stays', function (): void {
    ($this->agrees)('2026-03-02 10:00:00');
    $this->post('/withdraw', ['token' => $this->withdrawToken()])->assertOk();
    ($this->agrees)('2026-05-04 10:00:00');
    $shown = fn (TestResponse $page): string => (string) (new Crawler((string) $page->getContent()))->filter('iframe')->attr('src');
    $first = $shown(($this->asks)('2026-04-01'));
    $second = $shown(($this->asks)('2026-06-01'));
    expect($first)->not->toBe($second)->and((string) $this->get($first)->getContent())->toContain('lang="de"')
        ->and((string) $this->get($second)->getContent())->toContain('lang="en"');
    $entry = basename($second);
    expect($shown(($this->asks)('2026-04-01', ['entry' => $entry])))->toBe($second);
    // As the cursor moves, they follow where they are others, and are not sent again where they are not.
    $moved = ($this->asks)('2026-04-01', ['seen' => $entry], '/asked');
    expect($shown($moved))->toBe($first)->and((string) $moved->getContent())->toContain('hx-swap-oob');
    expect((string) ($this->asks)('2026-04-02', ['seen' => basename($first)], '/asked')->getContent())->not->toContain('<iframe')->toContain('id="answer"');
});

test('a value without a name of its own is called by its field', function (): void {
    expect(App\Pages\Evidence\ValueName::of('email'))->toBe('Email')->and(App\Pages\Evidence\ValueName::of('second-phone'))->toBe('Second phone')
        ->and(Moments::plain('2026-03-02'))->toBe('2 Mar 2026');
});
