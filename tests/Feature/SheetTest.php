<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Points\PublishPoint;
use App\Actions\Registers\ChangeRecord;
use App\Models\AcceptedFinding;
use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\User;
use App\Queries\Points\Judgements;
use App\Queries\Registers\RegistersInForce;
use Database\Demo\CabinDraw;
use Database\Demo\House;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\Verdict;
use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Points\MissingText;
use Juramen\Points\PointStarter;
use Juramen\Points\PointStarters;
use Juramen\Points\SheetDraft;
use Juramen\Register\RecordKind;
use Symfony\Component\DomCrawler\Crawler;

function point(): Point
{
    return Point::query()->where('slug', 'footer-newsletter')->firstOrFail();
}

function sheetNow(): Document
{
    return point()->record->revisions()->orderByDesc('number')->firstOrFail()->document;
}

function number(): int
{
    return (int) point()->record->revisions()->max('number');
}

beforeEach(function (): void {
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->change = fn (string $place, mixed $value, ?int $base = null, ?User $by = null, string $do = 'set') => $this->actingAs($by ?? $this->runa)
        ->post('/points/footer-newsletter/change', ['place' => $place, 'value' => $value, 'do' => $do, 'base' => $base ?? number()]);
});

test('undoing ten mixed changes restores the document exactly, and redoing brings each back', function (): void {
    $before = sheetNow();
    $steps = [
        ['title/en', 'News'], ['departures/lapse-days', ['value' => '14', 'reason' => 'Islanders read mail once a week.']], ['fields', 'phone', 'add'],
        ['fields/phone/reason', 'to warn of cancelled sailings'], ['fields/phone/required', '1'], ['fields/first-name', null, 'down'],
        ['countries', ['GB', 'DE']], ['purpose-line/de', 'Neue Fahrten.'], ['languages', ['de']], ['fields/first-name', null, 'remove'],
    ];
    $documents = [];
    foreach ($steps as $step) {
        $documents[] = sheetNow();
        ($this->change)($step[0], $step[1], do: $step[2] ?? 'set')->assertOk();
    }
    expect(sheetNow()->equals($before))->toBeFalse()->and(number())->toBe(11);
    $last = sheetNow();
    foreach (array_reverse($documents) as $document) {
        $this->post('/points/footer-newsletter/undo')->assertOk();
        expect(sheetNow()->equals($document))->toBeTrue();
    }
    expect(sheetNow()->equals($before))->toBeTrue();
    foreach ($steps as $ignored) {
        $this->post('/points/footer-newsletter/redo')->assertOk();
    }
    expect(sheetNow()->equals($last))->toBeTrue()->and(number())->toBe(31);
});

test('two editors\' changes to different parts are brought together, and each sees the other\'s', function (): void {
    $base = number();
    ($this->change)('title/en', 'Runa was here', $base, $this->runa)->assertOk();
    ($this->change)('button/de', 'Malin war hier', $base, $this->malin)->assertOk()->assertSee('id="sheet-body"', false)->assertSee('Runa was here');
    expect(sheetNow()->at('title/en'))->toBe('Runa was here')->and(sheetNow()->at('button/de'))->toBe('Malin war hier');
    $this->actingAs($this->runa)->get("/points/footer-newsletter/since/$base")->assertOk()->assertSee('Malin Fors changed the button');
    $this->get('/points/footer-newsletter/since/'.number())->assertNoContent();
});

test('two editors in the same sentence are shown both, side by side, and neither is lost', function (): void {
    $base = number();
    ($this->change)('purpose-line/en', 'Runa\'s words, <b>bold</b>', $base, $this->runa)->assertOk();
    ($this->change)('purpose-line/en', 'Malin\'s words', $base, $this->malin)->assertOk()->assertSee('changed the same')
        ->assertSee('Runa\'s words, <b>bold</b>')->assertSee('Malin\'s words')->assertDontSee('<b>bold', false);
    expect(sheetNow()->at('purpose-line/en'))->toBe('Runa\'s words, <b>bold</b>');
    ($this->change)('purpose-line/en', 'Malin\'s words', null, $this->malin)->assertOk();
    expect(sheetNow()->at('purpose-line/en'))->toBe('Malin\'s words');
});

test('what no sheet can be is refused with a reason, and nothing is saved', function (string $place, mixed $value, DraftRefusal $refusal, string $do = 'set'): void {
    ($this->change)($place, $value, do: $do)->assertStatus(422)->assertRefused($refusal)->assertSee('Nothing was saved');
    expect(number())->toBe(1);
})->with([
    'no language' => ['languages', [], DraftRefusal::NoneGiven], 'an odd language' => ['languages', ['xx'], DraftRefusal::NotAmong],
    'an odd country' => ['countries', ['<b>'], DraftRefusal::NotOfForm], 'a kind made up' => ['kind', 'casino', DraftRefusal::NotOneOf],
    'thirty-one days' => ['departures/lapse-days', ['value' => '31', 'reason' => 'Because we would like it so.'], DraftRefusal::NotInRange],
    'a departure without reason' => ['departures/lapse-days', ['value' => '14', 'reason' => ' '], DraftRefusal::NoReason],
    'a departure that is no rule' => ['departures/weather', ['value' => '1', 'reason' => 'Because we would like it so.'], DraftRefusal::UnknownPlace],
    'no email field' => ['fields/email', null, DraftRefusal::EmailField, 'remove'],
    'the email field twice' => ['fields', 'email', DraftRefusal::EmailField, 'add'],
    'a kind of field made up' => ['fields', 'shoe-size', DraftRefusal::NotOneOf, 'add'],
    'a place that is not there' => ['point', 'other', DraftRefusal::UnknownPlace],
    'the statement\'s purpose' => ['statements/voyage-news/purpose', 'x', DraftRefusal::UnknownPlace],
    'a field by its number' => ['fields/0/reason', 'x', DraftRefusal::ItemGone], 'no place at all' => ['a//b', 'x', DraftRefusal::UnknownPlace],
    'an id of its own' => ['fields/email/id', 'mail', DraftRefusal::UnknownPlace], 'all fields at once' => ['fields', [], DraftRefusal::UnknownPlace],
    'a name too long' => ['name', str_repeat('x', 101), DraftRefusal::TooLong],
    'a statement nobody wrote' => ['statements', 'x', DraftRefusal::NoSuchStatement, 'add'],
    'words that are the register\'s' => ['statements/voyage-news/texts/en', 'x', DraftRefusal::UnknownPlace],
    'a text of 600 characters' => ['purpose-line/en', str_repeat('word ', 120), DraftRefusal::TooLong],
]);

test('markup and scripts in every text field come out as text, on the sheet, in the proof and on the form', function (): void {
    $nasty = '</textarea><script>alert(1)</script>"><img src=x onerror=alert(1)>{{ 7*7 }}';
    foreach (['name', 'place', 'title/en', 'purpose-line/en', 'button/en', 'fields/first-name/reason', 'fields/first-name/label/en'] as $place) {
        ($this->change)($place, $nasty)->assertOk()->assertDontSee('<script>alert', false)->assertDontSee('<img src=x', false);
    }
    $page = new Crawler((string) $this->get('/points/footer-newsletter')->assertOk()->getContent());
    expect($page->filter('script:not([src]), img')->count())->toBe(0)->and($page->filter('#at-title-en')->text(null, false))->toBe($nasty);
    $proof = new Crawler((string) $this->get((string) $page->filter('#proof iframe')->attr('src'))->assertOk()->getContent());
    expect($proof->filter('script, img')->count())->toBe(0)->and($proof->filter('h1')->text(null, false))->toBe($nasty);
    $this->get('/points')->assertDontSee('<script>alert', false);
    $this->get('/points/footer-newsletter/publish')->assertDontSee('<script>alert', false);
    publishNow('footer-newsletter', $this->arne);
    $form = new Crawler((string) $this->get('/forms/footer-newsletter/en')->getContent());
    expect($form->filter('script, img')->count())->toBe(0);
});

test('the number of a note stands beside the field of whose words it speaks, as soon as they are given', function (): void {
    $marked = static fn (string $html): array => array_filter((new Crawler($html))->filter('.marks[id]')->each(
        static fn (Crawler $marks): string => $marks->attr('id').' '.$marks->text('')
    ), static fn (string $marks): bool => preg_match('~\d$~', $marks) === 1);
    $others = 'We pass your address on to our partners for their own offers.';
    $answer = ($this->change)('fields/email/help/en', $others)->assertOk();
    expect(array_values($marked((string) $answer->getContent())))->toBe(['marks-at-fields-email 12'])
        ->and(array_values($marked((string) $this->get('/points/footer-newsletter')->getContent())))->toBe(['marks-at-fields-email 12']);
    $answer = $this->post('/points/footer-newsletter/judge', ['place' => 'purpose-line/en', 'value' => $others, 'base' => number()]);
    expect(array_values($marked((string) $answer->getContent())))->toBe(['marks-at-purpose-line 12']);
});

test('what is typed is judged as it is typed, and not saved', function (): void {
    $answer = $this->actingAs($this->malin)->post('/points/footer-newsletter/judge', ['place' => 'languages', 'value' => ['en', 'de', 'fr'], 'base' => 1])
        ->assertOk();
    expect($answer->getContent())->toContain('To be written')->toContain('The title, in Français')->not->toContain('id="base"')->and(number())->toBe(1);
    $this->post('/points/footer-newsletter/judge', ['place' => 'purpose-line/en', 'value' => 'New sailings.', 'base' => 1])->assertSee('No finding');
});

test('a breach stops publishing until it is mended, or somebody writes why it may stay and until when', function (): void {
    ($this->change)('departures/double-opt-in', ['value' => '0', 'reason' => 'The marks got lost on the way.'], null, $this->malin)->assertOk();
    $this->actingAs($this->runa)->get('/points/footer-newsletter/publish')->assertOk()->assertSee('1 breach stops this edition')
        ->assertSee('a confirmation mail and has 7')->assertSee('departs from the house rules');
    $key = 'confirmed-address rules/double-opt-in';
    $publish = fn (string $reason = '', string $until = '') => $this->post(
        '/points/footer-newsletter/publish', ['looked' => looked(), 'reason' => [$key => $reason], 'until' => [$key => $until]]
    );
    $publish()->assertRedirect('/points/footer-newsletter/publish');
    $publish('short', now()->addDays(10)->format('Y-m-d'))->assertSessionHasErrors($key);
    $publish('Until the mail server is moved on the first.', 'never')->assertSessionHasErrors($key);
    $publish('Until the mail server is moved on the first.', now()->addDays(400)->format('Y-m-d'))->assertSessionHasErrors($key);
    expect(PublishedEdition::query()->count())->toBe(1)->and(AcceptedFinding::query()->count())->toBe(0);
    $publish('Until the mail server is moved on the first.', now()->addDays(10)->format('Y-m-d'))->assertRedirect('/points/footer-newsletter');
    expect(PublishedEdition::query()->count())->toBe(2)->and(AcceptedFinding::query()->firstOrFail()->made_by)->toBe($this->runa->id)
        ->and(
            DB::table($this->ledger('entries'))->where('subject', point()->subject->bytes)->orderBy('sequence')->pluck('kind')->all()
        )->toBe(['published', 'published', 'excepted']);
    $this->get('/points/footer-newsletter')->assertSee('excepted')->assertSee('Until the mail server is moved on the first.');
    $this->get('/desk')->assertSee('is excepted until then from: the email address is confirmed before it is used.');
    $this->get('/points/footer-newsletter/publish')->assertSee('There is nothing to publish');
});

test('of two officers who publish the same sheet one is told that it moved', function (): void {
    ($this->change)('title/en', 'First')->assertOk();
    $looked = looked();
    ($this->change)('title/en', 'Second')->assertOk();
    $this->actingAs($this->arne)->post('/points/footer-newsletter/publish', ['looked' => $looked])->assertRedirect('/points/footer-newsletter/publish')
        ->assertSessionHasErrors('looked');
    expect(PublishedEdition::query()->count())->toBe(1)->and(fn () => app(PublishPoint::class)(point(), $this->arne, $looked))
        ->toBeRefused(ActRefusal::NotAsLooked);
    // Who wrote it waits for the other; and ten presses of one page make one edition.
    $this->actingAs($this->runa)->post('/points/footer-newsletter/publish', ['looked' => $seen = looked()])->assertRefused(ActRefusal::OwnPublication);
    $this->actingAs($this->arne)->post('/points/footer-newsletter/publish', ['looked' => $seen])->assertRedirect('/points/footer-newsletter');
    for ($press = 0; $press < 9; $press++) {
        $this->post('/points/footer-newsletter/publish', ['looked' => $press < 5 ? $seen : looked()])->assertRedirect('/points/footer-newsletter/publish')
            ->assertSessionHasErrors('looked');
    }
    expect(PublishedEdition::query()->count())->toBe(2);
    $this->get('/forms/footer-newsletter/en')->assertSee('Second');
});

test('every mend that the cabin draw\'s notes offer mends its note; what is left needs a person', function (): void {
    begun(RecordKind::Statement, 'draw-news', House::DRAW_NEWS, $this->malin);
    $point = point()->replicate()
        ->fill(
            [
                'slug' => 'cabin-draw', 'subject' => DB::transaction(fn () => app(App\Actions\Ledger\Append::class)->begin('point')->subject),
                'record_id' => begun(RecordKind::Sheet, 'cabin-draw', CabinDraw::SHEET, $this->malin)->id,
            ]
        );
    $point->save();
    $notes = fn (): Crawler => (
        new Crawler((string) $this->actingAs($this->malin)->get('/points/cabin-draw')->assertOk()->getContent())
    )->filter('#margin .note');
    $left = $notes()->count();
    expect($left)->toBe(9);
    while (($mend = $notes()->filter('button.mend'))->count() > 0) {
        $this->post('/points/cabin-draw/mend', json_decode((string) $mend->first()->attr('data-values'), true))->assertOk();
        expect($now = $notes()->count())->toBeLessThan($left);
        $left = $now;
    }
    expect($notes()->text())->toContain('takes consent together with terms');
    app(ChangeRecord::class)->undo($point->record, $this->malin);
    expect($notes()->count())->toBeGreaterThan($left);
});

test('the history compares any two revisions word by word', function (): void {
    ($this->change)('departures/lapse-days', ['value' => '14', 'reason' => 'Islanders read mail once a week.'])->assertOk();
    ($this->change)('title/en', 'News from the deck')->assertOk();
    $this->get('/points/footer-newsletter/history?from=1&to=3')->assertOk()->assertSee('<del>7 </del>', false)->assertSee('<ins>14 </ins>', false)
        ->assertSee('Runa Ekdahl changed the title in English');
    $this->get('/points/footer-newsletter/history?from=1&to=99')->assertNotFound();
});

test('a new point is begun from a starter, inherits every rule, says what remains to be done, and is published once that is', function (): void {
    $begin = fn (string $name, string $statement = 'voyage-news', string $starter = 'contact') => $this->actingAs($this->malin)
        ->post('/points', ['name' => $name, 'statement' => $statement, 'starter' => $starter]);
    foreach ([
        ['***', 'voyage-news', 'contact', ActRefusal::NameNeeded], [str_repeat('x', 80), 'voyage-news', 'contact', ActRefusal::NameNeeded],
        ['Contact page', 'nothing', 'contact', DraftRefusal::NoSuchStatement], ['Footer newsletter', 'voyage-news', 'newsletter', ActRefusal::NameTaken],
        ['Contact page', 'voyage-news', '', ActRefusal::NoStarter],
    ] as [$name, $statement, $starter, $refusal]) {
        $begin($name, $statement, $starter)->assertRedirect('/points')->assertSessionHasErrors('name')->assertRefused($refusal);
    }
    $begin('Contact page')->assertRedirect('/points/contact-page');
    $page = $this->get('/points/contact-page')->assertOk()->assertSee('gets a confirmation mail and has')->assertSee('Ja, Tidewick Ferries får mejla mig')
        ->assertSee('Say where it stands')->assertSee('A recipient has no address yet');
    expect((new Crawler((string) $page->getContent()))->filter('#proof')->count())->toBe(1);
    $this->get('/rules')->assertSee('every point follows the house')->assertSee('unknown: the strictest');
    $this->get('/desk')->assertSee('Contact page');
    $this->actingAs($this->runa)->post('/points/contact-page/publish', ['looked' => looked('contact-page')])->assertSessionHasErrors('looked');
    $this->artisan('point:publish contact-page --as=runa@tidewick.example')->expectsOutputToContain('Say where it stands')->assertExitCode(1);
    $base = fn (): int => (int) Point::query()->where('slug', 'contact-page')->firstOrFail()->record->revisions()->max('number');
    foreach (['place' => 'the contact page', 'recipients/recipient-1/address' => 'desk@tidewick.example'] as $place => $text) {
        $this->actingAs($this->malin)->post('/points/contact-page/change', ['place' => $place, 'value' => $text, 'base' => $base()])->assertOk();
    }
    $this->get('/points/contact-page')->assertSee('No finding')->assertDontSee('What remains to be done');
    $this->artisan('point:publish contact-page --as=nobody@tidewick.example')->assertExitCode(2);
    $this->artisan('point:publish contact-page --as=runa@tidewick.example')->expectsOutput('Published as edition 1.')->assertExitCode(0);
    foreach (['en' => 'Write to us', 'de' => 'Schreiben Sie uns', 'sv' => 'Skriv till oss', 'da' => 'Skriv til os'] as $language => $title) {
        $this->get("/forms/contact-page/$language")->assertOk()->assertSee($title);
    }
});

test('every starter begins without a breach in each of its languages', function (string $starter): void {
    $this->actingAs($this->malin)->post('/points', ['name' => 'A new one', 'statement' => 'voyage-news', 'starter' => $starter])
        ->assertRedirect('/points/a-new-one');
    $point = Point::query()->where('slug', 'a-new-one')->firstOrFail();
    $registers = app(RegistersInForce::class)->registers();
    $sheet = $registers->complete(SheetDraft::from($point->newest()->document));
    $notes = app(Judgements::class)->ofSheet($sheet, $registers)->notes;
    expect(array_map(static fn ($note): string => $note->requirement->id().' '.$note->result->says, array_filter(
        $notes, static fn ($note): bool => $note->result->verdict === Verdict::Breach
    )))->toBe([])->and($sheet->missing())->each->toBeInstanceOf(MissingText::class);
    // What only the organisation knows is named, and nothing is published before.
    expect($sheet->toDo())->not->toBe([]);
    $this->actingAs($this->runa)->post('/points/a-new-one/publish', ['looked' => looked('a-new-one')])->assertSessionHasErrors('looked');
})->with(array_map(static fn (PointStarter $s): array => [$s->id], PointStarters::all()));

test('stock is taken from a file whole or not at all, and each damaged row is named', function (): void {
    $take = fn (string $text) => $this->actingAs($this->malin)->post('/points/from-file',
        ['file' => UploadedFile::fake()->createWithContent('stock.csv', $text)]);
    $count = Point::query()->count();
    foreach (['', "name;starter\nx;y", "\xff\xfe", "name,starter\nx,contact"] as $bad) {
        $take($bad)->assertRedirect('/points')->assertSessionHasErrors('file');
    }
    $take("name,starter,statement,place\nGate A,kiosk,voyage-news,the gate\nGate B,nothing,voyage-news,\n,contact,voyage-news,\nGate A,kiosk,voyage-news,x\n")
        ->assertSessionHasErrors('file');
    $says = session('errors')->get('file');
    expect($says)->toHaveCount(3)->and($says[0])->toStartWith('Line 3:')->and($says[1])->toStartWith('Line 4:')->and($says[2])->toStartWith('Line 5:')
        ->and(Point::query()->count())->toBe($count);
    $take("\u{FEFF}name,starter,statement,place,elsewhere\r\n\"Gate A, \"\"north\"\"\",kiosk,voyage-news,\"the gate, left\",\r\nOld form,contact,voyage-news,,https://old.example/form\r\n")
        ->assertSessionHas('said', '2 points were begun.');
    $this->get('/points?state=elsewhere')->assertSee('Old form')->assertDontSee('Gate A');
    $this->get('/points?q=the+gate')->assertSee('Gate A, &quot;north&quot;', false)->assertDontSee('Old form');
    $this->get('/points?controller=nobody')->assertSee('No signup point matches');
    $this->get('/points?as=picture')->assertOk()->assertSee('<svg', false)->assertSee('Old form');
    $csv = (string) $this->get('/points?as=csv')->streamedContent();
    expect($csv)->toContain('old-form,Old form,')->toContain('elsewhere,https://old.example/form');
});

test('a form opens and closes on its days and says so kindly; a page that was open before takes nothing after', function (): void {
    $day = fn (int $days): string => now()->addDays($days)->format('Y-m-d');
    ($this->change)('opens', $day(3))->assertOk();
    ($this->change)('closes', $day(1))->assertStatus(422)->assertSee('Change one of the two days');
    ($this->change)('closes', '2026-02-30')->assertStatus(422);
    ($this->change)('closes', $day(5))->assertOk();
    publishNow('footer-newsletter', User::query()->where('email', 'arne@tidewick.example')->firstOrFail());
    $this->get('/forms/footer-newsletter/de')->assertNotFound()->assertSee('Noch nicht offen');
    $this->actingAs($this->malin)->get('/points?state=not+open+yet')->assertSee('Footer newsletter');
    Carbon::setTestNow(now()->addDays(3));
    $page = $this->get('/forms/footer-newsletter/en')->assertOk();
    Carbon::setTestNow(now()->addDays(3));
    $this->post('/forms/footer-newsletter/en', ['email' => 'a@post.example', 'yes-voyage-news' => 'yes'])->assertStatus(410)->assertSee('This form has ended');
    expect(DB::table('subscribers')->count())->toBe(0)->and($page->getStatusCode())->toBe(200);
    $this->get('/points?state=ended')->assertSee('Footer newsletter');
});

test('the inventory finds, and goes out as CSV', function (): void {
    $this->actingAs($this->malin)->get('/points?q=foot')->assertOk()->assertSee('Footer newsletter');
    $this->get('/points?q=nothing')->assertOk()->assertSee('No signup point matches');
    $csv = $this->get('/points?as=csv')->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8; header=present')->streamedContent();
    expect($csv)->toStartWith('point,name,place,controller,kind,languages,countries,state,elsewhere,')
        ->toContain('footer-newsletter,Footer newsletter,the foot of every page of tidewick.example,tidewick-ferries,newsletter,en de,GB DE DK SE,in force,,yes,1,no,0,0,0,0');
});

test('a password is changed with the old one, and that ends the other sessions', function (): void {
    DB::table('sessions')->insert(['id' => 'elsewhere', 'user_id' => $this->runa->id, 'payload' => '', 'last_activity' => time()]);
    $this->actingAs($this->runa)->get('/account')->assertOk();
    $change = fn (string $current, string $new) => $this->post('/account/password', ['current' => $current, 'new' => $new, 'again' => $new]);
    $change('wrong', 'a quiet harbour at dusk')->assertSessionHasErrors('current');
    expect(session('_old_input') ?? [])->not->toHaveKeys(['current', 'new', 'again']);
    $change('harbour-lamp-42', 'short')->assertSessionHasErrors('new');
    $change('harbour-lamp-42', 'a quiet harbour at dusk')->assertRedirect('/account')->assertSessionHasNoErrors();
    expect(DB::table('sessions')->count())->toBe(0)->and(auth()->validate(['email' => 'runa@tidewick.example', 'password' => 'a quiet harbour at dusk']))
        ->toBeTrue();
});

test('words in a language that the form does not offer change nothing that visitors see, and stand on nobody\'s desk', function (): void {
    written(Point::query()->firstOrFail()->record, $this->malin, 'languages', ['en']);
    publishNow('footer-newsletter', $this->arne);
    foreach ([['title/de', 'Etwas ganz anderes'], ['fields/first-name/label/de', 'Rufname'], ['button/de', 'Los']] as [$place, $words]) {
        written(Point::query()->firstOrFail()->record, $this->malin, $place, $words);
    }
    $this->actingAs($this->runa)->get('/desk')->assertDontSee('has a draft after edition');
    $this->get('/points/footer-newsletter/publish')->assertSee('There is nothing to publish');
    written(Point::query()->firstOrFail()->record, $this->malin, 'title/en', 'Something else');
    $this->get('/desk')->assertSee('has a draft after edition');
});
