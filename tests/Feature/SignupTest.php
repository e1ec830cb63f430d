<?php

declare(strict_types=1);

use App\Actions\Points\ExceptionDraft;
use App\Actions\Points\PublishPoint;
use App\Actions\Signup\HoldSubmission;
use App\Models\AssessedSubmission;
use App\Models\HeldSubmission;
use App\Models\Point;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

test('the form is small, sets no cookie and loads nothing from elsewhere', function (): void {
    $response = $this->get('/forms/footer-newsletter')->assertOk()->assertHeader('Cache-Control', 'no-store, private');
    $page = new Crawler((string) $response->getContent());
    $css = $this->get((string) $page->filter('link[rel=stylesheet]')->attr('href'))->assertOk()->assertHeader('Content-Type', 'text/css; charset=utf-8');
    expect($response->headers->getCookies())->toBe([])
        ->and(strlen((string) $response->getContent()) + strlen((string) $css->getContent()))->toBeLessThan(30_000)
        ->and($page->filter('script, img, iframe, [src]')->count())->toBe(0)
        ->and($response->headers->get('Content-Security-Policy'))->toContain("default-src 'none'")->not->toContain('unsafe');
});

test('it speaks the language of the address, else the browser\'s, and says so where it does not', function (): void {
    $this->get('/forms/footer-newsletter', ['Accept-Language' => 'de-AT,en;q=0.5'])->assertSee('Neues von Bord');
    $this->get('/forms/footer-newsletter', ['Accept-Language' => 'da'])->assertSee('News from on board');
    $this->get('/forms/footer-newsletter/de', ['Accept-Language' => 'en'])->assertSee('Neues von Bord');
    $this->get('/forms/footer-newsletter/fr', ['Accept-Language' => 'de'])->assertNotFound()->assertSee('in dieser Sprache')
        ->assertSee('/forms/footer-newsletter/en');
    $this->get('/forms/nothing', ['Accept-Language' => 'de'])->assertNotFound()->assertSee('Diese Seite gibt es nicht');
    $this->get('/forms/..%2f..%2fetc')->assertNotFound();
    $this->put('/forms/footer-newsletter/en')->assertStatus(405);
});

test('a sign-up is entered with what was shown, and waits for its confirmation', function (): void {
    $this->signUp('Imke.Thormann@post.example', ['first-name' => ' Imke '], 'de')->assertRedirect('/forms/footer-newsletter/de/sent');
    $entry = json_decode(DB::table($this->ledger('entries'))->where('kind', 'given')->value('body'), true);
    expect($entry['edition'])->toBe($this->edition->digest()->hex())->and($entry['language'])->toBe('de')
        ->and($entry['statements'][0]['edition'])->toBe($this->edition->sheet->statements[0]->edition()->hex())
        ->and($entry['confirmation-needed'])->toBeTrue()->and($entry['_sd'])->toHaveCount(3);
    $kept = DB::table('disclosures')->pluck('text')->map(fn ($t) => json_decode(base64_decode(strtr($t, '-_', '+/')), true)[2])->all();
    expect($kept)->toEqualCanonicalizing(['Imke.Thormann@post.example', 'Imke', '127.0.0.0/24'])
        ->and(DB::table('permissions')->value('reason'))->toBe('awaiting-confirmation')
        ->and($this->message()->state->value)->toBe('waiting');
});

test('what is wrong is said, what was typed stays, and the mark is not spent', function (array $typed, string $says): void {
    $marks = $this->marks('de');
    $response = $this->signUp('x', $typed, 'de', $marks)->assertStatus(422)->assertSee($says)->assertSee('noch nichts gesendet');
    $page = new Crawler((string) $response->getContent());
    foreach (['email', 'first-name'] as $field) {
        expect($page->filter("#$field")->attr('value'))->toBe($typed[$field] ?? ($field === 'email' ? 'x' : ''));
    }
    expect($this->acts())->toBe([]);
    $this->post('/forms/footer-newsletter/de', ['email' => 'imke@post.example', 'yes-voyage-news' => 'yes', ...$this->hidden($response)])->assertRedirect();
    expect($this->acts())->toBe(['given']);
})->with([
    'no at' => [['email' => 'imke'], 'steht ein @'],
    'a space' => [['email' => 'imke thormann@post.example'], 'keine Leerzeichen'],
    'nothing' => [['email' => ''], 'geben Sie Ihre E-Mail-Adresse an'],
    'a name of 10,000 characters' => [['email' => 'imke@post.example', 'first-name' => str_repeat('ö', 10_000)], 'höchstens 100 Zeichen hin; es sind 10000'],
    'a name of several lines' => [['email' => 'imke@post.example', 'first-name' => "Imke\nBcc: all@post.example"], 'nur eine Zeile'],
    'markup' => [['email' => '<script>alert(1)</script>@post.example', 'first-name' => '"><img src=x onerror=alert(1)>'], 'keine E-Mail-Adresse'],
    'no tick' => [['email' => 'imke@post.example', 'yes-voyage-news' => 'no'], 'Ohne Häkchen'],
]);

test('fields that are not texts, or that nobody asked for, do no harm', function (): void {
    $marks = $this->marks();
    $this->signUp('imke@post.example', ['first-name' => ['a' => 'b'], 'role' => 'officer', 'homepage' => ['x']], marks: $marks)->assertRedirect();
    $this->post('/forms/footer-newsletter/en', ['email' => ['imke'], 'visit' => ['x'], 'stamp' => ['y']])->assertStatus(422);
    $this->post('/forms/footer-newsletter/en', ['email' => "\xff\xfe@post.example"])->assertStatus(422);
    expect($this->acts())->toBe(['given']);
});

test('without our own visit mark one is asked to check and send, with what was typed but nothing ticked', function (callable $marks): void {
    $response = $this->signUp('imke@post.example', ['first-name' => 'Imke'], marks: $marks($this))->assertStatus(422)->assertSee('Please check your details');
    $page = new Crawler((string) $response->getContent());
    expect($page->filter('#email')->attr('value'))->toBe('imke@post.example')->and($page->filter('#first-name')->attr('value'))->toBe('Imke')
        ->and($page->filter('[checked]')->count())->toBe(0)->and($this->acts())->toBe([]);
    Carbon::setTestNow(now()->addSeconds(5));
    $this->post('/forms/footer-newsletter/en', ['email' => 'imke@post.example', 'yes-voyage-news' => 'yes', ...$this->hidden($response)])->assertRedirect();
    expect($this->acts())->toBe(['given']);
    // What is entered says that somebody else's copy led here; what was shown before the press was ours.
    expect(
        json_decode(DB::table($this->ledger('entries'))->where('kind', 'given')->value('body'), true)['details']
    )->toBe(['placement' => 'copy', 'screening' => 'pass']);
})->with([
    'a plain copy, with its stamp only' => [fn ($test) => array_diff_key($test->marks(), ['visit' => 1])],
    'no marks at all' => [fn () => []],
    'a tampered mark' => [fn ($test) => array_map(fn ($m) => substr_replace($m, $m[20] === 'A' ? 'B' : 'A', 20, 1), $test->marks())],
    'a mark made up' => [fn () => ['visit' => 'k1.'.str_repeat('A', 75).'.'.str_repeat('B', 43)]],
]);

test('a page that lay open for more than a day is shown again', function (): void {
    $marks = $this->marks();
    Carbon::setTestNow(now()->addHours(25));
    $response = $this->signUp('imke@post.example', marks: $marks)->assertStatus(422)->assertSee('been open for a long time');
    expect($this->acts())->toBe([])->and((new Crawler((string) $response->getContent()))->filter('#email')->attr('value'))->toBe('imke@post.example');
});

test('the same page sent twice is one sign-up; sent with other details it is shown again', function (): void {
    $marks = $this->marks();
    $this->signUp('imke@post.example', marks: $marks)->assertRedirect();
    $this->signUp('imke@post.example', marks: $marks)->assertRedirect();
    expect($this->acts())->toBe(['given'])->and(DB::table('deliveries')->count())->toBe(1);
    $again = $this->signUp('imke@mail.example', marks: $marks)->assertStatus(422)->assertSee('sent before with other details');
    expect($this->acts())->toBe(['given']);
    $this->signUp('imke@mail.example', marks: $this->hidden($again))->assertRedirect();
    expect($this->acts())->toBe(['given', 'given']);
});

test('too fast is shown again with the same mark and a puzzle; a second press that takes its time is taken', function (): void {
    $marks = $this->marks();
    $send = ['email' => 'imke@post.example', 'yes-voyage-news' => 'yes', ...$marks];
    $response = $this->post('/forms/footer-newsletter/en', $send)->assertStatus(422)->assertSee('keeps programs out');
    expect(array_diff_key($this->hidden($response), ['puzzle' => 1, 'puzzle-solution' => 1]))->toBe($marks)
        ->and((new Crawler((string) $response->getContent()))->filter('[checked]')->count())->toBe(1);
    Carbon::setTestNow(now()->addSeconds(3));
    $this->post('/forms/footer-newsletter/en', $send)->assertRedirect();
    expect($this->acts())->toBe(['given']);
});

test('whoever touches the trap gets the usual answer and is held, encrypted, until somebody decides', function (): void {
    $this->signUp('maybe.human@post.example', ['homepage' => 'https://spam.example'])->assertRedirect('/forms/footer-newsletter/en/sent');
    $held = HeldSubmission::query()->firstOrFail();
    expect($this->acts())->toBe([])->and($held->signals)->toBe('trap-touched')->and(DB::table('held_submissions')->value('content'))->not->toContain('maybe');
    $this->actingAs(User::query()->where('role', 'officer')->firstOrFail())->get('/held')->assertOk()->assertSee('maybe.human@post.example');
    $this->decided($held->id, 'accept');
    expect($this->acts())->toBe(['given'])->and(HeldSubmission::query()->count())->toBe(0)->and($this->message()->state->value)->toBe('waiting');
    app(HoldSubmission::class)->release($held, User::query()->firstOrFail());
    expect($this->acts())->toBe(['given']);
});

test('nobody can flood an inbox: the sixth sign-up of one address within a day is held', function (): void {
    for ($i = 0; $i < 6; $i++) {
        $this->signUp('victim@post.example')->assertRedirect('/forms/footer-newsletter/en/sent');
    }
    expect(DB::table('deliveries')->count())->toBe(5)->and(HeldSubmission::query()->value('signals'))->toBe('many-for-address');
});

test('a stranger gets the same answer whoever is known', function (): void {
    $answer = fn (string $email) => tap($this->signUp($email), fn () => $this->mailsAreTaken());
    $first = $answer('imke@post.example');
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    $known = $answer('imke@post.example');
    $unknown = $answer('somebody.else@post.example');
    foreach ([$known, $unknown] as $response) {
        expect($response->getStatusCode())->toBe($first->getStatusCode())->and($response->headers->get('Location'))->toBe($first->headers->get('Location'))
            ->and($response->getContent())->toBe($first->getContent());
    }
    // A stranger's new sign-up takes nothing from the person who is already permitted.
    expect(DB::table('permissions')->orderBy('id')->value('reason'))->toBe('confirmed');
});

test('an address with other capitals is the same person, known once', function (): void {
    $this->signUp('Imke@Post.example');
    $this->signUp('imke@post.EXAMPLE');
    expect(DB::table('subscribers')->count())
        ->toBe(1)->and(DB::table($this->ledger('entries'))->where('kind', 'given')->orderBy('position')->pluck('sequence')->all())->toBe([1, 2]);
});

test('a page opened before a new edition is taken as what it showed', function (): void {
    $marks = $this->marks();
    $old = $this->edition;
    written(Point::query()->firstOrFail()->record, User::query()->where('role', 'editor')->firstOrFail(), 'title/en', 'News from the deck');
    $new = publishNow('footer-newsletter', User::query()->firstOrFail());
    expect($new->number)->toBe(2)->and($new->digest())->not->toEqual($old->digest());
    $this->signUp('imke@post.example', marks: $marks)->assertRedirect();
    $entry = json_decode(DB::table($this->ledger('entries'))->where('kind', 'given')->value('body'), true);
    expect($entry['edition'])->toBe($old->digest()->hex());
    $this->signUp('arne@post.example')->assertRedirect();
});

test('where the rules need no confirmation, the yes counts at once and a welcome mail goes out', function (): void {
    $because = ['reason' => 'Members are known by their number already.', 'by' => '', 'on' => ''];
    $departures = ['double-opt-in' => ['value' => false, ...$because], 'keep-network' => ['value' => false, ...$because]];
    written(Point::query()->firstOrFail()->record, User::query()->where('role', 'editor')->firstOrFail(), 'departures', $departures);
    $key = 'confirmed-address rules/double-opt-in';
    app(PublishPoint::class)(
        Point::query()->with('record')->firstOrFail(), User::query()->firstOrFail(), looked(),
        ExceptionDraft::fromReview([$key => 'Members are known by their number already.'], [$key => now()->addDays(30)->format('Y-m-d')])
    );
    $this->get($this->signUp('imke@post.example')->headers->get('Location'))->assertOk()->assertSee('You are signed up.');
    expect(DB::table('permissions')->value('reason'))->toBe('agreed')->and($this->message()->kind->value)->toBe('welcome')
        ->and(DB::table('disclosures')->count())->toBe(1);
});

test('with the database away the form is served, nothing typed is lost, and nothing personal is written down', function (): void {
    $marks = $this->marks('de');
    $log = storage_path('logs/juramen-'.now()->format('Y-m-d').'.log');
    @unlink($log);
    DB::purge();
    config(['database.connections.runtime.unix_socket' => '/nowhere.sock']);
    $this->get('/forms/footer-newsletter/de')->assertOk()->assertSee('Neues von Bord');
    $response = $this->signUp('imke.secret@post.example', ['first-name' => 'Imkesecret'], 'de', $marks)->assertStatus(503)->assertSee('Nichts ist verloren');
    $page = new Crawler((string) $response->getContent());
    expect($page->filter('#email')->attr('value'))->toBe('imke.secret@post.example')->and($page->filter('[checked]')->count())->toBe(1);
    $this->get('/confirm/'.Juramen\Consent\Link::Confirm->token(Juramen\Canon\Id::random(), app(Juramen\Canon\MacRing::class)), ['Accept-Language' => 'de'])
        ->assertStatus(503)->assertSee('Das hat gerade nicht geklappt')->assertDontSee('SQLSTATE');
    $this->get('/evidence')->assertStatus(302);

    // Back again: the same page, sent once more, is taken.
    config(['database.connections.runtime.unix_socket' => config('database.connections.owner.unix_socket')]);
    DB::purge();
    $this->post(
        '/forms/footer-newsletter/de',
        ['email' => 'imke.secret@post.example', 'first-name' => 'Imkesecret', 'yes-voyage-news' => 'yes', ...$this->hidden($response)]
    )
        ->assertRedirect();
    expect($this->acts())->toBe(['given']);
    $written = (string) file_get_contents($log);
    expect($written)->toContain('SQLSTATE')->not->toContain('secret')->not->toContain('k1.');
});

test('a failing statement is written down without its values', function (): void {
    $log = storage_path('logs/juramen-'.now()->format('Y-m-d').'.log');
    @unlink($log);
    $marks = $this->marks();
    DB::connection('owner')->statement('ALTER TABLE deliveries MODIFY idempotency_key VARCHAR(8)');
    try {
        $this->signUp('imke.secret@post.example', ['first-name' => 'Imkesecret'], marks: $marks)->assertStatus(503);
    } finally {
        DB::connection('owner')->statement('ALTER TABLE deliveries MODIFY idempotency_key VARCHAR(64) NOT NULL');
    }
    expect((string) file_get_contents($log))->toContain('insert into `deliveries`')->not->toContain('secret')
        ->and($this->acts())->toBe([])->and(DB::table('spent_marks')->count())->toBe(0)->and(DB::table('subscribers')->count())->toBe(0);
});

test('what screening made of each submission is kept for a while, whether it passed or was held, without a word of what was sent', function (): void {
    $this->signUp('imke@post.example', ['first-name' => 'Imke']);
    $this->signUp('bot@post.example', ['homepage' => 'x']);
    $kept = DB::table('assessed_submissions')->orderBy('id')->get();
    expect($kept->pluck('band')->all())->toBe(['pass', 'hold'])->and($kept->pluck('signals')->all())->toBe(['', 'trap-touched'])
        ->and($kept[1]->risk)->toBeGreaterThan($kept[0]->risk)->and(json_encode($kept))->not->toMatch('/post\.example|Imke/i');
    $this->artisan('model:prune', ['--model' => [AssessedSubmission::class]]);
    expect(DB::table('assessed_submissions')->count())->toBe(2);
    Carbon::setTestNow(now()->addDays(181));
    $this->artisan('model:prune', ['--model' => [AssessedSubmission::class]]);
    expect(DB::table('assessed_submissions')->count())->toBe(0);
});
