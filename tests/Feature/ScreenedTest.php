<?php

declare(strict_types=1);

use App\Actions\Screening\ImpossibleHeaders;
use App\Actions\Screening\MailDomains;
use App\Actions\Signup\LapseJourneys;
use App\Actions\Upkeep\DeleteDue;
use App\Models\AssessedSubmission;
use App\Models\Enquiry;
use App\Models\HeldSubmission;
use App\Models\SignupJourney;
use App\Models\User;
use App\Support\Outgoing\Resolver;
use App\Support\Outgoing\ZoneFile;
use Database\Demo\ContactForm;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\MacRing;
use Juramen\Consent\Link;
use Juramen\Screening\Band;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

/* What is noticed of sign-ups and enquiries as they come, what is counted of them, and what people decide. */

beforeEach(function (): void {
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->newest = fn (): AssessedSubmission => AssessedSubmission::query()->orderByDesc('id')->firstOrFail();
    $this->contact = fn () => demoPoint(ContactForm::SHEET, $this->malin, $this->arne);
    $this->write = function (string $email, string $message, array $more = []) {
        $marks = $this->marks('en', 'contact-form');
        Carbon::setTestNow(now()->addSeconds(20));

        return $this->post('/forms/contact-form/en', [...$marks, 'email' => $email, 'name' => 'Jo', 'message' => $message, ...$more]);
    };
});

test('an ordinary sign-up passes with nothing noticed; what is noticed is kept as numbers, and nothing of what was typed', function (): void {
    $this->signUp('imke.thormann@post.example', ['first-name' => 'Imke']);
    expect([($this->newest)()->risk, ($this->newest)()->band, ($this->newest)()->signals])->toBe([1, Band::Pass, '']);
    $this->signUp('qzvkrtwmxplk@post.example', ['first-name' => 'Imke'])->assertRedirect();
    expect(($this->newest)()->signals)->toBe('random-address')->and(($this->newest)()->band)->toBe(Band::Pass);
    // Both together are doubted: the page comes once more, and nothing is kept of it.
    $this->signUp('wmxpldgqzvk@post.example', ['first-name' => 'Qzvkrt Wmxpldg'])->assertStatus(422);
    expect(AssessedSubmission::query()->count())->toBe(2);
    $kept = json_encode([AssessedSubmission::query()->get(), DB::table('seen_lately')->get()->map(fn ($row) => bin2hex($row->digest.$row->by))]);
    expect($kept)->not->toContain('qzvkrt')->not->toContain('post.example')->not->toContain('127.0.0');
});

test('the doubtful are put a puzzle, once: solved by a browser or answered by a person it is over, and left it is put again', function (string $language): void {
    $odd = ['first-name' => 'Qzvkrt Wmxpldg'];
    $marks = $this->marks($language);
    $page = $this->signUp('wmxpldgqzvk@post.example', $odd, $language, $marks)->assertStatus(422);
    $block = (new Crawler((string) $page->getContent()))->filter('#puzzle');
    [$token, $bits] = [(string) $block->filter('[name=puzzle]')->attr('value'), (int) $block->attr('data-bits')];
    expect($bits)->toBeBetween(12, 15)->and($block->filter('label')->attr('for'))->toBe('puzzle-answer')
        ->and((new Crawler((string) $page->getContent()))->filter('input[checked]'))->toHaveCount(1)->and(AssessedSubmission::query()->count())->toBe(0);
    // Nothing, and a wrong word: it comes again, another one, and nothing was kept.
    foreach (['', 'Xyzzy'] as $answer) {
        $again = $this->signUp('wmxpldgqzvk@post.example', [...$odd, 'puzzle' => $token, 'puzzle-answer' => $answer], $language, $marks)->assertStatus(422);
        expect((new Crawler((string) $again->getContent()))->filter('[name=puzzle]')->attr('value'))->not->toBe($token);
    }
    // The word that is asked for, however it is written.
    $label = $block->filter('label')->text();
    $words = array_map(trim(...), explode(',', substr($label, (int) strrpos($label, ':') + 1)));
    $which = array_values(array_filter([0, 1, 2], fn (int $n): bool => str_contains($label, (string) __("visitor.puzzle.which.$n", [], $language))))[0];
    $answer = ' '.mb_strtoupper($words[$which]).'. ';
    $this->signUp('wmxpldgqzvk@post.example', [...$odd, 'puzzle' => $token, 'puzzle-answer' => $answer], $language, $marks)->assertRedirect();
    expect(($this->newest)()->signals)->toContain('puzzle-solved')->and($this->acts())->toBe(['given']);
    // By a browser: the first number that does it. One that does not, and one for another page, solve nothing.
    $marks = $this->marks($language);
    $token = $this->hidden($this->signUp('qzvkwmxpldg@post.example', $odd, $language, $marks))['puzzle'];
    for ($n = 0; hexdec(substr(hash('sha256', "$token:$n"), 0, 8)) >= 2 ** 32 / 2 ** 15; $n++);
    $send = fn (int|string $solution, array $with) => $this->signUp(
        'qzvkwmxpldg@post.example', [...$odd, 'puzzle' => $token, 'puzzle-solution' => (string) $solution], $language, $with
    );
    $send($n + 1, $marks)->assertStatus(422);
    $send("$n ", $marks)->assertStatus(422);
    $send($n, $this->marks($language))->assertStatus(422);
    $send($n, $marks)->assertRedirect();
    expect($this->acts())->toBe(['given', 'given']);
})->with(['en', 'de']);

test('each language has twelve words for the question, and says which of three is meant', function (): void {
    foreach (Juramen\Register\Language::cases() as $language) {
        $words = explode(' ', (string) __('visitor.puzzle.words', [], $language->value));
        expect(array_unique(array_map(mb_strtolower(...), $words)))->toHaveCount(Juramen\Screening\Puzzle::WORDS)
            ->and((string) __('visitor.puzzle.question', [], $language->value))->toContain(':which', ':words')
            ->and((array) __('visitor.puzzle.which', [], $language->value))->toHaveCount(3);
    }
});

test('an enquiry that reads like spam reaches the team marked, and its consent waits for a person', function (): void {
    ($this->contact)();
    $spam = 'Click here to register free: absolutely free quote, limited time only, order now! http://192.0.2.9/x http://win.example http://now.example';
    ($this->write)('bob@post.example', $spam, ['yes-voyage-news' => 'yes'])->assertRedirect();
    $enquiry = Enquiry::query()->firstOrFail();
    expect($enquiry->doubtful)->toBeTrue()->and(HeldSubmission::query()->count())->toBe(1)->and(SignupJourney::query()->count())->toBe(0)
        ->and(($this->newest)()->signals)->toContain('spam-text', 'many-links')->and(($this->newest)()->band)->toBeIn([Band::Hold, Band::Refuse]);
    $this->actingAs($this->runa)->get('/held')->assertOk()->assertSee('The words read like spam')->assertSee('bob@post.example');
    ($this->write)('ada@post.example', 'We are forty pupils from Marsund. Is there a group fare on 3 June, and may we bring our bicycles?', ['yes-voyage-news' => 'yes']);
    expect(Enquiry::query()->where('doubtful', false)->count())->toBe(1)->and(SignupJourney::query()->count())->toBe(1);
});

test('the same words from others, and addresses of one pattern, are noticed within their time and forgotten after it', function (): void {
    ($this->contact)();
    $words = 'Where do I find the timetable of the island line for the winter?';
    foreach (range(1, 4) as $i) {
        ($this->write)("writer{$i}x@post.example", $i === 4 ? strtoupper("  $words\n") : $words, ['yes-voyage-news' => 'yes'])->assertRedirect();
        $seen[] = ($this->newest)()->signals;
    }
    expect($seen[0])->not->toContain('repeated-text')->and($seen[1])->toContain('repeated-text=0.25')->and($seen[3])->toContain('repeated-text=0.75');
    // The fifth is put a puzzle, though only its transaction can count that; nothing is kept of it, and it is not counted.
    $count = DB::table('seen_lately')->count();
    ($this->write)('writer5x@post.example', $words, ['yes-voyage-news' => 'yes'])->assertStatus(422)->assertSee('keeps programs out');
    expect(DB::table('seen_lately')->count())->toBe($count)->and(Enquiry::query()->count())->toBe(4);
    // The same person again is nobody else.
    ($this->write)('writer1x@post.example', 'Something else that is long enough to be compared, and new.', ['yes-voyage-news' => 'yes']);
    expect(($this->newest)()->signals)->not->toContain('repeated-text');
    Carbon::setTestNow(now()->addDays(8));
    ($this->write)('late@post.example', $words, ['yes-voyage-news' => 'yes']);
    expect(($this->newest)()->signals)->not->toContain('repeated-text');
    $before = DB::table('seen_lately')->count();
    app(DeleteDue::class)();
    expect($before)->toBeGreaterThan(12)->and(DB::table('seen_lately')->count())->toBe(4);
    // What is not taken is not counted either.
    $marks = $this->marks();
    $count = DB::table('seen_lately')->count();
    $this->signUp('same@post.example', [], 'en', $marks);
    $this->signUp('same@post.example', [], 'en', $marks);
    expect(DB::table('seen_lately')->count())->toBe($count + 3);
});

test('what an officer releases was ham, and what is deleted was spam; what ends by itself was neither', function (): void {
    foreach (['one', 'two', 'three'] as $who) {
        $this->signUp("$who@post.example", ['homepage' => 'x']);
    }
    [$one, $two] = HeldSubmission::query()->orderBy('id')->get()->all();
    $this->actingAs($this->runa)->decided($one->id, 'accept');
    $this->decided($two->id, 'refuse');
    Carbon::setTestNow(now()->addDays(40));
    app(DeleteDue::class)();
    expect(AssessedSubmission::query()->where('risk', '>', 90)->orderBy('id')->pluck('decided')->all())->toBe(['ham', 'spam', null]);
});

test('a trap that is touched at once leaves nothing to decide, and looks from outside like everything else', function (): void {
    $marks = $this->marks();
    $answer = $this->post('/forms/footer-newsletter/en', ['email' => 'bot@post.example', 'yes-voyage-news' => 'yes', 'homepage' => 'x', ...$marks]);
    $answer->assertRedirect('/forms/footer-newsletter/en/sent');
    expect(($this->newest)()->band)->toBe(Band::Refuse)->and(SignupJourney::query()->count())->toBe(0)->and(HeldSubmission::query()->count())->toBe(0);
    // Sent again it is taken for the same, and an enquiry is held at worst.
    $this->post('/forms/footer-newsletter/en', ['email' => 'bot@post.example', 'yes-voyage-news' => 'yes', 'homepage' => 'x', ...$marks])->assertRedirect();
    expect(AssessedSubmission::query()->count())->toBe(1);
    ($this->contact)();
    $marks = $this->marks('en', 'contact-form');
    $this->post('/forms/contact-form/en', [
        ...$marks, 'email' => 'bot@post.example', 'name' => 'Jo', 'message' => 'Hello', 'homepage' => 'x', 'yes-voyage-news' => 'yes',
    ])->assertRedirect();
    expect(Enquiry::query()->sole()->doubtful)->toBeTrue()->and(HeldSubmission::query()->count())->toBe(1);
});

test('what comes from no page of ours, with an altered mark, again and again, or as no browser sends it, is doubted more', function (): void {
    ($this->contact)();
    $ask = fn (array $marks, int $i) => $this->post('/forms/contact-form/en', [
        'email' => "ida$i@post.example", 'message' => 'Is there a cabin left?', 'name' => 'Ida', 'homepage' => 'x', ...$marks,
    ]);
    $ask([], 1);
    expect(($this->newest)()->signals)->toBe('trap-touched mark-missing');
    $ask(['visit' => strrev($this->marks('en', 'contact-form')['visit'])], 2);
    expect(($this->newest)()->signals)->toBe('trap-touched mark-tampered')->and(Enquiry::query()->where('doubtful', true)->count())->toBe(2);
    // One page, sent with ever other answers: each is told that it was sent before, and what comes next from there is doubted more.
    $marks = $this->marks();
    foreach (range(1, 7) as $i) {
        $this->signUp("again$i@post.example", [], 'en', $marks)->assertStatus($i === 1 ? 303 : 422);
    }
    $this->signUp('imke@inbox.example');
    expect(($this->newest)()->signals)->toMatch('/^replayed=0\.\d+$/')->and(($this->newest)()->band)->toBe(Band::Pass);
    Carbon::setTestNow(now()->addMinutes(61));
    $this->withHeaders(['Accept' => '*/*', 'Accept-Language' => ''])->signUp('ole@mail.example');
    expect(($this->newest)()->signals)->toBe('impossible-headers')->and(($this->newest)()->band)->toBe(Band::Pass);
    $this->withHeaders(['Accept' => 'text/html', 'Accept-Language' => 'de'])->signUp('ole@inbox.example', [], 'en', tap($this->marks(), function (): void {
        Carbon::setTestNow(now()->addHours(9));
    }));
    expect(($this->newest)()->signals)->toBe('too-late');
});

test('whether a domain takes mail is asked when the answer is on its way; no answer is no signal', function (): void {
    $asked = [];
    app()->instance(Resolver::class, new class($asked) implements Resolver
    {
        public function __construct(public array &$asked) {}

        public function addresses(string $host): array
        {
            return [];
        }

        public function texts(string $name): array
        {
            return [];
        }

        public function takesMail(string $domain): ?bool
        {
            $this->asked[] = $domain;

            return ['castaway.example' => false, 'post.example' => true][$domain] ?? null;
        }
    });
    foreach (['a@castaway.example', 'b@post.example', 'c@silent.example'] as $email) {
        $this->signUp($email);
        expect(($this->newest)()->signals)->toBe('');
    }
    foreach (['d@castaway.example' => 'no-mail-domain', 'e@post.example' => '', 'f@silent.example' => ''] as $email => $signals) {
        $this->signUp($email);
        expect(($this->newest)()->signals)->toBe($signals);
    }
    // Once for each domain; again where nobody answered, and when it was long ago. What is kept names none.
    expect($asked)->toBe(['castaway.example', 'post.example', 'silent.example', 'silent.example'])
        ->and(json_encode(DB::table('mail_domains')->get()->map(static fn ($row) => bin2hex($row->digest))))->not->toContain('example');
    Carbon::setTestNow(now()->addDays(15));
    $this->signUp('g@castaway.example');
    expect(($this->newest)()->signals)->toBe('')->and(end($asked))->toBe('castaway.example');
    Carbon::setTestNow(now()->addDays(15));
    app(DeleteDue::class)();
    expect(DB::table('mail_domains')->count())->toBe(0);
});

test('what no browser sends with a form is counted, and what browsers send is not', function (array $headers, int $count): void {
    $request = Request::create('/forms/footer-newsletter/en', 'POST');
    $request->headers->replace($headers);
    expect(ImpossibleHeaders::count($request))->toBe($count);
})->with([
    'a browser' => [['User-Agent' => 'Mozilla/5.0', 'Accept' => 'text/html,*/*;q=0.8', 'Accept-Language' => 'de', 'Sec-Fetch-Mode' => 'navigate'], 0],
    'a browser that says little' => [['User-Agent' => 'x', 'Accept' => 'text/html', 'Accept-Language' => 'sv'], 0],
    'a script in a page' => [['User-Agent' => 'Mozilla/5.0', 'Accept' => '*/*', 'Accept-Language' => 'de', 'Sec-Fetch-Mode' => 'cors'], 2],
    'a program' => [['User-Agent' => 'post/1.0', 'Accept' => '*/*'], 2], 'nothing at all' => [[], 3],
]);

test('nobody waits for a resolver: where one is asking, another does not; what it says is kept once', function (): void {
    $other = new PDO(sprintf(
        'mysql:unix_socket=%s;dbname=%s', (string) env('DB_SOCKET'), (string) env('DB_DATABASE')
    ), 'juramen_app', (string) env('DB_PASSWORD'));
    $other->query("SELECT GET_LOCK('juramen-resolver', 0)")?->fetchAll();
    $this->mock(Resolver::class)->shouldNotReceive('takesMail');
    $domains = app(MailDomains::class);
    $domains->ask('castaway.example');
    expect($domains->takes('castaway.example'))->toBeNull();
    $other->query("SELECT RELEASE_LOCK('juramen-resolver')")?->fetchAll();
    app()->instance(Resolver::class, new ZoneFile(base_path('standins/resolver/zone.json')));
    $domains = app(MailDomains::class);
    foreach (['castaway.example', 'CASTAWAY.example', 'post.example', 'nowhere.example'] as $domain) {
        $domains->ask($domain);
    }
    expect(array_map($domains->takes(...), ['Castaway.Example', 'post.example', 'nowhere.example']))->toBe([false, true, null])
        ->and(DB::table('mail_domains')->count())->toBe(2);
});

test('whoever is erased is among nobody any more: what was counted of them goes with their address', function (): void {
    $this->signUp('imke@post.example');
    $this->signUp('ole@post.example');
    $this->mailsAreTaken();
    $count = fn (): int => DB::table('seen_lately')->count();
    expect($each = $count() / 2)->toBeGreaterThan(1);
    $this->post('/not-theirs', ['token' => Link::NotTheirs->token(SignupJourney::query()->orderBy('asked_at')->firstOrFail()->id, app(MacRing::class))]);
    expect($count())->toEqual($each);
    Carbon::setTestNow(now()->addDays(8));
    app(LapseJourneys::class)();
    expect($count())->toBe(0);
});
