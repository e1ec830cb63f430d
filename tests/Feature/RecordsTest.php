<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Registers\Approve;
use App\Actions\Signup\LapseJourneys;
use App\Actions\Signup\RemindJourneys;
use App\Models\ApprovedEdition;
use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\Record;
use App\Models\RegisteredController;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use Database\Demo\House;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Day;
use Juramen\Canon\DraftRefusal;
use Juramen\Register\RecordKind;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Visitor;

uses(Visitor::class);

const VOYAGE = '/records/statement/voyage-news';

function record(string $kind = 'statement', string $slug = 'voyage-news'): Record
{
    return Record::query()->where('kind', $kind)->where('slug', $slug)->firstOrFail();
}

function revision(string $kind = 'statement', string $slug = 'voyage-news'): int
{
    return (int) record($kind, $slug)->revisions()->max('number');
}

beforeEach(function (): void {
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->write = fn (string $place, mixed $value, ?User $by = null, string $at = VOYAGE, array $more = []) => $this->actingAs($by ?? $this->malin)
        ->post("$at/change", ['place' => $place, 'value' => $value, 'base' => $more['base'] ?? revision(explode('/', $at)[2], explode('/', $at)[3]), ...$more]);
    $this->approve = fn (User $by, string $at = VOYAGE, array $more = []) => $this->actingAs($by)
        ->post("$at/approve", ['looked' => revision(explode('/', $at)[2], explode('/', $at)[3]), ...$more]);
});

test('an editor drafts, an officer approves, the chosen points are published in the same act; the drafter herself is refused', function (): void {
    anotherPoint($this->malin, $this->runa);
    ($this->write)('texts/en', 'Yes, {controller} may email me new sailings, fares and concerts {rate}. {withdrawal}')->assertOk();
    ($this->write)('texts/de', 'Ja, {controller} darf mir {rate} neue Fahrten, Preise und Konzerte per E-Mail schicken. {withdrawal}')->assertOk();
    $this->post(VOYAGE.'/submit', ['comment' => 'With concerts.'])->assertRedirect(VOYAGE);
    $this->post(VOYAGE.'/approve', ['looked' => revision()])->assertForbidden();
    $this->actingAs($this->runa)->get('/desk')->assertSee('waits for approval; Malin Fors submitted it.')->assertSee('With concerts.');
    $this->get(VOYAGE.'/review')->assertOk()->assertSee('2 published points will show something else')->assertSee('<ins>concerts </ins>', false)
        ->assertSee('Written by Malin Fors');

    // Runa changes a word and has written it too, so she is refused and Arne approves.
    ($this->write)('texts/en', 'Yes, {controller} may email me new sailings, fares and concerts on board {rate}. {withdrawal}', $this->runa)->assertOk();
    ($this->approve)($this->runa)->assertRedirect(VOYAGE.'/review')->assertRefused(ActRefusal::OwnDraft);
    expect(session('errors')->first('approve'))->toContain('Arne Holmqvist')->and(ApprovedEdition::query()->where('record_id', record()->id)->count())->toBe(1);
    $published = PublishedEdition::query()->count();
    ($this->approve)(
        $this->arne, VOYAGE, ['points' => chosen(record(), 'footer-newsletter'), 'comment' => 'Reads well.']
    )->assertSessionHas('said', 'Edition 2 is approved. footer-newsletter is published with it.');
    expect(PublishedEdition::query()->count())->toBe($published + 1);
    $this->get('/forms/footer-newsletter/en')->assertSee('fares and concerts on board once a month');
    $this->get('/forms/booking-popup/sv')->assertDontSee('konserter');

    // The other waits on the desk until somebody publishes it.
    $this->get('/desk')->assertSee('Pop-up on the booking page')->assertSee('still shows what held before')->assertDontSee('waits for approval');
    $this->get('/points/booking-popup/publish')->assertSee('<ins>concerts on board </ins>', false);
    $this->post('/points/booking-popup/publish', ['looked' => looked('booking-popup')])->assertRedirect('/points/booking-popup');
    $this->get('/forms/booking-popup/en')->assertSee('concerts on board');
    $acts = DB::table($this->ledger('entries'))->where('subject', record()->subject->bytes)->orderBy('sequence')->pluck('body')
        ->map(fn ($b) => json_decode($b, true))->all();
    expect(array_column($acts, 'kind'))->toBe(['approved', 'approved'])->and($acts[1]['details']['comment'])->toBe('Reads well.')
        ->and($acts[1]['edition'])->toBe(ApprovedEdition::query()->orderByDesc('id')->firstOrFail()->digest->hex());
});

test('a sheet drafted meanwhile stays a draft when its point is published again', function (): void {
    $this->actingAs($this->malin)->post('/points/footer-newsletter/change', ['place' => 'title/en', 'value' => 'Not yet', 'base' => 1])->assertOk();
    ($this->write)('texts/en', 'Yes, {controller} may email me concerts on board {rate}. {withdrawal}')->assertOk();
    ($this->approve)($this->runa, VOYAGE, ['points' => chosen(record(), 'footer-newsletter')])->assertSessionHasNoErrors();
    $this->get('/forms/footer-newsletter/en')->assertSee('concerts on board')->assertDontSee('Not yet');
    $this->get('/points/footer-newsletter')->assertSee('Not yet')->assertSee('draft after edition 2');
});

test('one act is done whole or not at all', function (): void {
    ($this->write)('texts/en', 'Yes, {controller} may email me concerts on board {rate}. {withdrawal}')->assertOk();
    $point = Point::query()->firstOrFail();
    DB::connection('owner')->statement('ALTER TABLE point_editions ADD CONSTRAINT first_only CHECK (number < 2)');
    try {
        expect(fn () => app(Approve::class)(record()->name(), $this->runa, revision(), '', chosenPoints(record(), $point->slug)))
            ->toThrow(QueryException::class);
    } finally {
        DB::connection('owner')->statement('ALTER TABLE point_editions DROP CONSTRAINT first_only');
    }
    expect(ApprovedEdition::query()->where('record_id', record()->id)->count())->toBe(1)->and(PublishedEdition::query()->count())->toBe(1);
});

test('what cannot be approved says why, and loses nothing', function (array $texts, string $comment, ActRefusal $refusal): void {
    foreach ($texts as $language => $text) {
        ($this->write)("texts/$language", $text)->assertOk();
    }
    ($this->approve)($this->runa, VOYAGE, ['comment' => $comment])->assertRedirect(VOYAGE.'/review')->assertSessionHasErrors('approve')
        ->assertRefused($refusal);
    expect(ApprovedEdition::query()->where('record_id', record()->id)->count())->toBe(1);
    $this->get(VOYAGE.'/review')->assertSee($comment === '' ? 'Approve' : $comment);
})->with([
    'an unknown placeholder' => [['en' => 'Yes, {contoller} may email me sailings {rate}. {withdrawal}'], 'a typed comment', ActRefusal::CannotBeFilled],
    'one that has no value' => [['en' => 'Yes, {controller} may pass my address to {recipients}. {withdrawal}'], '', ActRefusal::CannotBeFilled],
    'one without a value in a language' => [
        ['fr' => 'Oui, {controller} peut m’écrire {rate} sur les traversées. {withdrawal}'], '', ActRefusal::CannotBeFilled,
    ],
    'a breach without a word' => [
        ['en' => 'I accept the terms and conditions and want sailings by email {rate}. {withdrawal}'], 'short', ActRefusal::BreachUnexplained,
    ],
    'nothing new' => [['en' => 'x', 'de' => 'y', 'da' => 'z', 'sv' => 'w'], '', ActRefusal::BreachUnexplained],
]);

test('a breach is approved with a reason, an older look is not, and the same words are nothing new', function (): void {
    ($this->approve)($this->runa)->assertRefused(ActRefusal::NothingToApprove);
    ($this->write)('texts/en', 'I accept the terms and conditions and want sailings by email {rate}. {withdrawal}')->assertOk();
    $looked = revision();
    ($this->write)('texts/de', 'Ja, {controller} darf mir {rate} Fahrten mailen. {withdrawal}')->assertOk();
    ($this->approve)(
        $this->runa, VOYAGE, ['looked' => $looked, 'comment' => 'Until the old terms are gone on Monday.']
    )->assertRefused(ActRefusal::ChangedSinceLooked);
    ($this->approve)($this->runa, VOYAGE, ['comment' => 'Until the old terms are gone on Monday.'])->assertSessionHasNoErrors();
    // A point with a breach is not among those that can be chosen.
    expect(ApprovedEdition::query()->where('record_id', record()->id)->count())->toBe(2);
});

test('a draft comes back with a reply, is taken back, and is overtaken', function (): void {
    ($this->write)('texts/en', 'Yes, {controller} may email me news {rate}. {withdrawal}')->assertOk();
    $this->post(VOYAGE.'/submit', ['comment' => 'Shorter.']);
    $this->actingAs($this->arne)->post(VOYAGE.'/return', ['comment' => ''])->assertRefused(ActRefusal::ReplyNeeded);
    $this->post(VOYAGE.'/return', ['comment' => 'Say which news.'])->assertRedirect(VOYAGE);
    $this->actingAs($this->malin)->get('/desk')->assertSee('came back from Arne Holmqvist')->assertSee('Say which news.');
    $this->get(VOYAGE)->assertSee('Came back')->assertSee('Say which news.');
    $this->post(VOYAGE.'/submit', ['comment' => 'One.']);
    $this->post(VOYAGE.'/takeback')->assertRedirect(VOYAGE);
    $this->post(VOYAGE.'/submit', ['comment' => 'Two.']);
    ($this->write)('texts/en', 'Yes, {controller} may email me fares {rate}. {withdrawal}');
    $this->post(VOYAGE.'/submit', ['comment' => 'Three.']);
    $this->post(VOYAGE.'/submit', ['comment' => 'Pressed twice.']);
    expect(record()->proposals()->orderBy('id')->get()->map(fn ($p) => $p->decision?->value)->all())->toBe(['returned', 'withdrawn', 'withdrawn', null])
        ->and(record()->openProposal()?->comment)->toBe('Three.');
});

test('what is typed is judged, filled in and counted, and not saved; a mend adds to the template', function (): void {
    $judge = fn (string $text) => $this->actingAs($this->malin)->post(VOYAGE.'/judge', ['place' => 'texts/en', 'value' => $text, 'base' => 1])->assertOk();
    $judge('Yes, {controller} may email me sailings {rate}.')->assertSee('does not say that consent can be withdrawn')
        ->assertSee('Yes, Tidewick Ferries may email me sailings once a month.')->assertSee('10 words')->assertDontSee('id="base"', false);
    $judge('Yes, *please* <script>alert(1)</script> {withdrawal}')->assertSee('<em>please</em>', false)->assertDontSee('<script>alert', false);
    $judge(str_repeat('word ', 900))->assertOk();
    $judge('')->assertSee('Nothing is written yet')->assertSee('id="under-texts-en"', false);
    expect(revision())->toBe(1);
    ($this->write)('texts/en', 'Yes, {controller} may email me sailings {rate}.');
    $page = new Crawler((string) $this->get(VOYAGE)->getContent());
    $this->post(VOYAGE.'/mend', json_decode((string) $page->filter('#margin button.mend')->attr('data-values'), true))->assertOk();
    expect(record()->newest->document->at('texts/en'))->toBe('Yes, {controller} may email me sailings {rate}. {withdrawal}');
});

test('bad input into a statement is refused or shown as text, and loses nothing', function (): void {
    ($this->write)('texts/en', str_repeat('x', 20_000))->assertStatus(422)->assertRefused(DraftRefusal::TooLong)->assertSee('what you typed still stands');
    ($this->write)('texts/xx', 'x')->assertStatus(422);
    ($this->write)('purpose', 'nothing')->assertStatus(422)->assertRefused(DraftRefusal::NoSuchPurpose);
    ($this->write)('channels', [])->assertStatus(422)->assertRefused(DraftRefusal::NoneGiven);
    ($this->write)('id', 'other')->assertStatus(422)->assertRefused(DraftRefusal::UnknownPlace);
    expect(revision())->toBe(1);
    $odd = "</textarea><img src=x onerror=alert(1)> \u{202e}שלום \u{1F6A2} {{7*7}} [x](javascript:alert(1)) {controller}";
    ($this->write)('texts/en', $odd)->assertOk()->assertDontSee('<img', false);
    $page = new Crawler((string) $this->get(VOYAGE)->assertOk()->getContent());
    expect($page->filter('img, [href^="javascript"]')->count())->toBe(0)->and($page->filter('#at-texts-en')->text(null, false))->toBe($odd);
    $this->get('/wording')->assertOk()->assertDontSee('<img', false);
    $this->get(VOYAGE.'/history?from=e1&to=r2')->assertOk()->assertDontSee('<img', false);
});

test('two people on one text are shown both; a language removed while a point offers it is told', function (): void {
    $base = revision();
    ($this->write)('texts/en', 'Malin writes', $this->malin, VOYAGE, ['base' => $base]);
    ($this->write)('texts/en', 'Runa writes', $this->runa, VOYAGE, ['base' => $base])->assertSee('changed the same')->assertSee('Malin writes')
        ->assertSee('Runa writes');
    ($this->write)('texts/de', null, $this->malin, VOYAGE, ['do' => 'remove'])->assertOk()->assertSee('offers Deutsch, which is not written');
    ($this->write)('texts/en', 'Yes, {controller} may email me sailings {rate}. {withdrawal}', $this->malin);
    $this->actingAs($this->arne)->get(VOYAGE.'/review')->assertSee('Words are missing in Deutsch, which this point offers.')->assertSee('disabled', false);
    $this->post(VOYAGE.'/undo')->assertOk();
    expect(revision())->toBeGreaterThan($base + 3);
});

test('house rules hold from their day on, reach the points chosen, and stand in the history under a name', function (): void {
    $rules = '/records/rules/house';
    ($this->write)('lapse-days', '10', $this->malin, $rules)->assertForbidden();
    ($this->write)('lapse-days', '31', $this->runa, $rules)->assertStatus(422)->assertRefused(DraftRefusal::NotInRange);
    ($this->write)('lapse-days', '10', $this->runa, $rules)->assertOk();
    ($this->write)('reminder-days', '3', $this->runa, $rules)->assertOk();
    ($this->approve)($this->runa, $rules)->assertRefused(ActRefusal::OwnDraft);
    ($this->approve)($this->arne, $rules, ['effective' => '2020-01-01'])->assertRefused(ActRefusal::DayIsPast);
    $this->get("$rules/review")->assertSee('<del>7 </del>', false)->assertSee('we remind once');
    ($this->approve)($this->arne, $rules, ['effective' => now()->addDays(5)->format('Y-m-d')])->assertSessionHasNoErrors();
    expect(app(RegistersInForce::class)->registers()->house->points->lapseDays)
        ->toBe(7)->and(app(RegistersInForce::class)->registers(Day::parse(now()->addDays(5)->format('Y-m-d')))->house->points->lapseDays)->toBe(10);
    $this->get('/points/footer-newsletter')->assertSee('nothing to publish');
    Carbon::setTestNow(now()->addDays(6));
    $this->actingAs($this->runa)->get('/desk')->assertSee('still shows what held before');
    $this->get("$rules/history")->assertSee('approved')->assertSee('Arne Holmqvist')->assertSee('Runa Ekdahl changed days to confirm');
    $this->get('/points/footer-newsletter/publish')->assertSee('<ins>10 </ins>', false);
});

test('a reminder goes out once, to whoever has not confirmed, and moves no deadline', function (): void {
    $rules = '/records/rules/house';
    ($this->write)('reminder-days', '3', $this->runa, $rules)->assertOk();
    ($this->approve)(
        $this->arne, $rules, ['points' => chosen(record('rules', 'house'), 'footer-newsletter')]
    )->assertSessionHas('said', 'Edition 2 is approved. footer-newsletter is published with it.');
    foreach (['late@post.example', 'quick@post.example'] as $who) {
        $this->signUp($who);
        $this->mailsAreTaken();
    }
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    $this->mailsAreTaken();
    expect(app(RemindJourneys::class)())->toBe(0);
    $lapses = DB::table('journeys')->where('state', 'mailed')->value('lapses_at');
    Carbon::setTestNow(now()->addDays(3)->addMinute());
    expect(app(RemindJourneys::class)())->toBe(1)->and(app(RemindJourneys::class)())->toBe(0)->and($this->message()->kind->value)->toBe('reminder')
        ->and(composed($this->message())?->getSubject())->toBe('Not confirmed yet: News from on board');
    $this->mailsAreTaken();
    expect(DB::table('journeys')->where('state', 'mailed')->value('lapses_at'))->toBe($lapses);
    Carbon::setTestNow(now()->addDays(5));
    expect(app(LapseJourneys::class)())->toBe(1);
});

test('without screening nothing is held, and the rule is a departure with its reason on point, table, desk and history', function (): void {
    $depart = fn (string $reason) => $this->actingAs($this->malin)
        ->post(
            '/points/footer-newsletter/change',
            ['place' => 'departures/screening', 'value' => ['value' => '0', 'reason' => $reason], 'base' => revision('sheet', 'footer-newsletter')]
        );
    $depart('')->assertStatus(422)->assertRefused(DraftRefusal::NoReason)->assertSee('Nothing was saved');
    $depart('Only staff at the desk enter addresses here.')->assertOk();
    foreach (['/points/footer-newsletter', '/rules', '/desk', '/points/footer-newsletter/history', '/records/rules/house'] as $page) {
        $this->get($page)->assertOk()->assertSee('Only staff at the desk enter addresses here.');
    }
    expect((string) $this->get('/rules?as=csv')->streamedContent())->toContain('footer-newsletter,screening,no,departure,');
    $this->get('/rules?only=departures')->assertSee('Footer newsletter');
    $this->actingAs($this->runa)->post('/points/footer-newsletter/publish', ['looked' => looked()])->assertSessionHasNoErrors();
    $this->signUp('bot@post.example', ['homepage' => 'x']);
    expect(DB::table('held_submissions')->count())->toBe(0)->and(DB::table('journeys')->count())->toBe(1);
    $this->actingAs($this->malin)->post('/rules', ['follow' => ['footer-newsletter/screening', 'footer-newsletter/nonsense', 'nowhere/screening']])
        ->assertSessionHas('said', 'One sheet follows the house again; publish it to make it so.');
    $this->get('/rules')->assertSee('every point follows the house');
});

test('a file of texts is read, reported, and taken as drafts; a damaged placeholder is caught before anything changes', function (): void {
    $read = fn (string $text, string $name = 'texts.csv') => $this->actingAs($this->malin)
        ->post('/wording/library', ['file' => UploadedFile::fake()->createWithContent($name, $text)]);
    $sound = "statement,language,text\r\nvoyage-news,en,\"Yes, {controller} may email me sailings, {rate}. {withdrawal}\"\r\n"
        ."voyage-news,fr,\"Oui, {controller} peut m'écrire {rate}. {withdrawal}\"\r\n";
    $broken = str_replace('{rate}. {withdrawal}"'."\r\nvoyage-news,fr", '{ rate }. {withdrawal}"'."\r\nvoyage-news,fr", $sound);
    $read($broken)->assertOk()->assertSee('1 text cannot be taken, so nothing is')->assertSee('damaged')->assertDontSee('id="take"', false);
    $this->post('/wording/library/apply', ['text' => $broken])->assertSessionHasErrors('file');
    expect(revision())->toBe(1);
    $read("\xEF\xBB\xBF".str_replace(',', ';', "statement,language,text\n")."voyage-news;en;Yes\n")->assertOk()->assertSee('is gone, which the text had');
    foreach (["\xff\xfe", '', 'a,b,c', '{"statements":', '{"x":1}', '{"statements":[{"id":1}]}', str_repeat('x', 2_000_001)] as $bad) {
        $read($bad)->assertSessionHasErrors('file');
        expect(session('errors')->first('file'))->toContain('Nothing was changed');
    }
    $read($sound)->assertOk()->assertSee('2 texts differ')->assertSee('3 are not in the file')->assertSee('id="take"', false);
    expect(revision())->toBe(1);
    $this->post('/wording/library/apply', ['text' => $sound])->assertSessionHas('said', '2 texts were taken as drafts.');
    expect(record()->newest()->first()->document->at('texts/fr'))->toBe('Oui, {controller} peut m\'écrire {rate}. {withdrawal}')
        ->and(ApprovedEdition::query()->where('record_id', record()->id)->count())->toBe(1);
    // What goes out comes in again unchanged, in both formats.
    foreach (['csv', 'json'] as $format) {
        $file = $this->get("/wording/library/$format")->assertOk();
        $read($format === 'csv' ? $file->streamedContent() : (string) $file->getContent(), "x.$format")->assertOk()->assertSee('0 texts differ')
            ->assertSee('Nothing differs');
    }
    expect((string) $this->get('/wording/library/csv?languages[]=fr&languages[]=da')->streamedContent())->toContain('voyage-news,fr,');
});

test('a starter becomes a purpose and a draft; a new purpose, a processor and a retired statement', function (): void {
    $this->actingAs($this->malin)
        ->post('/records/statement', ['name' => 'Harbour events', 'starter' => 'harbour-events', 'controller' => 'tidewick-ferries'])
        ->assertRedirect('/records/statement/harbour-events');
    $this->get('/records/statement/harbour-events')->assertOk()->assertSee('invite me by email to concerts')
        ->assertSee('The privacy notice does not speak of “harbour days”')->assertDontSee('Breach');
    $this->post('/records/statement', ['name' => 'Harbour events', 'starter' => 'harbour-events'])->assertSessionHasErrors('name-statement');
    $this->post('/records/statement', ['name' => '***'])->assertSessionHasErrors('name-statement');
    $this->post('/records/purpose', ['name' => 'crew jobs'])->assertForbidden();
    $this->actingAs($this->runa)->post('/records/purpose', ['name' => 'crew jobs', 'controller' => 'tidewick-ferries'])
        ->assertRedirect('/records/purpose/crew-jobs');
    ($this->write)('contents/en', 'free posts on deck', $this->runa, '/records/purpose/crew-jobs')->assertOk();
    ($this->write)('refresh-months', '99', $this->runa, '/records/purpose/crew-jobs')->assertStatus(422);
    ($this->approve)($this->runa, '/records/purpose/crew-jobs')->assertSessionHasErrors('approve');
    ($this->approve)($this->arne, '/records/purpose/crew-jobs')->assertSessionHasNoErrors();
    $this->actingAs($this->runa)->post('/records/processor', ['name' => 'Quayside Post'])->assertRedirect('/records/processor/quayside-post');
    $this->get('/desk')->assertSee('Quayside Post')->assertSee('No contract with it is on record');
    $this->post('/records/rules', ['name' => 'x'])->assertSessionHasErrors('name-rules');
    // What is refused stands as it was typed, in the form that it was typed in.
    $this->from('/wording/registers')->followingRedirects()->post('/records/controller', ['name' => 'Tidewick Sound', 'address' => ' '])
        ->assertSeeHtmlInOrder(['value="Tidewick Sound"', 'aria-describedby="wrong-controller"'])->assertDontSee('wrong-purpose');
    $this->post('/records/controller', ['name' => 'Tidewick Sound', 'address' => 'Pier 2, Ansel'])->assertRedirect('/records/controller/tidewick-sound');
    expect(RegisteredController::query()->where('slug', 'tidewick-sound')->exists())->toBeTrue();
    $this->post('/records/statement/harbour-events/retire', ['reason' => 'no'])->assertRefused(ActRefusal::RetireReason);
    $this->post('/records/statement/harbour-events/retire', ['reason' => 'The harbour days are over for good.'])
        ->assertRedirect('/records/statement/harbour-events');
    $this->get('/wording?state=retired')->assertSee('harbour-events');
    $this->post('/records/rules/house/retire', ['reason' => 'We want no rules at all any more.'])->assertRefused(ActRefusal::CannotBeRetired);
    $this->post('/records/purpose/voyage-news/retire', ['reason' => 'Nobody reads news any more.'])->assertRefused(ActRefusal::StatementsAskForIt);
    $this->post('/records/sheet/footer-newsletter/approve', ['looked' => 1])->assertNotFound();
    ($this->write)('basis', 'service', $this->runa, '/records/purpose/voyage-news')->assertOk();
    ($this->approve)($this->arne, '/records/purpose/voyage-news')->assertRefused(ActRefusal::SheetWouldBreak);
    $this->actingAs($this->runa)->post(VOYAGE.'/retire', ['reason' => 'It is worded badly, we think.'])->assertSessionHasErrors('reason')
        ->assertRefused(ActRefusal::StandsOnSheets);
    expect(fn () => app(Approve::class)->retire(record(), $this->runa, 'A reason that is long enough.'))->toBeRefused(ActRefusal::StandsOnSheets);
});

test('a changed controller reaches its points, and the notice page says what the notice lacks', function (): void {
    $at = '/records/controller/tidewick-ferries';
    ($this->write)('accent', 'red', $this->runa, $at)->assertStatus(422)->assertRefused(DraftRefusal::NotAColour);
    ($this->write)('notice/en', 'javascript:alert(1)', $this->runa, $at)->assertStatus(422)->assertRefused(DraftRefusal::NotALink);
    ($this->write)('accent', '#1d4e70', $this->runa, $at)->assertOk()->assertSee('8.'); // computed contrast
    $this->get("$at/review")->assertSee('1 published point will show something else')->assertSee('#1d4e70');
    ($this->approve)($this->arne, $at, ['points' => chosen(record('controller', 'tidewick-ferries'), 'footer-newsletter')])->assertSessionHasNoErrors();
    expect(
        (string) $this
            ->get((string) (new Crawler((string) $this->get('/forms/footer-newsletter/en')->getContent()))->filter('link[rel=stylesheet]')->attr('href'))
            ->getContent()
    )->toContain('#1d4e70');
    ($this->write)('notice-text/en', 'We write letters.', $this->runa, $at)->assertOk();
    ($this->approve)($this->arne, $at)->assertSessionHasNoErrors();
    $this->get('/wording/notice?of=tidewick-ferries&in=en')->assertOk()->assertSee('It does not speak of “voyage news”.')
        ->assertSee('– voyage news: new sailings and fares, once a month, by email.')->assertDontSee('Neues von Bord');
    $this->get('/wording/notice?of=tidewick-ferries&in=de')->assertSee('Neues von Bord')->assertDontSee('once a month, by email');
    $this->get('/wording/notice?of=nobody&in=xx')->assertOk()->assertSee('English');
});

test('to Canada, the confirmation mail brings the way out, and the form says who asks', function (): void {
    $this->actingAs($this->runa)->post('/points/footer-newsletter/change', ['place' => 'countries', 'value' => ['CA'], 'base' => 1])
        ->assertOk()->assertSee('No finding');
    publishNow('footer-newsletter', $this->arne);
    $this->signUp('oda@post.example');
    $mail = composed($this->message());
    preg_match('#/withdraw/[^>\s]+#', (string) $mail->getHeaders()->get('List-Unsubscribe')?->getBodyAsString(), $link);
    expect((string) $mail->getTextBody())->toContain($link[0])->and((string) $mail->getHtmlBody())->toContain($link[0]);
    $this->post($link[0], ['List-Unsubscribe' => 'One-Click'])->assertOk();
    expect(DB::table('journeys')->value('state'))->toBe('withdrawn');
});

test('a sheet whose words nobody approved is not offered for publishing', function (): void {
    begun(
        RecordKind::Statement, 'harbour-days',
        [
            'id' => 'harbour-days', 'purpose' => 'voyage-news', 'channels' => ['email'],
            'texts' => [
                'en' => 'Yes, {controller} may email me voyage news of the harbours {rate}. {withdrawal}',
                'de' => 'Ja, {controller} darf mir {rate} Neues aus den Häfen mailen. {withdrawal}',
            ],
        ],
        $this->malin
    );
    $this->actingAs($this->malin)
        ->post('/points/footer-newsletter/change', ['place' => 'statements', 'do' => 'add', 'value' => 'harbour-days', 'base' => 1])
        ->assertOk()->assertSee('Nobody has approved these words yet');
    $this->actingAs($this->runa)->get('/points/footer-newsletter/publish')->assertSee('Nobody has approved the words of', false)
        ->assertDontSee('id="do-publish"', false);
    $this->post('/points/footer-newsletter/publish', ['looked' => looked()])->assertSessionHasErrors('looked');
    expect(PublishedEdition::query()->count())->toBe(1);
    ($this->approve)($this->arne, '/records/statement/harbour-days')->assertSessionHasNoErrors();
    $this->get('/points/footer-newsletter/publish')->assertSee('id="do-publish"', false);
    // A statement's life: draft, approved, in force once a published point shows it, retired when none does.
    $this->get('/records/statement/harbour-days')->assertSee('edition 1 approved, shown at no point yet');
    expect((string) $this->get('/wording?as=csv&state=approved')->streamedContent())->toContain('harbour-days,approved,1,')->not->toContain('voyage-news,in');
    $this->post('/points/footer-newsletter/publish', ['looked' => looked()])->assertSessionHasNoErrors();
    $this->get('/records/statement/harbour-days')->assertSee('edition 1 in force');
    $this->actingAs($this->malin)->post('/points/footer-newsletter/change', ['place' => 'statements/harbour-days', 'do' => 'remove', 'base' => 2])->assertOk();
    $this->actingAs($this->runa)->post('/points/footer-newsletter/publish', ['looked' => looked()])->assertSessionHasNoErrors();
    $this->post('/records/statement/harbour-days/retire', ['reason' => 'The harbour days are over for good.'])->assertSessionHasNoErrors();
    $this->get('/records/statement/harbour-days')->assertSee('retired')->assertSee('The harbour days are over for good.')->assertDontSee('id="undo"', false);
    $this->get('/points/footer-newsletter')->assertDontSee('harbour-days');
    $this->get('/points/footer-newsletter/history?from=1&to=3')->assertOk();
});

test('the registers, the starters, each entry and its history can be looked at by an auditor, who changes nothing', function (): void {
    $this->actingAs(User::query()->where('role', 'auditor')->firstOrFail());
    foreach ([
        '/wording', '/wording?q=nothing', '/wording/registers', '/wording/starters', '/wording/notice', '/wording/library', '/records/rules/house',
        '/records/controller/tidewick-ferries', '/records/purpose/voyage-news', VOYAGE, VOYAGE.'/history?to=e1&left=en&right=de',
        VOYAGE.'/review', '/rules',
    ] as $page) {
        expect((string) $this->get($page)->assertOk()->getContent())->not->toContain('class="do"');
    }
    $this->get('/records/sheet/footer-newsletter')->assertNotFound();
    $this->get('/records/weather/x')->assertNotFound();
    $this->get('/records/statement/nothing')->assertNotFound();
});

test('people are counted by the words they said yes to, not by the form', function (): void {
    $purpose = begun(RecordKind::Purpose, 'island-walks', House::PURPOSES[1], $this->runa);
    app(Approve::class)($purpose->name(), $this->arne, 1, '');
    $walks = begun(RecordKind::Statement, 'island-walks', House::STATEMENTS[1], $this->malin);
    app(Approve::class)($walks->name(), $this->runa, 1, '');
    written(record('sheet', 'footer-newsletter'), $this->malin, 'statements/island-walks', ['id' => 'island-walks']);
    publishNow('footer-newsletter', $this->arne);
    $this->signUp('one@post.example', ['yes-island-walks' => 'yes']);
    $this->post('/confirm', ['token' => $this->confirmToken()]);
    $this->signUp('two@post.example');
    $this->post('/confirm', ['token' => $this->confirmToken()]);
    $this->actingAs($this->runa)->get(VOYAGE)->assertSeeText('2 people agreed to exactly these words');
    $this->get('/records/statement/island-walks')->assertSeeText('1 person agreed to exactly these words');
    expect((string) $this->get('/wording?as=csv')->streamedContent())->toContain('island-walks,in force,1,island-walks,en,')->toContain(',footer-newsletter,1');
});

test('who approves new words is told what still says the old ones, how many agreed to those, and which languages stay behind', function (): void {
    $this->actingAs($this->malin);
    $this->signUp('imke@post.example');
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk();
    ($this->write)('texts/en', 'Yes, {controller} may email me its new sailings, fares and concerts on board {rate}. {withdrawal}', $this->malin);
    $page = $this->actingAs($this->arne)->get(VOYAGE.'/review')->assertOk()->assertSee('1 person')->assertSee('agreed to the words of edition 1')
        ->assertSee('The purpose voyage news, and with it the paragraph for the notice,')->assertSee('Footer newsletter')->assertSee('still says');
    $languages = (new Crawler((string) $page->getContent()))->filter('[name="fit[]"]')->each(static fn (Crawler $c): string => (string) $c->attr('value'));
    expect($languages)->toContain('de')->not->toContain('en');
    // One of them still says the same; the others stay on the desk until they are changed.
    $this->post(VOYAGE.'/approve', ['looked' => revision(), 'comment' => 'Concerts, as people ask.', 'fit' => [$languages[1] ?? 'xx', 'nonsense', ['x']]])
        ->assertRedirect(VOYAGE);
    $behind = fn (): bool => str_contains((string) $this->get('/desk')->assertOk()->getContent(), 'Deutsch of voyage news') ||
        str_contains((string) $this->get('/desk')->getContent(), 'what was said before the other languages were changed');
    expect($behind())->toBeTrue();
    foreach (array_diff($languages, [$languages[1] ?? 'xx']) as $language) {
        $words = "Ja, {controller} darf mir {rate} Fahrten, Preise und Konzerte an Bord per E-Mail schicken. {withdrawal} $language";
        ($this->write)("texts/$language", $words, $this->malin);
    }
    $approval = ['looked' => revision(), 'comment' => 'The translations, whatever they say.'];
    $this->actingAs($this->arne)->post(VOYAGE.'/approve', $approval)->assertRedirect(VOYAGE);
    expect($behind())->toBeFalse();
});

test('the day that the submitter chose is kept, and the desk announces it', function (): void {
    $rules = '/records/rules/house';
    ($this->write)('lapse-days', '10', $this->runa, $rules)->assertOk();
    $day = now()->addDays(20)->format('Y-m-d');
    $this->actingAs($this->runa)->post("$rules/submit", ['comment' => 'From next month.', 'effective' => 'no day'])->assertSessionHasErrors('approve');
    $this->post("$rules/submit", ['comment' => 'From next month.', 'effective' => $day])->assertRedirect();
    $this->actingAs($this->arne)->get("$rules/review")->assertSee('value="'.$day.'"', false);
    $looked = (int) Record::named(RecordKind::Rules, 'house')->revisions()->max('number');
    $this->post("$rules/approve", ['looked' => $looked, 'comment' => '', 'effective' => $day])->assertRedirect();
    $this->get('/desk')->assertSee('holds from then on')->assertSee(App\Support\Moments::shortDay($day));
    Illuminate\Support\Carbon::setTestNow(now()->addDays(21));
    $this->get('/desk')->assertDontSee('holds from then on');
});
