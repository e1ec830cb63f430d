<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Delivery\Deliver;
use App\Actions\Delivery\Deliveries;
use App\Actions\Delivery\Outcome;
use App\Actions\Handover\HandOverExisting;
use App\Actions\Handover\SetDestinationKey;
use App\Actions\Ledger\LedgerTables;
use App\Actions\Registers\Approve;
use App\Actions\Signup\WithdrawConsent;
use App\Models\CurrentPermission;
use App\Models\Delivery;
use App\Models\DeliveryKind;
use App\Models\DeliveryState;
use App\Models\DestinationFacts;
use App\Models\Handover;
use App\Models\HandoverState;
use App\Models\Record;
use App\Models\SavedFilter;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\User;
use App\Queries\Audit\AuditNow;
use App\Queries\Audit\DeedsLately;
use App\Queries\Lists\PeopleFilter;
use App\Queries\Lists\PeopleOnList;
use App\Support\Outgoing\OutgoingClient;
use App\Support\Outgoing\OutgoingFailed;
use App\Support\Outgoing\Resolver;
use App\Support\SystemClock;
use Database\Demo\House;
use Database\Demo\Lists;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;
use Juramen\Audit\AuditedKind;
use Juramen\Audit\Verdict;
use Juramen\Canon\Document;
use Juramen\Consent\How;
use Juramen\Consent\OnList;
use Juramen\Consent\Permissions;
use Juramen\Points\ServiceThere;
use Juramen\Register\ContactList;
use Juramen\Register\RecordKind;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Whoever may be written to comes onto lists, is handed to destinations, and is taken off again; nobody unconfirmed goes over. */

beforeEach(function (): void {
    config(['juramen.outgoing.stand_ins' => 'lists.quayside-post.example=http://lists.test']);
    [$this->runa, $this->arne] = User::query()->orderBy('id')->limit(2)->get()->all();
    // The list service, as it answers, and whom it knows.
    $this->there = new ArrayObject;
    $this->answers = static fn (): int => 200;
    $this->calls = [];
    Http::fake(['lists.test/*' => function (Request $request) {
        $this->calls[] = $request;
        $status = ($this->answers)();
        if ($status === 0) {
            throw new ConnectionException('cURL error 28: timed out');
        }
        if ($status === 200 && $request->header('Authorization') !== ['Bearer tidewick-lists-key']) {
            $status = 401;
        }
        $path = parse_url($request->url(), PHP_URL_PATH);
        if ($status === 200 && $request->method() === 'PUT') {
            $this->there[$path] = $request->data();
        }
        if ($status === 200 && $request->method() === 'DELETE') {
            unset($this->there[$path]);
        }

        return Http::response(['state' => $request->method() === 'PUT' ? 'in' : 'out'], $status);
    }, '*' => Http::response('', 599)]);
    $this->approved = function (RecordKind $kind, array $document): Record {
        $record = begun($kind, $document['id'], $document, $this->runa);
        app(Approve::class)($record->name(), $this->arne, newestOf($record), '');

        return $record;
    };
    $this->destination = function (array $changed = []): void {
        ($this->approved)(RecordKind::Processor, [...House::PROCESSORS[0], 'purposes' => ['voyage-news']]);
        ($this->approved)(RecordKind::ContactList, Lists::ALL[0]);
        $service = ServiceThere::from(Document::from(Lists::SERVICE))->document()->json();
        DestinationFacts::query()->create(['destination' => 'quayside-lists', 'service' => $service]);
        app(SetDestinationKey::class)('quayside-lists', Lists::KEY, $this->runa);
        ($this->approved)(RecordKind::Destination, [
            ...Lists::QUAYSIDE, 'lists' => [Lists::QUAYSIDE['lists'][0]], ...$changed,
        ]);
    };
    $this->work = function (): void {
        while (($delivery = app(Deliveries::class)->claim()) !== null) {
            $delivery->kind === DeliveryKind::Handover ? app(Deliver::class)($delivery) : app(Deliveries::class)->settle($delivery, Outcome::accepted());
        }
    };
    $this->confirmed = function (string $address, array $more = []): Subscriber {
        $this->signUp($address, $more);
        ($this->work)();
        $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();

        return SignupJourney::query()->with('subscriber')->orderByDesc('asked_at')->firstOrFail()->subscriber;
    };
});

test('whoever confirms goes over with what is mapped and nothing else; whoever withdraws is taken off; both are acknowledged', function (): void {
    ($this->destination)();
    $this->signUp('imke@post.example', ['first-name' => 'Imke'], 'de');
    ($this->work)();
    expect($this->there)->toHaveCount(0, 'nobody unconfirmed goes over')->and(Handover::query()->count())->toBe(0);
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    ($this->work)();
    $said = array_values($this->there->getArrayCopy())[0];
    expect($said['address'])->toBe('imke@post.example')->and($said['mark'])->toBe('aboard')->and($said['confirmed'])->toBeString()
        ->and(array_keys($said['fields']))->toEqualCanonicalizing(['given_name', 'tongue', 'agreed', 'confirmed', 'wording', 'leave'])
        ->and($said['fields']['given_name'])->toBe('Imke')->and($said['fields']['tongue'])->toBe('de');
    $handover = Handover::query()->sole();
    expect($handover->told)->toBe(HandoverState::In);
    // The link that went over ends it, and that is told without an address.
    $this->openLink(parse_url($said['fields']['leave'], PHP_URL_PATH))->assertOk();
    $this->post('/withdraw', ['token' => basename($said['fields']['leave']), 'all' => '1'])->assertOk();
    ($this->work)();
    $last = end($this->calls);
    expect($this->there)->toHaveCount(0)->and($handover->refresh()->told)->toBe(HandoverState::Out)->and($last->method())->toBe('DELETE')
        ->and($last->url().$last->body())->not->toContain('imke');
    $page = $this->actingAs($this->runa)->get('/evidence/'.Subscriber::query()->sole()->subject->hex());
    $page->assertOk()->assertSee('Where it went')->assertSee('Voyage news, everybody')->assertSee('Quayside lists: taken off, acknowledged');
});

test('over random histories, failures, slow lines and killed workers it knows in the end exactly whom we may write to', function (): void {
    mt_srand(7);
    ($this->destination)();
    $people = array_map(static fn (int $i): string => "person$i@post.example", range(1, 6));
    $this->answers = static fn (): int => [200, 200, 500, 429, 0, 401][mt_rand(0, 5)];
    $claimed = [];
    for ($i = 0; $i < 90; $i++) {
        Carbon::setTestNow(now()->addSeconds(mt_rand(1, 4000)));
        $of = $people[mt_rand(0, 5)];
        $known = SignupJourney::query()->with('subscriber')->orderByDesc('asked_at')->get();
        match (mt_rand(0, 5)) {
            0, 1 => $this->signUp($of),
            2 => $known->isEmpty() ? null : $this->post('/confirm', ['token' => $this->confirmToken($known->random())]),
            3 => $known->isEmpty() ? null : app(WithdrawConsent::class)($known->random()->subscriber->subject, How::LinkPage),
            // A worker that has one in hand and dies.
            4 => $claimed[] = app(Deliveries::class)->claim(),
            5 => ($delivery = app(Deliveries::class)->claim()) === null ? null : ($delivery->kind === DeliveryKind::Handover
                ? app(Deliver::class)($delivery) : app(Deliveries::class)->settle($delivery, Outcome::accepted())),
        };
        foreach ($this->there as $said) {
            expect($said['confirmed'])->toBeString();
        }
    }
    // One more, who meets a destination that fails before it takes them.
    $this->answers = static fn (): int => 500;
    Carbon::setTestNow(now()->addHour());
    ($this->confirmed)('last@post.example');
    ($this->work)();
    $this->answers = static fn (): int => 200;
    for ($round = 0; $round < 4; $round++) {
        Carbon::setTestNow(now()->addHours(2));
        app(Deliveries::class)->markUncertain();
        ($this->work)();
    }
    $may = CurrentPermission::query()->where('allowed', true)->where('purpose', 'voyage-news')->count();
    $open = Handover::query()->get()->reject(static fn (Handover $h): bool => $h->settled && $h->told->answers($h->wanted));
    expect(count($this->there))->toBe($may)->and($may)->toBeGreaterThan(0)->and($open->count())->toBe(0)
        ->and(Delivery::query()->where('kind', DeliveryKind::Handover)->where('state', '<>', DeliveryState::Sent)->count())->toBe(0);
    // Every try of one thing has one key, and no two things share it.
    $keys = array_map(static fn (Request $r): string => $r->header('Idempotency-Key')[0].' '.$r->method(), $this->calls);
    expect(count(array_unique(array_map(static fn (string $k): string => explode(' ', $k)[0], $keys))))->toBeLessThan(count($keys));
});

test('what was on a list before is handed over in batches, once, and taken back where a rule no longer takes it', function (): void {
    foreach (range(1, 5) as $i) {
        $subscribers[] = ($this->confirmed)("early$i@post.example", []);
    }
    ($this->destination)();
    $lists = fn () => $this->actingAs($this->runa)->get('/lists')->assertOk();
    $lists()->assertSee('5 still to be gone through')->assertDontSee('everything is acknowledged');
    expect(app(HandOverExisting::class)())->toBe(5)->and(app(HandOverExisting::class)())->toBe(0);
    $lists()->assertDontSee('still to be gone through')->assertSee('5 not acknowledged yet');
    Carbon::setTestNow(now()->addMinute());
    ($this->work)();
    expect($this->there)->toHaveCount(5)->and(count($this->calls))->toBe(5);
    $lists()->assertSee('everything is acknowledged');
    // The rule takes only those who agreed in German: nobody of them did.
    $list = recordOf('list', 'voyage-news-mails');
    written($list, $this->runa, 'languages', ['de']);
    app(Approve::class)($list->name(), $this->arne, newestOf($list), '');
    app(HandOverExisting::class)();
    Carbon::setTestNow(now()->addMinute());
    ($this->work)();
    expect($this->there)->toHaveCount(0)->and(Handover::query()->where('told', HandoverState::Out)->count())->toBe(5);
});

test('a destination that is switched off, or whose contract has ended, gets nobody new and still hears of who leaves', function (): void {
    ($this->destination)();
    $subscriber = ($this->confirmed)('imke@post.example');
    ($this->work)();
    $record = recordOf('destination', 'quayside-lists');
    written($record, $this->runa, 'on', false);
    app(Approve::class)($record->name(), $this->arne, newestOf($record), '');
    ($this->confirmed)('jo@post.example');
    ($this->work)();
    expect($this->there)->toHaveCount(1);
    expect(fn () => app(Approve::class)->retire($record, $this->arne, 'Another service sends our mails from now on.'))->toBeRefused(ActRefusal::PeopleAreThere);
    app(WithdrawConsent::class)($subscriber->subject, How::OneClick);
    ($this->work)();
    expect($this->there)->toHaveCount(0);
    // On again under a contract that ends: what waits is tried again, and goes nowhere.
    $partner = recordOf('processor', 'quayside-post');
    written($record, $this->runa, 'on', true);
    app(Approve::class)($record->name(), $this->arne, newestOf($record), '');
    written($partner, $this->runa, 'until', now()->format('Y-m-d'));
    app(Approve::class)($partner->name(), $this->arne, newestOf($partner), '');
    Carbon::setTestNow(now()->addDays(2));
    app(HandOverExisting::class)();
    Carbon::setTestNow(now()->addMinute());
    ($this->work)();
    expect($this->there)->toHaveCount(0)->and(Delivery::query()->where('problem', 'may-not-go-there')->count())->toBe(1);
    $this->actingAs($this->runa)->get('/desk')->assertSee('is switched on, and nobody may be handed over')->assertSee('ended on');
});

test('approving refuses what may not be, whatever the request says', function (): void {
    ($this->approved)(RecordKind::Purpose, House::PURPOSES[1]);
    ($this->approved)(RecordKind::Statement, House::STATEMENTS[1]);
    $list = begun(RecordKind::ContactList, 'crossed', [...Lists::ALL[0], 'id' => 'crossed', 'statements' => ['island-walks']], $this->runa);
    expect(fn () => app(Approve::class)($list->name(), $this->arne, newestOf($list), ''))->toBeRefused(ActRefusal::ListRuleBroken);
    $this->actingAs($this->arne)->post('/records/list/crossed/approve', ['looked' => newestOf($list)])->assertRefused(ActRefusal::ListRuleBroken);
    $bare = begun(RecordKind::Destination, 'bare', [...Lists::QUAYSIDE, 'id' => 'bare', 'lists' => [['id' => 'crossed', 'group' => 'x']]], $this->runa);
    expect(fn () => app(Approve::class)($bare->name(), $this->arne, newestOf($bare), ''))->toBeRefused(ActRefusal::MayNotGoThere);
    written($bare, $this->runa, 'on', false);
    app(Approve::class)($bare->name(), $this->arne, newestOf($bare), '');
    expect(fn () => app(Approve::class)->retire(recordOf('list', 'crossed'), $this->arne, 'Nobody is on it, and nobody will.'))
        ->toBeRefused(ActRefusal::ListGoesThere);
    // An editor writes neither.
    $malin = User::query()->where('email', 'like', 'malin@%')->firstOrFail();
    $this->actingAs($malin)->post('/records/list', ['name' => 'Mine', 'purpose' => 'voyage-news'])->assertForbidden();
    $this->actingAs($malin)->post('/records/destination/bare/change', ['place' => 'on', 'value' => '1', 'base' => 2, 'do' => 'set'])->assertForbidden();
});

test('the people counted on a list are those whom the fold finds on it', function (): void {
    foreach (['en', 'de', 'de', 'en'] as $i => $language) {
        $this->signUp("p$i@post.example", [], $language);
        $this->mailsAreTaken();
        $i === 3 ? null : $this->post('/confirm', ['token' => $this->confirmToken()]);
    }
    $changes = [
        [], ['languages' => ['de']], ['languages' => ['de', 'sv']], ['points' => ['footer-newsletter']], ['points' => ['elsewhere']],
        ['statements' => ['voyage-news']], ['statements' => ['island-walks']], ['confirmed' => false], ['channel' => 'sms'],
    ];
    foreach ($changes as $changed) {
        $list = ContactList::from(Document::from([...Lists::ALL[0], ...$changed]));
        $folded = Subscriber::query()->get()->filter(fn (Subscriber $s): bool => (new OnList($list))->by(
            Permissions::of(app(LedgerTables::class)->chain($s->subject))
        ) !== null)->count();
        expect(app(PeopleOnList::class)->count($list, PeopleFilter::parse([]))->counted)->toBe($folded, json_encode($changed));
    }
});

test('a key is set by administrators alone, stands encrypted, is shown nowhere, and lets what waited go at once', function (): void {
    ($this->destination)();
    app(SetDestinationKey::class)('quayside-lists', 'an-old-key-of-ours', $this->runa);
    ($this->confirmed)('imke@post.example');
    ($this->work)();
    expect(Delivery::query()->where('kind', DeliveryKind::Handover)->sole()->problem)->toBe('key-refused');
    $this->actingAs($this->runa)->get('/desk')->assertSee('refuses our key');
    $sven = User::query()->where('role', 'administrator')->firstOrFail();
    $this->actingAs($sven)->get('/keys')->assertOk()->assertSee('the destination refuses it')->assertDontSee('an-old-key-of-ours');
    $this->actingAs($this->runa)->post('/keys/quayside-lists', ['secret' => Lists::KEY])->assertForbidden();
    $this->actingAs($sven)->post('/keys/quayside-lists', ['secret' => 'two words'])->assertRefused(ActRefusal::NotAKey);
    expect(json_encode(session()->all()))->not->toContain('two words');
    $this->actingAs($sven)->post('/keys/quayside-lists', ['secret' => Lists::KEY])->assertRedirect('/keys');
    ($this->work)();
    expect($this->there)->toHaveCount(1)->and((string) DB::table('destination_keys')->value('secret'))->not->toContain(Lists::KEY)
        ->and(json_encode(DB::table('acts')->get()))->not->toContain(Lists::KEY);
});

test('a call goes only to a public host by its name, pinned, and follows nobody elsewhere', function (): void {
    $names = ['good.example' => ['1.1.1.1', '2606::1'], 'inside.example' => ['10.0.0.8'], 'both.example' => ['1.1.1.1', '127.0.0.1'], 'gone.example' => []];
    $client = new OutgoingClient(new class($names) implements Resolver
    {
        public int $asked = 0;

        public function __construct(private readonly array $names) {}

        public function addresses(string $host): array
        {
            $this->asked++;

            return $this->names[$host] ?? [];
        }

        public function texts(string $name): array
        {
            return [];
        }

        public function takesMail(string $domain): ?bool
        {
            return null;
        }
    });
    $problem = static function (string $url) use ($client): string {
        try {
            return (string) $client->call('GET', $url)->status;
        } catch (OutgoingFailed $e) {
            return $e->problem;
        }
    };
    $expected = [
        'http://good.example/' => 'not-https', 'https://user@good.example/' => 'not-https', 'ftp://good.example/' => 'not-https', 'good.example' => 'not-https',
        'https://inside.example/' => 'private-network', 'https://both.example/' => 'private-network', 'https://gone.example/' => 'no-such-host',
        'https://127.0.0.1/' => 'private-network', 'https://[::1]/' => 'private-network', 'https://169.254.169.254/latest' => 'private-network',
        'https://2130706433/' => 'no-such-host', 'https://good.example/' => '599',
    ];
    expect(array_map($problem, array_combine(array_keys($expected), array_keys($expected))))->toBe($expected);
    $this->answers = static fn (): int => 302;
    expect($problem('https://lists.quayside-post.example/service'))->toBe('leads-elsewhere');
});

test('its fields are fetched, an address of one\'s own is tried and taken back, and what it says then shows', function (): void {
    ($this->destination)();
    $this->actingAs($this->runa)->post('/destinations/quayside-lists/try')->assertRedirect()->assertSessionHas('said');
    expect($this->there)->toHaveCount(0)->and(array_map(static fn (Request $r): string => $r->method(), $this->calls))->toBe(['PUT', 'DELETE'])
        ->and($this->calls[0]->data()['address'])->toBe($this->runa->email);
    $this->get('/records/destination/quayside-lists')->assertSee('an address handed over as confirmed arrived');
    $this->answers = static fn (): int => 500;
    $this->post('/destinations/quayside-lists/fetch')->assertRefused(ActRefusal::NotReached);
    expect(DestinationFacts::serviceOf('quayside-lists')->fields->count())->toBe(7, 'what it said before is kept');
});

test('a filter is kept by a name with its count, and needs something to filter', function (): void {
    ($this->approved)(RecordKind::ContactList, Lists::ALL[0]);
    ($this->confirmed)('imke@post.example');
    $this->actingAs($this->runa)->get('/lists/voyage-news-mails/people?language=en')->assertOk()->assertSee('imke@post.example')
        ->assertSee('Keep this filter as');
    $this->post('/lists/voyage-news-mails/filters', ['name' => 'English', 'query' => 'language=en&evil=1'])->assertRedirect();
    expect(SavedFilter::query()->sole()->query)->toBe('language=en');
    $this->get('/lists/voyage-news-mails/people')->assertSee('English <span class="soft">1</span>', false);
    $this->post('/lists/voyage-news-mails/filters', ['name' => 'All', 'query' => 'sort=since'])->assertRefused(ActRefusal::FilterOpen);
    $this->post('/lists/voyage-news-mails/filters/'.SavedFilter::query()->sole()->id.'/drop')->assertRedirect();
    expect(SavedFilter::query()->count())->toBe(0);
});

test('an audit tells who withdrew and was not passed on, and whom a destination took in afterwards', function (): void {
    $form = function (): AuditedForm {
        app(DeedsLately::class)->anew();

        return app(AuditNow::class)()->form(AuditedKind::Point, 'footer-newsletter') ?? throw new LogicException('It is not there.');
    };
    $verdict = fn (string $id): array => array_map(static fn (AuditedFinding $f): string => "{$f->verdict->value} $f->where", $form()->findingsOf($id));
    Carbon::setTestNow('2027-03-01 09:00:00');
    expect($form()->standing('withdrawal-passed-on'))->toBe(Verdict::NotApplicable);
    ($this->destination)();
    $imke = ($this->confirmed)('imke@post.example');
    ($this->work)();
    expect($verdict('withdrawal-passed-on'))->toBe([])->and($verdict('purpose-unchanged'))->toBe([]);

    $this->answers = static fn (): int => 503;
    app(WithdrawConsent::class)($imke->subject, How::OneClick);
    ($this->work)();
    Carbon::setTestNow(now()->addHours(23));
    expect($verdict('withdrawal-passed-on'))->toBe([]);
    Carbon::setTestNow(now()->addHours(2));
    expect($verdict('withdrawal-passed-on'))->toBe(['weakness practice/not-passed-on'])->and($verdict('ca-unsubscribe'))->toBe([]);

    // It took the person in once more, long after: by hand, or from a copy of its own.
    Handover::query()->sole()->update(['told' => HandoverState::In, 'told_at' => app(SystemClock::class)->instant()]);
    expect($verdict('withdrawal-passed-on'))->toBe(['breach practice/taken-in-afterwards', 'weakness practice/not-passed-on']);

    // Once it acknowledges, nothing is left to tell of.
    $this->answers = static fn (): int => 200;
    Carbon::setTestNow(now()->addHours(6));
    ($this->work)();
    expect($verdict('withdrawal-passed-on'))->toBe([]);

    // Somebody on a list who was never asked for its purpose.
    $jorun = ($this->confirmed)('jorun@post.example');
    ($this->work)();
    DB::table('permissions')->where('subscriber_id', $jorun->id)->update(['purpose' => 'group-offers']);
    expect($verdict('purpose-unchanged'))->toBe(['breach practice/used-otherwise']);
});
