<?php

declare(strict_types=1);

use App\Actions\Consent\DeleteValues;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\Seal;
use App\Models\KeptFile;
use App\Models\StoredDisclosure;
use App\Models\Subscriber;
use App\Models\User;
use App\Support\Moments;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Juramen\Canon\Day;
use Juramen\Consent\How;
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
    expect(App\Support\ValueName::of('email'))->toBe('Email')->and(App\Support\ValueName::of('second-phone'))->toBe('Second phone')
        ->and(Moments::plain('2026-03-02'))->toBe('2 Mar 2026');
});

test('a withdrawal that came by phone or letter ends at once what was agreed to until then, and tells whoever records it nothing', function (): void {
    ($this->agrees)('2026-03-02 10:00:00');
    Carbon::setTestNow('2026-05-20 09:00:00');
    $malin = User::query()->orderBy('id')->skip(2)->firstOrFail();
    $this->actingAs($malin)->get('/withdrawals')->assertOk();
    $tell = fn (array $more) => $this->from('/withdrawals')
        ->post('/withdrawals', ['email' => 'imke@post.example', 'purpose' => '', 'how' => 'letter', 'day' => '2026-05-18', ...$more]);
    $allowed = fn (): bool => (bool) DB::table('permissions')->value('allowed');
    // What makes no sense is said at its field, and what was typed stands.
    foreach (['email' => 'imke', 'how' => 'one-click', 'day' => '2026-05-21', 'purpose' => 'nonsense'] as $field => $wrong) {
        $tell([$field => $wrong])->assertRedirect('/withdrawals')->assertSessionHasErrors($field);
    }
    $tell(['day' => ['x'], 'how' => ['x']])->assertSessionHasErrors(['day', 'how']);
    expect($allowed())->toBeTrue();
    // A known address and an unknown one are answered alike; of another purpose nothing ends.
    $unknown = $tell(['email' => 'nobody@post.example'])->assertRedirect('/withdrawals')->getSession()->get('said');
    $tell(['day' => '2026-03-01'])->assertRedirect('/withdrawals');
    expect($allowed())->toBeTrue('what was agreed to afterwards goes on');
    expect($tell([])->assertRedirect('/withdrawals')->getSession()->get('said'))->toBe($unknown)->and($allowed())->toBeFalse();
    $tell([])->assertRedirect('/withdrawals');
    expect($this->acts())->toBe(['given', 'confirmation-sent', 'confirmed', 'withdrawn']);
    $this->get('/evidence')->assertForbidden();
    // The day that was told is kept; before it was recorded, the answer is what it was.
    $this->actingAs(User::query()->firstOrFail());
    expect((string) ($this->asks)('2026-05-19')->getContent())->toContain('Yes.')->and((string) ($this->asks)('2026-05-20T12:30')->getContent())
        ->toContain('This person withdrew on 18 May 2026')->toContain('by a letter');
    $this->artisan('consent:rebuild', ['--check' => true])->assertExitCode(0);
    $this->actingAs(User::query()->where('role', 'auditor')->firstOrFail())->get('/withdrawals')->assertForbidden();
});

test('the letter with which somebody withdrew is kept encrypted beside the entry that names its digest, and goes when the values go', function (): void {
    ($this->agrees)('2026-03-02 10:00:00');
    Carbon::setTestNow('2026-05-20 09:00:00');
    $letter = "%PDF-1.4\nI withdraw everything, Imke\n%%EOF";
    $tell = fn (UploadedFile $file, string $email = 'imke@post.example') => $this->actingAs(User::query()->orderBy('id')->skip(2)->firstOrFail())
        ->from('/withdrawals')->post('/withdrawals', ['email' => $email, 'purpose' => '', 'how' => 'letter', 'day' => '2026-05-18', 'file' => $file]);
    $tell(UploadedFile::fake()->createWithContent('letter.pdf', '<script>alert(1)</script>'))->assertSessionHasErrors('file')->assertSessionHasInput('email');
    $tell(UploadedFile::fake()->createWithContent('letter.pdf', "%PDF-1.4\n".str_repeat('x', 2_000_000)))->assertSessionHasErrors('file');
    $tell(UploadedFile::fake()->createWithContent('letter.pdf', ''))->assertSessionHasErrors('file');
    $tell(UploadedFile::fake()->createWithContent('l.pdf', $letter), 'nobody@post.example')->assertSessionHasNoErrors();
    expect(KeptFile::query()->count())->toBe(0)->and($this->acts())->not->toContain('withdrawn');
    $tell(UploadedFile::fake()->createWithContent("../Brief von \"Imke\"\r\nX: y.pdf", $letter))->assertSessionHasNoErrors();
    $kept = KeptFile::query()->firstOrFail();
    expect($kept->bytes)->not->toContain('Imke')->and($kept->name)->toMatch('/^Brief von _Imke_X_ y\.pdf$/');
    $person = Subscriber::query()->firstOrFail()->subject;
    $file = "/evidence/{$person->hex()}/file/{$kept->entry->hex()}";
    $this->get($file)->assertForbidden();
    $this->actingAs(User::query()->firstOrFail());
    $got = $this->get($file)->assertOk();
    expect($got->getContent())->toBe($letter)->and($got->headers->get('Content-Disposition'))->toStartWith('attachment;')
        ->and($got->headers->get('X-Content-Type-Options'))->toBe('nosniff');
    $this->get("/evidence/{$person->hex()}?entry={$kept->entry->hex()}")->assertSee($file)->assertSee('The letter or message');
    app(Seal::class)(true);
    $this->artisan('ledger:verify')->assertExitCode(0);
    // Another file in its place is not handed out.
    $kept->update(['bytes' => Crypt::encryptString($letter.' changed')]);
    $this->get($file)->assertNotFound();
    $kept->update(['bytes' => Crypt::encryptString($letter)]);
    DB::transaction(function () use ($person): void {
        $values = StoredDisclosure::query()->where('subject', $person->bytes)->get()->all();
        app(DeleteValues::class)(app(Append::class)->hold($person), How::Clock, 'unconfirmed', $values, true);
    });
    expect(KeptFile::query()->count())->toBe(0);
    $this->get($file)->assertNotFound();
    app(Seal::class)(true);
    $this->artisan('ledger:verify')->assertExitCode(0);
});

test('all that is on record about a person goes on one sheet of paper, whoever may look', function (): void {
    ($this->agrees)('2026-03-02 10:00:00');
    $this->post('/withdraw', ['token' => $this->withdrawToken()])->assertOk();
    $person = Subscriber::query()->firstOrFail()->subject->hex();
    $page = $this->get("/evidence/$person/printed")->assertOk()->assertSee('No.')->assertSee('This person withdrew on')->assertSee('imke@post.example')
        ->assertSee('Ja, Tidewick Ferries darf mir');
    $crawler = new Crawler((string) $page->getContent());
    expect($crawler->filter('.proof-of-act'))->toHaveCount(4)->and($crawler->filter('iframe, form[method=post]:not([action$="/logout"])'))->toHaveCount(0);
    DB::table('permissions')->update(['reason' => 'confirmed', 'allowed' => 1]);
    $this->get("/evidence/$person/printed")->assertOk()->assertSee('This cannot be relied on')->assertDontSee('What may be done now');
});

test('the lifeline shows minutes where one looks closer, and nothing that makes no sense', function (): void {
    ($this->agrees)('2026-03-02 10:00:00');
    Carbon::setTestNow('2026-11-02 10:00:00');
    $page = fn (string $zoom): Crawler => new Crawler((string) ($this->asks)('2026-03-02T11:00', ['zoom' => $zoom])->getContent());
    $drawn = fn (string $zoom): Crawler => $page($zoom)->filter('[data-lifeline].in-wide');
    $wide = static fn (Crawler $svg): array => $svg->filter('.span rect')->each(static fn (Crawler $r): float => (float) $r->attr('width'));
    // Agreed and confirmed within seconds: from afar one stroke, from close by a stretch that can be seen.
    expect(min($wide($drawn(''))))->toBeLessThan(4.0)->and(min($wide($drawn('hour'))))->toBeGreaterThan(min($wide($drawn('day'))) - 1)
        ->and((int) $drawn('hour')->attr('data-end') - (int) $drawn('hour')->attr('data-begin'))->toBe(3600)
        ->and($drawn('hour')->filter('.tick')->each(static fn (Crawler $t): string => $t->text()))->toContain('11:00', '10:40')
        ->and($drawn('nonsense')->attr('data-step'))->toBe('86400')->and($drawn('hour')->attr('data-step'))->toBe('30');
    // What lies outside is not drawn.
    $later = (new Crawler((string) ($this->asks)('2026-02-01T11:00', ['zoom' => 'day'])->getContent()))->filter('[data-lifeline].in-wide .span');
    expect($later)->toHaveCount(0);
});
