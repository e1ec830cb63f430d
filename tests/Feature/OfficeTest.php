<?php

declare(strict_types=1);

use App\Actions\Audit\AnswerFinding;
use App\Actions\Audit\AssignFinding;
use App\Actions\Audit\GivenPage;
use App\Actions\Audit\NamedFinding;
use App\Actions\Audit\SuspendConsents;
use App\Actions\Audit\TakeAudit;
use App\Actions\Audit\TakeForms;
use App\Actions\Ledger\Seal;
use App\Actions\Signup\DecideHeld;
use App\Models\AnswerSays;
use App\Models\Assignment;
use App\Models\AuditAnswer;
use App\Models\Enquiry;
use App\Models\ForeignForm;
use App\Models\HeldContent;
use App\Models\HeldSubmission;
use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\ReadHow;
use App\Models\RegisteredController;
use App\Models\RightsRequest;
use App\Models\Role;
use App\Models\Subscriber;
use App\Models\Suspension;
use App\Models\TakenAudit;
use App\Models\User;
use App\Queries\Audit\AuditNow;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\Verdict;
use Juramen\Canon\Digest;
use Juramen\Canon\Id;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

/** Whoever is not signed in comes in by these. */
const OPEN = ['login', 'login.enter', 'login.code', 'login.prove', 'forgotten', 'forgotten.ask', 'enter', 'enter.open', 'enter.set', 'sender', 'sender.press'];

function as_(Role $role): User
{
    return User::query()->where('role', $role->value)->firstOrFail();
}

/** @return array{ForeignForm, TakenAudit} a form from elsewhere of which somebody has answered a question, and an audit */
function audited(): array
{
    $officer = as_(Role::Officer);
    $form = app(TakeForms::class)([new GivenPage('a.html', '<form><input type="email"></form>', '', ReadHow::Pasted)], $officer)->forms[0];
    $seen = app(AuditNow::class)->foreign($form->load('newest', 'mail', 'controller'));
    $question = $seen->findingsOf('bots-kept-out')[0];
    app(AnswerFinding::class)($seen, $question, AnswerSays::Met, 'It is shown in a test.', now()->addWeek()->format('Y-m-d'), $officer);

    app(AssignFinding::class)([new NamedFinding($seen, $question)], (string) as_(Role::Editor)->id, now()->addWeek()->format('Y-m-d'), '', $officer);
    $point = Point::query()->where('slug', 'footer-newsletter')->firstOrFail();
    $breach = new AuditedFinding('purpose-said', Verdict::Breach, '', '', '', '');
    Queue::fake();
    app(SuspendConsents::class)($point, $breach, 'It is shown in a test.', $officer);

    return [$form, app(TakeAudit::class)($officer)];
}

test('every route of the office is closed to nobody, and open to each role only as its policy says', function (): void {
    $this->signUp('imke@post.example');
    $subject = Subscriber::query()->firstOrFail()->subject->hex();
    $entry = bin2hex((string) DB::table($this->ledger('entries'))->where('kind', 'given')->value('id'));
    $may = [
        'home' => ['officer', 'editor', 'auditor', 'administrator'], 'logout' => ['officer', 'editor', 'auditor', 'administrator'],
        'desk' => ['officer', 'editor', 'auditor', 'administrator'], 'account' => ['officer', 'editor', 'auditor', 'administrator'],
        'token' => ['officer', 'editor', 'auditor', 'administrator'],
        ...array_fill_keys(
            ['account.codes', 'account.codes.begin', 'account.codes.renew', 'account.codes.end'], ['officer', 'editor', 'auditor', 'administrator']
        ),
        ...array_fill_keys(
            [
                'accounts', 'accounts.invite', 'accounts.show', 'accounts.change', 'accounts.again', 'accounts.end', 'accounts.reopen', 'accounts.drop',
            ], ['administrator']
        ),
        'acts' => ['officer', 'auditor'],
        'account.password' => ['officer', 'editor', 'auditor', 'administrator'], 'account.end' => ['officer', 'editor', 'auditor', 'administrator'],
        'points' => ['officer', 'editor', 'auditor'], 'requirement' => ['officer', 'editor', 'auditor'], 'points.begin' => ['officer', 'editor'],
        'points.take' => ['officer', 'editor'],
        'requirements.misread' => ['officer', 'editor', 'auditor'],
        ...array_fill_keys(
            [
                'audit', 'audit.found', 'audit.svg', 'audit.export', 'audit.all', 'audit.taken', 'audit.report', 'audit.forms', 'audit.form',
                'audit.form.page', 'audit.file',
            ], ['officer', 'editor', 'auditor']
        ),
        ...array_fill_keys(['audit.take', 'audit.answer', 'audit.back'], ['officer', 'auditor']),
        ...array_fill_keys(['audit.suspend', 'audit.lift', 'audit.assign', 'audit.unassign'], ['officer']), 'audit.mended' => ['officer', 'editor'],
        ...array_fill_keys(
            ['audit.forms.take', 'audit.form.keep', 'audit.form.again', 'audit.form.mail', 'audit.form.away', 'audit.form.looked'], ['officer', 'editor']
        ),
        'rules' => ['officer', 'editor', 'auditor'], 'rules.follow' => ['officer', 'editor'],
        'wording' => ['officer', 'editor', 'auditor'], 'wording.registers' => ['officer', 'editor', 'auditor'],
        ...array_fill_keys(['wording.mails', 'mails.proof'], ['officer', 'editor', 'auditor']), 'mails.send' => ['officer', 'editor'],
        'wording.starters' => ['officer', 'editor', 'auditor'], 'wording.notice' => ['officer', 'editor', 'auditor'],
        'wording.library' => ['officer', 'editor', 'auditor'], 'wording.export' => ['officer', 'editor', 'auditor'], 'wording.read' => ['officer', 'editor'],
        'wording.import' => ['officer', 'editor'], 'records.begin' => ['officer', 'editor'],
        'records.show' => ['officer', 'editor', 'auditor'], 'records.since' => ['officer', 'editor', 'auditor'],
        'records.history' => ['officer', 'editor', 'auditor'], 'records.review' => ['officer', 'editor', 'auditor'],
        ...array_fill_keys(
            [
                'records.judge', 'records.change', 'records.mend', 'records.say', 'records.undo', 'records.redo', 'records.submit', 'records.takeback',
            ], ['officer', 'editor']
        ),
        ...array_fill_keys(['records.return', 'records.approve', 'records.retire'], ['officer']),
        'points.sheet' => ['officer', 'editor', 'auditor'], 'points.since' => ['officer', 'editor', 'auditor'],
        'points.proof' => ['officer', 'editor', 'auditor'], 'points.flow' => ['officer', 'editor', 'auditor'],
        'points.pausing' => ['officer'], 'points.pause' => ['officer'], 'points.history' => ['officer', 'editor', 'auditor'],
        'points.publish' => ['officer', 'editor', 'auditor'], 'points.publish.do' => ['officer'],
        'points.judge' => ['officer', 'editor'], 'points.change' => ['officer', 'editor'], 'points.mend' => ['officer', 'editor'],
        'points.undo' => ['officer', 'editor'], 'points.redo' => ['officer', 'editor'],
        ...array_fill_keys(
            ['points.handover', 'points.image', 'points.gift', 'points.takeback', 'points.copy', 'statements.rename', 'statements.copy'], ['officer', 'editor']
        ),
        'points.return' => ['officer'], 'points.draw' => ['officer', 'editor', 'auditor'], 'points.draw.run' => ['officer'],
        'evidence' => ['officer', 'auditor'], 'evidence.signups' => ['officer', 'auditor'], 'evidence.asked' => ['officer', 'auditor'],
        'evidence.find' => ['officer', 'auditor'], 'evidence.person' => ['officer', 'auditor'],
        'evidence.printed' => ['officer', 'auditor'], 'evidence.shown' => ['officer', 'auditor'], 'evidence.file' => ['officer', 'auditor'],
        ...array_fill_keys(['withdrawals', 'withdrawals.record'], ['officer', 'editor', 'administrator']),
        'enquiries' => ['officer', 'editor', 'auditor'], 'enquiries.delete' => ['officer'], 'enquiries.show' => ['officer', 'editor', 'auditor'],
        ...array_fill_keys([
            'enquiries.give', 'enquiries.close', 'enquiries.reopen', 'enquiries.spam', 'enquiries.withdraw', 'enquiries.request',
        ], ['officer', 'editor']),
        'requests' => ['officer', 'auditor'], 'records.sign' => ['officer', 'editor'],
        ...array_fill_keys(['requests.answer', 'requests.extend', 'requests.reopen', 'requests.drop'], ['officer']),
        ...array_fill_keys([
            'enquiries.several', 'held.decide', 'held.undo', 'screening.follow', 'screening.adopt', 'evidence.spam', 'evidence.alike', 'evidence.alike.do',
        ], ['officer']),
        ...array_fill_keys(['mails.several', 'work.several'], ['officer', 'administrator']),
        'lists' => ['officer', 'editor', 'auditor'], 'lists.people' => ['officer', 'auditor'],
        ...array_fill_keys(['lists.filters', 'lists.filters.drop', 'destinations.fetch', 'destinations.try'], ['officer']),
        ...array_fill_keys(['keys', 'keys.set'], ['administrator']), 'senders.ask' => ['officer'],
        'screening.lines' => ['officer', 'auditor'], 'screening.lines.part' => ['officer', 'auditor'], 'screening.draw' => ['officer'],
        'held' => ['officer', 'auditor'], 'screening.weights' => ['officer', 'auditor'],
        'mails' => ['officer', 'auditor', 'administrator'], 'mails.again' => ['officer', 'administrator'],
        'mails.leave' => ['officer', 'administrator'],
        'work' => ['officer', 'administrator'], 'work.again' => ['officer', 'administrator'], 'work.leave' => ['officer', 'administrator'],
    ];
    $enquiry = Enquiry::query()->create([
        'id' => Id::random(), 'point_edition_id' => PublishedEdition::query()->firstOrFail()->id,
        'controller_id' => RegisteredController::query()->firstOrFail()->id,
        'lookup' => Digest::of('x'), 'language' => 'en', 'content' => HeldContent::enquiry('ada@post.example', []),
        'received_at' => app(SystemClock::class)->instant(),
    ]);
    $asks = static fn (): RightsRequest => RightsRequest::query()->firstOrCreate(['enquiry_id' => $enquiry->id->bytes], [
        'point_edition_id' => $enquiry->point_edition_id, 'asks' => 'access', 'received_at' => $enquiry->received_at, 'due_on' => '2026-12-01',
    ]);
    // What no page of ours sends, under every name that anything is asked for by: as lists, and as bytes that are no text.
    $code = implode('', array_map(File::get(...), array_map(strval(...), File::allFiles(app_path('Http')))));
    preg_match_all("/(?:string|input|query|integer|boolean|date|text|filled|file|old)\\('([a-z][a-z_-]*)'/", $code, $named);
    $crafted = array_map(static fn (mixed $sent): array => array_fill_keys(array_unique($named[1]), $sent), [['x', ['y']], "\xC3\x28\0"]);
    expect(count($crafted[0]))->toBeGreaterThan(60);
    $tried = 0;
    [$foreign, $taken] = audited();
    foreach (Route::getRoutes() as $route) {
        if (! in_array('web', $route->gatherMiddleware(), true) || in_array($route->getName(), OPEN, true)) {
            continue;
        }
        expect($may)->toHaveKey($route->getName());
        // Something to release or to send again, anew wherever it is asked for; officers, who may, come last.
        if ($tried === 0 || preg_match('~\{(held|delivery)\}~', $route->uri()) === 1) {
            $this->signUp("held$tried@post.example", ['homepage' => 'x']);
        }
        $held = (string) HeldSubmission::query()->max('id');
        $address = '/'.str_replace(
            [
                '{subject}', '{entry}', '{held}', '{delivery}', '{work}', '{point}', '{number}', '{language}', '{draft}', '{id}', '{kind}', '{slug}',
                '{format}',
                '{enquiry}', '{user}', '{asked}', '{filter}', '{form}', '{read}', '{audit}', '{answer}',
                '{suspension}', '{point:slug}', '{assignment}',
            ],
            [
                $subject, $entry, $held, (string) $this->message()->id, Str::uuid(), 'footer-newsletter', '1', 'en', str_repeat('0', 64),
                'notice-linked', 'statement', 'voyage-news', 'csv',
                $enquiry->id->hex(), (string) as_(Role::Auditor)->id, (string) $asks()->id, '1', $foreign->slug,
                (string) $foreign->readings()->max('id'), (string) $taken->id,
                (string) AuditAnswer::query()->max('id'), (string) Suspension::query()->max('id'), 'footer-newsletter',
                (string) Assignment::query()->max('id'),
            ],
            str_replace('report.{format}', 'report.html', $route->uri())
        );
        $method = $route->methods()[0];
        auth()->logout();
        expect((string) $this->call($method, $address)->headers->get('Location'))->toStartWith($route->getName() === 'home' ? '/desk' : '/login', $address);
        foreach (array_reverse(Role::cases()) as $role) {
            foreach ([[], ...$role === Role::Officer || $may[$route->getName()] === ['administrator'] ? $crafted : []] as $n => $sent) {
                $answered = $this->actingAs(as_($role))->call($method, $address, $sent);
                $status = $answered->getStatusCode();
                expect($status === 403)->toBe(! in_array($role->value, $may[$route->getName()], true), "{$role->value} at $address: $status")
                    ->and($status)->toBeLessThan(500, "$address ($n): ".($answered->baseResponse->exception ?? null)?->getMessage());
            }
            $tried++;
        }
    }
    expect($tried)->toBe(4 * count($may));
});

test('what no number of ours is, leads nowhere', function (): void {
    $this->actingAs(as_(Role::Officer));
    foreach (['/points/footer-newsletter/since/', '/records/statement/voyage-news/since/', '/audit/taken/', '/audit/forms/x/page/'] as $page) {
        $this->get($page.str_repeat('9', 21))->assertNotFound();
    }
    $this->post('/lists/voyage-news-mails/filters/'.str_repeat('9', 21).'/drop')->assertNotFound();
    $this->get('/points?q[]=x&findings[]=breach')->assertOk()->assertSee('Footer newsletter');
});

test('signing in takes the right password and says no more than that it was wrong', function (): void {
    $this->post('/login', ['email' => 'runa@tidewick.example', 'password' => 'wrong'])->assertRedirect()->assertSessionHasErrors('email');
    $known = session('errors')->first('email');
    $this->post('/login', ['email' => 'nobody@tidewick.example', 'password' => 'wrong']);
    expect(session('errors')->first('email'))->toBe($known);
    $this->post('/login', ['email' => 'runa@tidewick.example', 'password' => 'harbour-lamp-42'])->assertRedirect('/');
    $this->assertAuthenticated();
    for ($i = 0; $i < 12; $i++) {
        auth()->logout();
        $last = $this->post('/login', ['email' => 'runa@tidewick.example', 'password' => 'wrong']);
    }
    $last->assertStatus(429)->assertSee('Too many tries');
});

test('an officer finds a person however the address is written, and is told plainly where nobody is known', function (): void {
    $this->signUp('imke@post.example', ['first-name' => '<script>alert(1)</script>']);
    $this->actingAs(as_(Role::Officer));
    $subject = Subscriber::query()->firstOrFail()->subject->hex();
    $this->post('/evidence', ['email' => ' IMKE@post.EXAMPLE'])->assertRedirect("/evidence/$subject");
    $this->followingRedirects()->post('/evidence', ['email' => 'other@post.example'])->assertSee('Nobody is known under this address')
        ->assertSee('other@post.example');
    $this->followingRedirects()->post('/evidence', ['email' => 'imke'])->assertSee('has an @ in it');
    $this->post('/evidence', ['email' => 'footer'])->assertRedirect('/points/footer-newsletter');
    $this->get("/evidence/$subject")->assertOk()->assertDontSee('<script>alert', false)->assertSee('Not yet sealed');
    app(Seal::class)();
    $this->get("/evidence/$subject")->assertSee('Proof verifies');
    $this->get("/evidence/$subject?on=yesterday")->assertOk()->assertSee('is not a time');
    $this->get("/evidence/$subject?on=1+Jan+2020")->assertOk()->assertSee('Nobody had been asked by then');
    $this->get('/evidence/'.str_repeat('0', 32))->assertNotFound();
    $this->get('/evidence/nonsense')->assertNotFound();
});

test('the form is shown with the answers, in a frame in which nothing runs', function (): void {
    $this->signUp('imke@post.example', ['first-name' => 'Imke'], 'de');
    $this->actingAs(as_(Role::Auditor));
    $subject = Subscriber::query()->firstOrFail()->subject->hex();
    $entry = bin2hex((string) DB::table($this->ledger('entries'))->where('kind', 'given')->value('id'));
    $response = $this->get("/evidence/$subject/shown/$entry")->assertOk()->assertSee('value="imke@post.example"', false)->assertSee('Neues von Bord');
    expect($response->headers->get('Content-Security-Policy'))->toContain('sandbox')->toContain("default-src 'none'");
    $this->get("/evidence/$subject/shown/".str_repeat('0', 32))->assertNotFound();
});

test('several are decided together, each by itself, and only by whoever may decide', function (): void {
    foreach (['anna', 'bo', 'cleo'] as $name) {
        $this->signUp("$name@post.example", ['homepage' => 'x']);
    }
    $ids = HeldSubmission::query()->orderBy('id')->pluck('id')->map(strval(...))->all();
    $this->actingAs(as_(Role::Auditor))->post('/held/decide', ['act' => 'refuse', 'chosen' => $ids])->assertForbidden();
    $this->post('/held/undo', ['chosen' => $ids])->assertForbidden();
    $this->get('/held')->assertOk()->assertDontSee('value="refuse"', false);
    $this->actingAs(as_(Role::Officer))->followingRedirects()->post('/held/decide', ['act' => 'accept'])->assertSee('Nothing was chosen');
    $this->followingRedirects()->post('/held/decide', ['act' => 'accept', 'chosen' => [$ids[0], $ids[0], '999999', 'x', ['nested']]])
        ->assertSee('1 is accepted. With 2 somebody was quicker.');
    $this->decided((int) $ids[0], 'refuse');
    expect(HeldSubmission::query()->count())->toBe(2)->and(Subscriber::query()->count())->toBe(1);
    $this->post('/held/decide', ['act' => 'invent', 'chosen' => $ids])->assertNotFound();
    $this->followingRedirects()->post('/held/decide', ['act' => 'refuse', 'chosen' => array_slice($ids, 1)])->assertSee('2 are refused.');
    app(DecideHeld::class)->carryOut();
    expect(HeldSubmission::query()->count())->toBe(0)
        ->and(DB::table('acts')->whereIn('kind', ['released', 'deleted'])->orderBy('id')->pluck('kind')->all())->toBe(['released', 'deleted', 'deleted']);
    foreach (['mails', 'work', 'enquiries'] as $list) {
        $this->followingRedirects()->post("/$list/several", ['act' => $list === 'enquiries' ? 'delete' : 'leave', 'chosen' => ['77']])
            ->assertSee('None is')->assertSee('somebody was quicker');
    }
});

test('tables stand in the order that their address says, and a file in the same', function (): void {
    $this->actingAs(as_(Role::Officer));
    $names = fn (string $csv): array => array_map(static fn (string $line): string => explode(',', $line)[0], array_slice(explode("\r\n", trim($csv)), 1));
    $down = $names($this->get('/points?sort=-name&as=csv')->streamedContent());
    expect(array_reverse($down))->toBe($names($this->get('/points?sort=name&as=csv')->streamedContent()));
    foreach ([
        '/points' => 'signups', '/rules' => 'lapse-days', '/wording' => 'people', '/evidence/signups' => 'asked',
        '/mails?state=sent' => 'tries', '/acts' => 'at', '/enquiries' => 'form', '/work' => 'what',
    ] as $path => $column) {
        $join = str_contains($path, '?') ? '&' : '?';
        $this->signUp('held-'.$column.'@post.example', ['homepage' => 'x']);
        $sorted = (string) $this->get("$path{$join}sort=$column")->assertOk()->getContent();
        $empty = in_array($path, ['/enquiries', '/work', '/evidence/signups', '/mails?state=sent'], true);
        expect(str_contains($sorted, 'aria-sort="ascending"'))->toBe(! $empty, $path);
        $this->get("$path{$join}sort=%27;nonsense")->assertOk();
    }
    $this->get('/wording/registers?purposes=-0&controllers=1')->assertOk()->assertSee('aria-sort="descending"', false);
});

test('whatever is asked of a screen in its address is answered', function (): void {
    $this->actingAs(as_(Role::Officer));
    $odd = [
        '', '-1', '9999-12-31', '0001-01-01', '0000-00-00', '2026-02-30', '99999999999999999999', "\0", '%', '\\', "'", '<b>', 'é😀', str_repeat('x', 3000),
    ];
    $asked = 0;
    foreach ([
        '/points', '/rules', '/wording', '/held', '/screening/lines', '/evidence', '/evidence/signups', '/audit', '/audit/forms', '/enquiries', '/acts',
        '/mails', '/work', '/points/footer-newsletter/flow',
    ] as $path) {
        $forms = (new Crawler((string) $this->get($path)->getContent()))->filter('form[method="get"]');
        $names = array_unique($forms->filter('input[name], select[name]')->extract(['name']));
        foreach ($names === [] ? [] : $odd as $value) {
            $at = "$path?".http_build_query(array_fill_keys($names, $value));
            expect($this->get($at)->status())->toBe(200, $at);
            $asked += count($names);
        }
    }
    expect($asked)->toBeGreaterThan(500);
});
