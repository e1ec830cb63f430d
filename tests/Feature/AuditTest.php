<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Audit\AnswerFinding;
use App\Actions\Audit\CarryOut;
use App\Actions\Audit\GivenPage;
use App\Actions\Audit\OpenZip;
use App\Actions\Audit\SuspendConsents;
use App\Actions\Audit\TakeAudit;
use App\Actions\Audit\TakeForms;
use App\Actions\Audit\WatchForms;
use App\Actions\Signup\WithdrawConsent;
use App\Models\AnswerSays;
use App\Models\AuditAnswer;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\ForeignForm;
use App\Models\ForeignReading;
use App\Models\Point;
use App\Models\ReadHow;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\TakenAudit;
use App\Models\User;
use App\Queries\Audit\AuditNow;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedKind;
use Juramen\Audit\DrawnPart;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirements;
use Juramen\Audit\Verdict;
use Juramen\Canon\Refused;
use Juramen\Consent\Acts\Attested;
use Juramen\Consent\Acts\Audited;
use Juramen\Consent\Entry;
use Juramen\Consent\How;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Forms from elsewhere, audits as records, and what is said of findings. */

const FOREIGN = '<!doctype html><html lang="en"><head><title>Crew jobs</title></head><body><form action="/a" method="post"><h2>Newsletter</h2>
<label>Email <input type="email" name="e" value="typed@post.example"></label>
<label><input type="checkbox" checked> Email me about crew jobs once a month. I can stop at any time.</label><button>Subscribe</button></form></body></html>';

beforeEach(function (): void {
    $this->runa = User::query()->where('role', 'officer')->firstOrFail();
    $this->actingAs($this->runa);
    config()->set('juramen.outgoing.stand_ins', 'jobs.tidewick.example=http://127.0.0.1:9');
    $this->given = fn (string $html = FOREIGN, string $address = ''): ForeignForm => app(TakeForms::class)(
        [new GivenPage('', $html, $address, $address === '' ? ReadHow::Pasted : ReadHow::Address)], $this->runa
    )->forms[0];
    $this->entries = fn (string $kind): array => array_map(
        static fn (string $body): Entry => Entry::parse($body),
        DB::table($this->ledger('entries'))->where('kind', $kind)->orderBy('position')->pluck('body')->all()
    );
});

test('a pasted form is read, judged and kept without what was typed into it', function (): void {
    $this->followingRedirects()->post('/audit/forms', ['html' => FOREIGN])->assertSee('One form was read.')->assertSee('No answer set before')
        ->assertSee('stands on yes beforehand')->assertDontSee('typed@post.example');
    $kept = (string) gzuncompress((string) DB::table('foreign_pages')->value('bytes'));
    expect($kept)->not->toContain('typed@')->toContain('crew jobs once a month');
    $this->get('/audit')->assertSee('Crew jobs: newsletter');
});

test('what cannot be taken is said, and nothing that was typed is lost', function (array $given, string $says): void {
    $this->post('/audit/forms', ['name' => 'Kept', ...$given])->assertRedirect();
    $this->get('/audit/forms')->assertSee($says)->assertSee('value="Kept"', false);
    expect(ForeignForm::query()->count())->toBe(0);
})->with([
    'nothing' => [[], 'Paste a page or a part of one'],
    'no form' => [['html' => '<p>Hello</p>'], 'No form stands in what was pasted. Give the page'],
    'a page that a script draws' => [
        ['html' => '<body><div id=app></div><script src=/app.js></script>'], 'In the source of what was pasted stand no fields. Its scripts draw',
    ],
    'no form, beside an address that was not read' => [['html' => '<p>Hello</p>', 'address' => 'http://127.0.0.1/'], 'No form stands in what was pasted.'],
    'no HTML' => [['html' => "\x89PNG\r\n"], 'No form stands in'],
    'a thousand tags deep' => [['html' => str_repeat('<div>', 2000).'<input>'], 'deep in one another'],
    'an address within' => [['address' => 'http://127.0.0.1:8100/'], 'lies in a private network'],
    'an address that is none' => [['address' => 'javascript:alert(1)'], 'begins with neither https:// nor http://'],
]);

/** @param  array<string, string>  $files  by name what stands in them */
function zipped(array $files): UploadedFile
{
    $path = tempnam(sys_get_temp_dir(), 'zip');
    $made = new ZipArchive;
    $made->open($path, ZipArchive::OVERWRITE);
    array_map(static fn (string $name, string $content): bool => $made->addFromString($name, $content), array_keys($files), $files);
    $made->close();

    return new UploadedFile($path, 'pages.zip', null, null, true);
}

test('pages in a ZIP are read one by one, and one that unpacks without end is refused', function (): void {
    $this->followingRedirects()
        ->post('/audit/forms', ['files' => [zipped(['a.html' => FOREIGN, 'b/c.htm' => FOREIGN, 'd.png' => 'x', 'e.html' => '<p>none</p>'])]])
        ->assertSee('2 forms were read.')->assertSee('No form stands in e.html.');
    $this->post('/audit/forms', ['files' => [zipped(['bomb.html' => str_repeat('a', 6_000_000)])]]);
    $this->get('/audit/forms')->assertSee('More than is read at once is in pages.zip');
    expect(ForeignForm::query()->count())->toBe(2);
});

test('styles that lie beside a page in a ZIP are read with it; those that unpack without end are left', function (): void {
    $page = str_replace('<body>', '<link rel="stylesheet" href="./a_files/s.css"><body>', FOREIGN);
    $said = fn (string $styles): array => Requirements::find('legible')->judge(HtmlReader::read(
        (new OpenZip)('pages.zip', zipped(['in/a.html' => $page, 'in/a_files/s.css' => $styles])->getPathname())[0]->bytes
    )[0]);
    expect($said('label { color: #ccc }')[0]->verdict)->toBe(Verdict::Weakness)
        ->and($said('label { color: #222 }')[0]->verdict)->toBe(Verdict::Met)
        ->and($said('label { color: #ccc }'.str_repeat(' ', 6_000_000))[0]->verdict)->toBe(Verdict::Met);
});

test('an address that leads into a private network is followed by nobody, and each step is checked anew', function (): void {
    Http::fake([
        'http://127.0.0.1:9/a' => Http::response('', 302, ['Location' => 'https://10.1.2.3/']),
        'http://127.0.0.1:9/b' => Http::response('', 302, ['Location' => '/b']),
        'http://127.0.0.1:9/c' => Http::response(FOREIGN),
    ]);
    foreach (['a' => 'lies in a private network', 'b' => 'it leads on and on'] as $path => $says) {
        $this->post('/audit/forms', ['address' => "https://jobs.tidewick.example/$path"]);
        $this->get('/audit/forms')->assertSee($says);
    }
    $this->post('/audit/forms', ['address' => 'https://jobs.tidewick.example/c']);
    expect(ForeignForm::query()->sole()->address)->toBe('https://jobs.tidewick.example/c');
    Http::assertSentCount(6);
});

test('a watched page that changes by itself comes to the desk until somebody looks, however often it is read meanwhile', function (): void {
    $form = ($this->given)(FOREIGN, 'https://jobs.tidewick.example/c');
    $this->post("/audit/forms/$form->slug/keep", ['name' => 'Crew jobs', 'watched' => '1']);
    $changed = str_replace('<button>', '<label><input type="checkbox"> Partners may email me their offers</label><button>', FOREIGN);
    $answers = [FOREIGN, $changed, $changed, '', $changed];
    Http::fake(function () use (&$answers) {
        $next = array_shift($answers);

        return $next === '' ? Http::response('', 500) : Http::response($next);
    });
    $watch = fn (): int => app(WatchForms::class)();
    $desk = fn () => $this->get('/desk');
    $watch();
    $desk()->assertDontSee('changed by itself');
    $watch();
    $watch();
    $desk()->assertSee('its page changed by itself');
    $this->get("/audit/forms/$form->slug")->assertSee('A box or choice stands there that did not.')->assertSee('Partners may email me their offers');
    expect($watch())->toBe(0);
    $desk()->assertSee('could not be read again: there is no page at this address');
    $this->post("/audit/forms/$form->slug/looked");
    $desk()->assertDontSee('changed by itself')->assertDontSee('could not be read');
    $watch();
    $desk()->assertDontSee('changed by itself');
    expect(ForeignReading::query()->count())->toBe(6);
});

test('a watched form is the same whatever is put before it on its page, and a sentence that came by itself is told', function (): void {
    $form = ($this->given)(FOREIGN, 'https://jobs.tidewick.example/c');
    $this->post("/audit/forms/$form->slug/keep", ['name' => 'Crew jobs', 'watched' => '1']);
    $search = '<form role="search" action="/q"><input type="search" name="q" aria-label="Search"><button>Go</button></form>';
    $sends = str_replace('<button>', '<p>By sending this you agree that we email you our offers.</p><button>', FOREIGN);
    $under = static fn (string $page, int $times): string => str_replace('<body>', '<body>'.str_repeat($search, $times), $page);
    $answers = [$under(FOREIGN, 1), $under($sends, 2), $search, '<body><div id=app></div><script src=/app.js></script>'];
    Http::fake(function () use (&$answers) {
        return Http::response((string) array_shift($answers));
    });
    app(WatchForms::class)();
    $this->get('/desk')->assertDontSee('changed by itself');
    $this->get("/audit/forms/$form->slug")->assertDontSee('that did not');
    app(WatchForms::class)();
    $this->get('/desk')->assertSee('its page changed by itself');
    $this->get("/audit/forms/$form->slug")->assertSee('A sentence stands there that did not.')->assertSee('By sending this you agree');
    expect(app(WatchForms::class)())->toBe(0);
    $this->get('/desk')->assertSee('the page has no such form any more');
    expect(app(WatchForms::class)())->toBe(0);
    $this->get('/desk')->assertSee('a script draws the page now');
});

test('a copy is compared with the edition in force of its point', function (): void {
    $form = ($this->given)();
    $point = DB::table('points')->where('slug', 'footer-newsletter')->value('id');
    $this->followingRedirects()->post("/audit/forms/$form->slug/keep", ['name' => 'A copy', 'point' => $point])->assertSee('Beside the edition in force of')
        ->assertSee('A box or choice stands there that did not.');
});

test('an audit is kept with its digest in the ledger, is only added to, and is laid beside the last', function (): void {
    $this->post('/audit');
    ($this->given)();
    $this->followingRedirects()->post('/audit')->assertSee('Taken. It stands in the ledger by its digest')->assertSee('No answer set before');
    [$first, $second] = TakenAudit::query()->orderBy('id')->get()->all();
    expect(array_map(static fn (Entry $e): string => $e->act instanceof Audited ? $e->act->audit->hex() : '', ($this->entries)('audited')))
        ->toBe([$first->digest->hex(), $second->digest->hex()])
        ->and($second->audit()->count(Verdict::Breach))->toBeGreaterThan($first->audit()->count(Verdict::Breach));
    expect(fn () => DB::table('audits')->delete())->toThrow(PDOException::class)
        ->and(fn () => DB::table('foreign_pages')->update(['bytes' => '']))->toThrow(PDOException::class);
    $this->get("/audit/taken/$second->id?with=$first->id")->assertSee('New (');
    $this->get('/audit')->assertSee('nothing has changed');
});

test('a question is attested and a breach accepted, with a reason and an end; neither is what the page would not let one say', function (): void {
    $form = ($this->given)();
    $seen = app(AuditNow::class)->foreign($form->load('newest', 'mail', 'controller'));
    [$breach, $open] = [$seen->findingsOf('no-preset-answer')[0], $seen->findingsOf('bots-kept-out')[0]];
    $until = now()->addMonths(3)->format('Y-m-d');
    $say = fn ($finding, array $more) => $this->post('/audit/answer', [
        'form' => $seen->key(), 'finding' => $finding->digest()->hex(), 'says' => 'met', 'reason' => 'The server counts and slows them down.',
        'until' => $until, ...$more,
    ]);
    $say($breach, [])->assertRefused(ActRefusal::NotAttested);
    $say($open, ['reason' => 'short'])->assertRefused(ActRefusal::AnswerReason);
    $say($open, ['until' => now()->format('Y-m-d')])->assertRefused(ActRefusal::AnswerEnd);
    $say($open, ['until' => now()->addYears(2)->format('Y-m-d')])->assertRefused(ActRefusal::AnswerEnd);
    $say($breach, ['finding' => str_repeat('0', 64)])->assertRefused(ActRefusal::FindingGone);
    expect(AuditAnswer::query()->count())->toBe(0);
    $say($open, []);
    $say($breach, ['says' => 'accepted', 'reason' => 'The page goes in spring, with its system.']);
    $this->get("/audit/forms/$form->slug")->assertSee('Attested by')->assertSee('Accepted by')->assertSee('The page goes in spring');
    $said = array_map(static fn (Entry $e): string => $e->act instanceof Attested ? $e->act->says : '', ($this->entries)('attested'));
    expect($said)->toBe(['met', 'accepted']);
    // An editor may neither; an auditor attests and accepts nothing.
    foreach (['editor' => [403, 403], 'auditor' => [302, 403]] as $role => [$attests, $accepts]) {
        $this->actingAs(User::query()->where('role', $role)->firstOrFail());
        expect($say($open, [])->getStatusCode())->toBe($attests)->and($say($breach, ['says' => 'accepted'])->getStatusCode())->toBe($accepts);
    }
    // It ends on its day and comes to the desk; another page is another question.
    $this->actingAs($this->runa);
    Carbon::setTestNow(now()->addMonths(3)->addDays(2));
    $this->get('/desk')->assertSee('stands again');
    $this->get("/audit/forms/$form->slug")->assertDontSee('Attested by');
});

test('an attestation may rest on a file, which is kept once, encrypted and by its digest, and given back as it was', function (): void {
    $form = ($this->given)();
    $seen = app(AuditNow::class)->foreign($form->load('newest', 'mail', 'controller'));
    $say = fn (array $more, string $id = 'bots-kept-out') => $this->post('/audit/answer', [
        'form' => $seen->key(), 'finding' => $seen->findingsOf($id)[0]->digest()->hex(), 'says' => 'met', 'from' => 'form',
        'reason' => 'The server counts and slows them down.', 'until' => now()->addMonths(3)->format('Y-m-d'), ...$more,
    ]);
    $proof = static fn (string $content, string $name = '../report.pdf'): UploadedFile => UploadedFile::fake()->createWithContent($name, $content);
    $say(['file' => $proof("\x7fELF\x02\x01 a program", 'report.pdf')])->assertRefused(ActRefusal::FileKind);
    $say(['file' => $proof('%PDF-1.4 '.str_repeat('a', 2_000_001))])->assertRefused(ActRefusal::FileSize);
    expect(AuditAnswer::query()->count())->toBe(0);
    $say(['file' => $proof("%PDF-1.4\nLimits are measured weekly.")])->assertRedirect();
    $say(['file' => $proof("%PDF-1.4\nLimits are measured weekly."), 'says' => 'accepted'], 'no-preset-answer')->assertRedirect();
    [$one, $two] = AuditAnswer::query()->orderBy('id')->get()->all();
    expect(DB::table('answer_files')->count())->toBe(1)->and((string) DB::table('answer_files')->value('bytes'))->not->toContain('weekly');
    $this->get("/audit/forms/$form->slug")->assertSee('The file on which that rests');
    $given = $this->actingAs(User::query()->where('role', 'auditor')->firstOrFail())->get("/audit/answers/$two->id/file")->assertOk();
    expect($given->getContent())->toBe("%PDF-1.4\nLimits are measured weekly.")->and($given->headers->get('Content-Disposition'))
        ->toContain('attachment')->toContain('report.pdf')->not->toContain('..');
    $entry = ($this->entries)('attested')[0]->act;
    expect($entry instanceof Attested ? $entry->file : '')->toBe('report.pdf, application/pdf, sha256 '.$one->file->hex());
    // What was changed behind our back is not given out as if it were what was attested.
    DB::table('answer_files')->update(['bytes' => Crypt::encryptString('%PDF-1.4 another')]);
    $this->get("/audit/answers/$one->id/file")->assertNotFound();
    $this->actingAs(User::query()->where('role', 'administrator')->firstOrFail())->get("/audit/answers/$one->id/file")->assertForbidden();
});

test('an answer is taken back once, and the finding stands again', function (): void {
    $form = ($this->given)();
    $seen = app(AuditNow::class)->foreign($form->load('newest', 'mail', 'controller'));
    $answer = app(AnswerFinding::class)(
        $seen, $seen->findingsOf('no-preset-answer')[0], AnswerSays::Accepted, 'The page goes in spring.', now()->addWeek()->format('Y-m-d'), $this->runa
    );
    $this->post("/audit/answers/$answer->id/back", ['form' => $seen->key(), 'from' => 'form'])->assertRedirect("/audit/forms/$form->slug");
    $this->post("/audit/answers/$answer->id/back", ['form' => 'https://elsewhere.example', 'from' => 'form'])->assertRedirectContains('/audit?form=');
    expect(($this->entries)('attested'))->toHaveCount(2)->and(AuditAnswer::query()->whereNull('ended_at')->count())->toBe(0);
});

test('everything comes out as CSV, JSON and a drawing, filtered as it was looked at', function (): void {
    ($this->given)();
    app(TakeAudit::class)($this->runa);
    $csv = $this->get('/audit/findings.csv?verdict=breach')->streamedContent();
    expect($csv)->toStartWith('form,kind,id')->toContain('no-preset-answer')->not->toContain('footer-newsletter');
    expect($this->get('/audit/findings.json')->json('forms.0.standings'))->toHaveKey('no-preset-answer')
        ->and($this->get('/audit/grid.svg')->getContent())->toContain('<svg')->toContain('Crew jobs: newsletter, No answer set before: breach');
});

test('two hundred forms are no strain', function (): void {
    $page = '<!doctype html><html lang="en"><body>'.implode('', array_map(
        static fn (int $n): string => "<form action=\"/a\" method=\"post\"><h2>Newsletter $n</h2><label>Email <input type=\"email\"></label><button>Subscribe</button></form>",
        range(1, 200)
    )).'</body></html>';
    $this->post('/audit/forms', ['html' => $page, 'name' => 'Many']);
    expect(ForeignForm::query()->count())->toBe(200);
    // A page is read once for all its forms, and not for each of them anew.
    $first = spent(fn () => $this->get('/audit')->assertOk());
    $again = spent(fn () => $this->get('/audit')->assertSee('Many, form 200'));
    fwrite(STDERR, sprintf("\n  the grid of 201 forms: %.0f ms when they are read, %.0f ms from then on\n", $first, $again));
    expect($first)->toBeLessThan(6000)->and($again)->toBeLessThan(1500);
    $this->get('/audit/forms')->assertSeeInOrder(['Many, form 2', 'Many, form 9', 'Many, form 10']);
    // What they have in common stands there with a few of them, and how many more.
    $this->get('/audit')->assertSee('; and 193 more')->assertSee('200 forms');
});

test('points are audited for a build, by name or all of them', function (): void {
    Artisan::call('audit:points', ['point' => ['footer-newsletter'], '--json' => true]);
    $report = json_decode(Artisan::output(), true);
    expect(array_column($report['files'], 'file'))->toBe(['footer-newsletter'])->and($report['files'][0]['forms'])->not->toBe([]);
    expect(Artisan::call('audit:points', ['point' => ['nowhere']]))->toBe(2)->and(Artisan::call('audit:points', ['--format' => 'junit']))->toBeIn([0, 1])
        ->and(simplexml_load_string(Artisan::output())->testsuite->count())->toBeGreaterThan(0);
});

test('what was agreed to on a form at fault is suspended at once and lifted by a second officer; the person may withdraw, or agree anew', function (): void {
    $newest = static fn (): SignupJourney => SignupJourney::query()->orderByDesc('asked_at')->orderByDesc('id')->firstOrFail();
    $confirm = fn () => $this->post('/confirm', ['token' => $this->confirmToken($newest())]);
    foreach (['one', 'two', 'three'] as $name) {
        $this->signUp("$name@post.example");
        $this->mailsAreTaken();
        $confirm();
    }
    expect(DB::table('permissions')->where('allowed', true)->count())->toBe(3);
    $point = Point::query()->where('slug', 'footer-newsletter')->firstOrFail();
    $finding = new AuditedFinding('purpose-said', Verdict::Breach, 'It says little.', 'title/en', '', '');
    $suspend = app(SuspendConsents::class);
    $state = static function (string $email): array {
        Artisan::call('consent:state', ['address' => $email, '--json' => true]);

        return json_decode($said = Artisan::output(), true)['permissions'][0] ?? throw new LogicException($said);
    };
    Queue::fake();
    $suspension = $suspend($point, $finding, 'Nobody was told what comes.', $this->runa);
    expect(fn () => $suspend($point, $finding, 'Nobody was told what comes.', $this->runa))->toThrow(Refused::class)
        ->and(fn () => $suspend($point, new AuditedFinding('children', Verdict::Open, '', '', '', ''), 'It is only a question.', $this->runa))
        ->toThrow(Refused::class);
    // It binds before anybody's entry is written: the lists and the question both say no.
    expect(DB::table('permissions')->where('allowed', true)->count())->toBe(0)->and($state('one@post.example'))
        ->toMatchArray(['allowed' => false, 'reason' => 'suspended'])->and(($this->entries)('suspended'))->toBe([]);
    $carry = app(CarryOut::class);
    expect($carry(1))->toBeTrue()->and(($this->entries)('suspended'))->toHaveCount(1)->and($carry(50))->toBeFalse()->and($carry(50))->toBeFalse()
        ->and(($this->entries)('suspended'))->toHaveCount(3)->and(Artisan::call('consent:rebuild', ['--check' => true]))->toBe(0);
    // One withdraws: that stays, whatever is lifted. One agrees anew, and is free of it.
    app(WithdrawConsent::class)(Subscriber::query()->orderBy('id')->firstOrFail()->subject, How::OneClick);
    $this->signUp('two@post.example');
    $this->mailsAreTaken();
    $confirm();
    expect($state('two@post.example')['reason'])->toBe('confirmed')->and($state('three@post.example')['reason'])->toBe('suspended');
    expect(fn () => $suspend->lift($suspension, 'The words were mended long ago.', $this->runa))->toThrow(Refused::class);
    $arne = User::query()->where('role', 'officer')->where('id', '!=', $this->runa->id)->firstOrFail();
    $suspend->lift($suspension, 'The words were good after all: counsel says so.', $arne);
    expect(fn () => $suspend->lift($suspension, 'The words were good after all.', $arne))->toThrow(Refused::class);
    $carry();
    $reasons = array_map(static fn (string $n): string => $state("$n@post.example")['reason'], ['one', 'two', 'three']);
    expect($reasons)->toBe(['withdrawn', 'confirmed', 'confirmed'])
        ->and(($this->entries)('restored'))->toHaveCount(1)->and(Artisan::call('consent:rebuild', ['--check' => true]))->toBe(0);
});

test('what waited for its confirmation when it was suspended is suspended once it is confirmed, without a welcome, and lifted with the rest', function (): void {
    $newest = static fn (): SignupJourney => SignupJourney::query()->orderByDesc('asked_at')->orderByDesc('id')->firstOrFail();
    $this->signUp('early@post.example');
    $this->mailsAreTaken();
    $early = $newest();
    Queue::fake();
    $suspend = app(SuspendConsents::class);
    $point = Point::query()->where('slug', 'footer-newsletter')->firstOrFail();
    $finding = new AuditedFinding('purpose-said', Verdict::Breach, 'It says little.', '', '', '');
    $suspension = $suspend($point, $finding, 'Nobody was told what comes.', $this->runa);
    app(CarryOut::class)();
    expect($suspension->fresh()?->done_at)->not->toBeNull()->and(($this->entries)('suspended'))->toBe([]);
    // Whoever signs up on the form as it is now, after the order, is not touched.
    $this->signUp('late@post.example');
    $this->mailsAreTaken();
    $late = $newest();
    foreach ([$early, $late, $early] as $journey) {
        $this->post('/confirm', ['token' => $this->confirmToken($journey)]);
    }
    $this->mailsAreTaken();
    $allowed = static fn (SignupJourney $j): bool => DB::table('permissions')->where('subscriber_id', $j->subscriber_id)->where('allowed', true)->exists();
    $welcome = static fn (SignupJourney $j): bool => composed(
        Delivery::query()->where('journey', $j->id->bytes)->where('kind', DeliveryKind::Welcome)->sole()
    ) !== null;
    expect($allowed($early))->toBeFalse()->and($allowed($late))->toBeTrue()->and(($this->entries)('suspended'))->toHaveCount(1)
        ->and($welcome($early))->toBeFalse()->and($welcome($late))->toBeTrue();
    // Carried out again, nothing is written twice; lifted, it stands as it was confirmed.
    $suspension->fresh()?->update(['done_at' => null, 'reached' => 0]);
    app(CarryOut::class)();
    expect(($this->entries)('suspended'))->toHaveCount(1);
    $arne = User::query()->where('role', 'officer')->where('id', '!=', $this->runa->id)->firstOrFail();
    $suspend->lift($suspension->refresh(), 'The words were good after all: counsel says so.', $arne);
    app(CarryOut::class)();
    expect($allowed($early))->toBeTrue()->and(Artisan::call('consent:rebuild', ['--check' => true]))->toBe(0);
});

test('what only a person can say is asked of every point at once, and answered for those that are chosen', function (): void {
    $form = app(AuditNow::class)()->form(AuditedKind::Point, 'footer-newsletter');
    expect($form?->standing('no-penalty'))->toBe(Verdict::Open)->and($form->standing('call-register'))->toBe(Verdict::NotApplicable);
    $this->get('/audit?requirement=no-penalty')->assertSee('Whoever refuses or withdraws loses nothing.')->assertSee('It is met on these');
    $say = fn (array $more) => $this->post('/audit/answer', [
        'requirement' => 'no-penalty', 'says' => 'met', 'reason' => 'Gone through with the auditor.', 'until' => now()->addMonth()->format('Y-m-d'), ...$more,
    ]);
    $value = "point footer-newsletter|{$form->findingsOf('no-penalty')[0]->digest()->hex()}";
    $say([])->assertRefused(ActRefusal::NoFindingChosen);
    $say(['findings' => [$value, 'point nowhere|'.str_repeat('0', 64)]])->assertRefused(ActRefusal::FindingGone);
    $say(['findings' => [$value], 'reason' => ''])->assertRefused(ActRefusal::AnswerReason);
    $this->get('/audit?requirement=no-penalty')->assertSee("value=\"$value\" checked", false);
    expect(AuditAnswer::query()->count())->toBe(0);
    $say(['findings' => [$value]])->assertRedirect('/audit?requirement=no-penalty');
    $this->get('/audit?requirement=no-penalty')->assertSee('Nothing of it is left to be decided.');
    // It is asked in audits, and stands in nobody's way while a sheet is written.
    $this->get('/points/footer-newsletter')->assertDontSee('loses nothing');
});

test('the report says what was looked at, found and said, in a page that needs nothing from here, and as PDF', function (): void {
    ($this->given)(str_replace('Email me', '<b>&lt;script&gt;alert(1)</b> Email me', FOREIGN));
    $taken = app(TakeAudit::class)($this->runa);
    $html = (string) $this->get("/audit/taken/$taken->id/report.html")
        ->assertHeader('Content-Security-Policy', "default-src 'none'; style-src 'unsafe-inline'; sandbox")->getContent();
    expect($html)->toContain($taken->digest->hex())->toContain('Crew jobs: newsletter')->toContain('What only a lawyer can judge')->toContain('Art. 30')
        ->not->toContain('<script')->not->toContain('http://');
    // Nothing is fetched for it: no image, frame, style or letters of others.
    expect(preg_match_all('~<(?:img|iframe|link|object|embed|video)\b|@import|url\(~i', $html))->toBe(0);
    $pdf = $this->get("/audit/taken/$taken->id/report.pdf")->assertHeader('Content-Type', 'application/pdf')->getContent();
    expect($pdf)->toStartWith('%PDF-')->and(strlen((string) $pdf))->toBeGreaterThan(20_000);
});

test('a way past the form has a number like its fields; other links have none', function (): void {
    $past = '</form><p><a href="/">No, I like paying more</a> <a href="/privacy">How we treat your data</a></p>';
    $form = ($this->given)(str_replace('</form>', $past, FOREIGN));
    $places = (new Crawler((string) $this->get("/audit/forms/$form->slug")->getContent()))->filter('.read-places li');
    expect($places)->toHaveCount(4)->and($places->last()->text())->toContain('No, I like paying more')->toContain('a link')
        ->and($places->last()->filter('.number.weakness'))->toHaveCount(1);
});

test('words that stand beside nothing have their number where they stand, and the note that speaks of them has the same', function (): void {
    $said = 'By pressing Order you agree to our weekly emails.';
    $form = ($this->given)(str_replace(['<h2>', 'Newsletter', 'Subscribe', '<button'], ['<h2>Your order ', '', 'Order', "<p>$said</p><button"], FOREIGN));
    $page = new Crawler((string) $this->get("/audit/forms/$form->slug")->getContent());
    $words = $page->filter('.read-places li')->reduce(static fn (Crawler $li): bool => str_contains($li->text(), $said));
    $note = $page->filter('.note')->reduce(static fn (Crawler $n): bool => str_contains($n->text(), 'Not by sending'));
    expect($words)->toHaveCount(1)->and($words->text())->toContain('words on the form')->and($words->filter('.number.breach'))->toHaveCount(1)
        ->and($note)->toHaveCount(1)->and($note->filter('.number')->text())->toBe($words->filter('.number')->text())
        // They stand before the button, as on the page.
        ->and((int) $words->filter('.number')->text())->toBe($page->filter('.read-places li')->count() - 1);
    // The report draws them there, with the number of what was found.
    $taken = app(TakeAudit::class)($this->runa);
    $svg = (new Crawler((string) $this->get("/audit/taken/$taken->id/report.html")->getContent()))->filter('svg')
        ->reduce(static fn (Crawler $svg): bool => str_contains($svg->text(), 'By pressing Order'));
    $lines = $svg->filter('text')->each(static fn (Crawler $line): string => $line->text());
    $at = array_search('By pressing Order you agree to our weekly emails.', $lines, true);
    expect($svg)->toHaveCount(1)->and($at)->toBeInt()->and($lines[$at + 1])->toMatch('~^\\d+(?:, \\d+)*$~');
});

test('words of a page that are longer than the margin, or carry tags, are shown as words and keep their number', function (): void {
    $said = 'By pressing Order you agree to our weekly emails about &lt;script&gt;alert(1)&lt;/script&gt; '
        .str_repeat('ropes and sails and oars and ', 8).'boats.';
    $form = ($this->given)(str_replace(['<h2>', 'Newsletter', 'Subscribe', '<button'], [
        '<h2>Your order ', '', 'Order', "<label>Card <input autocomplete=\"cc-number\"></label><p>$said</p><button",
    ], FOREIGN));
    $html = (string) $this->get("/audit/forms/$form->slug")->getContent();
    $page = new Crawler($html);
    $note = $page->filter('.note')->reduce(static fn (Crawler $n): bool => str_contains($n->text(), 'Not by sending'));
    $words = $page->filter('.read-places li')->reduce(static fn (Crawler $li): bool => str_contains($li->text(), 'words on the form'));
    expect($html)->not->toContain('<script>alert')->and($note->filter('blockquote')->text())->toEndWith('…')
        ->and($words->text())->toContain('boats.')->and($note->filter('.number')->text())->toBe($words->filter('.number')->text());
});

test('each form is drawn in the report as it was read, with the numbers of what was found there, and its bytes stand beside', function (): void {
    $form = ($this->given)(str_replace('Email me', 'Email me &lt;b&gt;&amp;', FOREIGN));
    $taken = app(TakeAudit::class)($this->runa);
    $html = (string) $this->get("/audit/taken/$taken->id/report.html")->getContent();
    $audited = $taken->audit()->form(AuditedKind::Form, $form->slug);
    expect(array_map(static fn (DrawnPart $p): array => [mb_substr($p->words, 0, 8), $p->response?->value, $p->required], $audited?->drawn ?? []))
        ->toBe([['Email', null, false], ['Email me', 'yes', false], ['Subscrib', null, false]]);
    $drawn = new Crawler($html);
    $box = $drawn->filter('svg')->reduce(static fn (Crawler $svg): bool => str_contains($svg->text(), 'Email me <b>&'));
    expect($box)->toHaveCount(1)->and($box->filter('path'))->toHaveCount(1)->and($html)->not->toContain('Email me <b>');
    // The number beside the box is that of the finding that says so.
    $number = array_search('no-preset-answer', array_map(static fn (AuditedFinding $f): string => $f->requirement, $audited?->findings ?? []), true) + 1;
    $marks = implode(', ', $box->filter('text[font-weight=bold]')->each(static fn (Crawler $mark): string => $mark->text()));
    expect(explode(', ', $marks))->toContain((string) $number)->and($html)->toContain("<b>$number. Breach.</b>")
        ->and($drawn->filter('pre')->reduce(static fn (Crawler $pre): bool => str_contains($pre->text(), 'crew jobs once a month')))->toHaveCount(1)
        ->and($drawn->filter('pre')->reduce(static fn (Crawler $pre): bool => str_contains($pre->text(), 'Send me the news')))->toHaveCount(1);
    // An audit of before there were pictures is read as it was.
    $old = json_decode($taken->audit()->bytes(), true);
    $old['forms'] = array_map(static fn (array $f): array => array_diff_key($f, ['drawn' => 0]), $old['forms']);
    DB::table('audits')->insert([
        'digest' => random_bytes(32), 'taken_at' => '2026-11-20 09:00:00', 'scope' => 'all forms', 'bytes' => gzcompress((string) json_encode($old)),
    ]);
    $before = $this->get('/audit/taken/'.DB::table('audits')->max('id').'/report.html')->assertOk()->assertSee('Crew jobs: newsletter')->getContent();
    expect((new Crawler((string) $before))->filter('svg'))->toHaveCount(0);
});

test('the mail that a form sends is read beside it', function (): void {
    $form = ($this->given)();
    $send = fn (string $bytes) => $this->post("/audit/forms/$form->slug/mail", ['mail' => UploadedFile::fake()->createWithContent('welcome.eml', $bytes)]);
    $send('no mail at all')->assertRefused(ActRefusal::UnreadablePage);
    $this->get("/audit/forms/$form->slug")->assertSee('It has no sender, so it is no mail')->assertDontSee('Address confirmed');
    $send("From: crew@tidewick.example\r\nTo: imke@post.example\r\nSubject: Welcome aboard\r\n\r\nWelcome, imke@post.example! You get our news now.\r\n");
    $this->get("/audit/forms/$form->slug")->assertSee('The mail only announces')->assertSee('which names nobody');
    $audited = app(AuditNow::class)()->form(AuditedKind::Form, $form->slug);
    expect(DB::table('foreign_mails')->value('mail'))->not->toContain('imke')
        ->and($audited?->standing('confirmed-address'))->toBe(Verdict::Weakness);
});
