<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Ledger\Append;
use App\Actions\Points\ChosenPoint;
use App\Actions\Points\PublishPoint;
use App\Actions\Registers\Approve;
use App\Actions\Registers\ChangeRecord;
use App\Models\AcceptedFinding;
use App\Models\ApprovedEdition;
use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\Record;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\DraftRefusal;
use Juramen\Register\RecordKind;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Requests that no page would send, acts in the wrong order, and one person trying to be two. */
beforeEach(function (): void {
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->point = Point::query()->with('record')->firstOrFail();
    $this->write = fn (Record $record, User $by, string $place, mixed $value) => written($record, $by, $place, $value);
    $this->approveBy = fn (User $by, string $at, array $more = []) => $this->actingAs($by)
        ->post("$at/approve", ['looked' => (int) recordOf(...array_slice(explode('/', $at), 2))->revisions()->max('number'), ...$more]);
    $this->editions = fn (): int => PublishedEdition::query()->count();
});

test('crafted points on an approval put no breach on a live form, and nothing is approved either', function (): void {
    $statement = recordOf('statement', 'voyage-news');
    ($this->write)(
        $statement, $this->malin, 'texts/en', 'Yes, {controller} may email me its sailings {rate} and I agree to the terms and conditions. {withdrawal}'
    );
    $shown = (string) chosen($statement, 'footer-newsletter')['footer-newsletter'];
    $crafted = [['footer-newsletter'], ['footer-newsletter' => 'x'], ['footer-newsletter' => $shown], ['0' => 'footer-newsletter'], ['nowhere' => 'x']];
    foreach ($crafted as $points) {
        ($this->approveBy)(
            $this->arne, '/records/statement/voyage-news', ['points' => $points, 'comment' => 'A comment of more than fifteen letters.']
        )->assertSessionHasErrors('approve');
    }
    // By way of a purpose, whose words only fill those of a statement.
    $purpose = recordOf('purpose', 'voyage-news');
    ($this->write)($purpose, $this->runa, 'rates/en', 'once a month, and I agree to the terms and conditions');
    ($this->approveBy)($this->arne, '/records/purpose/voyage-news', ['points' => chosen($purpose, 'footer-newsletter')])->assertSessionHasErrors('approve');
    expect(session('errors')->first('approve'))->toContain('A breach stops it')->toContain('Nothing was approved')->and(($this->editions)())->toBe(1)
        ->and(ApprovedEdition::query()->where('record_id', $purpose->id)->count())->toBe(1);
    $this->get('/forms/footer-newsletter/en')->assertDontSee('terms and conditions');
});

test('a controller without the link to its notice reaches no live form', function (): void {
    $controller = recordOf('controller', 'tidewick-ferries');
    ($this->write)($controller, $this->runa, 'notice/en', '');
    ($this->approveBy)(
        $this->arne, '/records/controller/tidewick-ferries', ['points' => chosen($controller, 'footer-newsletter')]
    )->assertSessionHasErrors('approve');
    expect(session('errors')->first('approve'))->toContain('notice-linked');
    $this->get('/forms/footer-newsletter/en')->assertSee('https://tidewick.example/privacy');
});

test('whoever wrote any of what differs neither approves nor publishes it, whatever kind it is and whatever was undone between', function (): void {
    foreach ([
        'purpose' => ['voyage-news', 'contents/en', 'sailings and fares'], 'controller' => ['tidewick-ferries', 'name', 'Tidewick Ferry Lines'],
        'processor' => ['quayside-post', 'does', 'sends mails'], 'rules' => ['house', 'lapse-days', 9],
    ] as $kind => [$slug, $place, $value]) {
        if ($kind === 'processor') {
            begun(RecordKind::Processor, $slug, Database\Demo\House::PROCESSORS[0], $this->malin);
        }
        $record = recordOf($kind, $slug);
        ($this->write)($record, $this->runa, $place, $value);
        app(ChangeRecord::class)->undo($record, $this->malin);
        app(ChangeRecord::class)->redo($record, $this->malin);
        ($this->approveBy)($this->runa, "/records/$kind/$slug")->assertRefused(ActRefusal::OwnDraft);
        ($this->approveBy)($this->arne, "/records/$kind/$slug")->assertSessionHasNoErrors();
    }
    $sheet = $this->point->record;
    ($this->write)($sheet, $this->runa, 'title/en', 'By Runa');
    expect(fn () => publishNow('footer-newsletter', $this->runa))->toBeRefused(ActRefusal::OwnPublication)
        ->and(fn () => publishNow('footer-newsletter', $this->malin))->toBeRefused(ActRefusal::OfficersPublish);
    // What she wrote and undid is not hers any more; what she undid behind the edition is.
    app(ChangeRecord::class)->undo($sheet, $this->runa);
    ($this->write)($sheet, $this->malin, 'title/en', 'By Malin');
    expect(publishNow('footer-newsletter', $this->runa)->number)->toBe(2);
    app(ChangeRecord::class)->undo($sheet, $this->arne);
    expect(fn () => publishNow('footer-newsletter', $this->arne))->toBeRefused(ActRefusal::OwnPublication);
});

test('what nobody approved fills no words, whichever register it stands in', function (): void {
    begun(RecordKind::Purpose, 'harbour-days', [...Database\Demo\House::VOYAGE_NEWS, 'id' => 'harbour-days'], $this->malin);
    $words = begun(
        RecordKind::Statement, 'harbour-days', [...Database\Demo\House::VOYAGE_NEWS_WORDS, 'id' => 'harbour-days', 'purpose' => 'harbour-days'], $this->malin
    );
    app(Approve::class)($words->name(), $this->runa, 1, 'A comment of fifteen letters.');
    ($this->write)($this->point->record, $this->malin, 'statements/harbour-days', ['id' => 'harbour-days']);
    expect(fn () => publishNow('footer-newsletter', $this->runa))->toBeRefused(ActRefusal::FillingNotApproved);
});

test('what is published is what was looked at, the registers too; ten presses make one edition, and nothing new makes none', function (): void {
    $publish = fn (string $looked) => $this->actingAs($this->runa)->post('/points/footer-newsletter/publish', ['looked' => $looked]);
    $publish(looked())->assertSessionHasErrors('looked')->assertRefused(ActRefusal::NothingToPublish);
    ($this->write)($this->point->record, $this->malin, 'title/en', 'News');
    $looked = looked();
    $purpose = recordOf('purpose', 'voyage-news');
    ($this->write)($purpose, $this->runa, 'rates/en', 'twice a month');
    app(Approve::class)($purpose->name(), $this->arne, 2, '');
    $publish($looked)->assertSessionHasErrors('looked');
    foreach (['', '1', str_repeat('0', 64)] as $made) {
        $publish($made)->assertSessionHasErrors('looked');
    }
    expect(($this->editions)())->toBe(1);
    $looked = looked();
    for ($press = 0; $press < 10; $press++) {
        $publish($looked);
    }
    expect(($this->editions)())->toBe(2);
    // An approval's points likewise: looked at, then the sheet's edition changed under it.
    ($this->write)($purpose, $this->runa, 'rates/en', 'weekly');
    $chosen = chosen($purpose, 'footer-newsletter');
    ($this->write)($this->point->record, $this->malin, 'button/en', 'Send it');
    publishNow('footer-newsletter', $this->runa);
    ($this->approveBy)($this->arne, '/records/purpose/voyage-news', ['points' => $chosen])->assertSessionHasErrors('approve');
    expect(session('errors')->first('approve'))->toContain('not what you looked at');
});

test('rules that hold from a later day publish no point today', function (): void {
    $rules = recordOf('rules', 'house');
    ($this->write)($rules, $this->runa, 'lapse-days', 12);
    $later = ['effective' => now()->addDays(5)->format('Y-m-d'), 'points' => chosen($rules, 'footer-newsletter')];
    ($this->approveBy)($this->arne, '/records/rules/house', $later)->assertRefused(ActRefusal::PointsOnLaterDay);
    expect(($this->editions)())->toBe(1);
    ($this->approveBy)($this->arne, '/records/rules/house', [...$later, 'points' => []])->assertSessionHasNoErrors();
});

test('an exception names a breach of this very publication, holds for exactly what was found, and is entered only with the edition', function (): void {
    $sheet = $this->point->record;
    $unconfirmed = ['value' => false, 'reason' => 'Members are known by their number.', 'by' => '', 'on' => ''];
    ($this->write)($sheet, $this->malin, 'departures', ['double-opt-in' => $unconfirmed]);
    $key = 'confirmed-address rules/double-opt-in';
    $because = 'Until the mail server is moved on the first.';
    $try = fn (array $keys, ?string $looked = null) => $this->actingAs($this->runa)
        ->post(
            '/points/footer-newsletter/publish',
            [
                'looked' => $looked ?? looked(), 'reason' => array_fill_keys($keys, $because),
                'until' => array_fill_keys($keys, now()->addDays(9)->format('Y-m-d')),
            ]
        );
    $entered = fn (): array => DB::table($this->ledger('entries'))->where('kind', 'excepted')->pluck('body')->map(fn ($b) => json_decode($b, true))->all();
    $try([$key, 'no-such-duty'])->assertSessionHasErrors('no-such-duty');
    $try([$key, 'apart-from-terms statements/voyage-news/texts'])->assertSessionHasErrors('apart-from-terms statements/voyage-news/texts');
    $try([$key], str_repeat('0', 64))->assertSessionHasErrors('looked');
    expect($entered())->toBe([])->and(AcceptedFinding::query()->count())->toBe(0)->and(($this->editions)())->toBe(1);
    $try([$key])->assertSessionHasNoErrors();
    $edition = PublishedEdition::query()->orderByDesc('number')->firstOrFail();
    expect($entered())->toHaveCount(1)->and($entered()[0]['edition'])->toBe($edition->digest->hex())->and($entered()[0]['details']['finding'])
        ->toBe(AcceptedFinding::query()->firstOrFail()->finding->hex());
    // The next edition is covered by it as long as the same is found and its days last.
    ($this->write)($sheet, $this->malin, 'title/en', 'News');
    expect(publishNow('footer-newsletter', $this->runa)->number)->toBe(3);
    ($this->write)($sheet, $this->malin, 'title/en', 'Other news');
    Carbon::setTestNow(now()->addDays(10));
    expect(fn () => publishNow('footer-newsletter', $this->runa))->toBeRefused(ActRefusal::Breach);
});

test('an exception for one statement\'s words is not inherited by the next in its place', function (): void {
    $terms = 'I accept the terms and conditions and {controller} may email me sailings {rate}. {withdrawal}';
    foreach (['first-words', 'other-words'] as $id) {
        $words = begun(
            RecordKind::Statement, $id,
            [
                'id' => $id, 'purpose' => 'voyage-news', 'channels' => ['email'],
                'texts' => ['en' => $terms, 'de' => Database\Demo\House::VOYAGE_NEWS_WORDS['texts']['de']],
            ],
            $this->malin
        );
        app(Approve::class)($words->name(), $this->runa, 1, 'Until the old terms are gone on Monday.');
    }
    ($this->write)($this->point->record, $this->malin, 'statements', [['id' => 'first-words']]);
    $key = 'apart-from-terms statements/first-words/texts';
    $this->actingAs($this->runa)
        ->post(
            '/points/footer-newsletter/publish',
            ['looked' => looked(), 'reason' => [$key => 'Until the old terms are gone on Monday.'], 'until' => [$key => now()->addDays(9)->format('Y-m-d')]]
        )
        ->assertSessionHasNoErrors();
    ($this->write)($this->point->record, $this->malin, 'statements', [['id' => 'other-words']]);
    expect(fn () => publishNow('footer-newsletter', $this->runa))->toBeRefused(ActRefusal::Breach);
});

test('pausing waits for nobody, takes the form off the air at once, and leaves links in mails alone', function (): void {
    $this->signUp('imke@post.example');
    $marks = $this->marks();
    ($this->write)($this->point->record, $this->runa, 'title/en', 'Written by herself');
    $this->actingAs($this->runa)->post('/points/footer-newsletter/pause', ['on' => '1', 'reason' => 'short'])->assertSessionHasErrors('pause');
    $this->post('/points/footer-newsletter/pause', ['on' => '1', 'reason' => 'The words promise what we do not do.'])->assertSessionHasNoErrors();
    $this->get('/forms/footer-newsletter/en')->assertStatus(503)->assertSee('This form is paused')->assertDontSee('News from on board');
    $this->signUp('late@post.example', marks: $marks)->assertStatus(503)->assertSee('nothing was');
    $this->get('/points')->assertSee('<b class="weakness">paused</b>', false);
    $this->get('/desk')->assertSee('has been paused since');
    expect($this->acts())->toBe(['given', 'paused']);
    $this->post('/confirm', ['token' => $this->confirmToken()])->assertOk()->assertSee('You are signed up');
    $resume = fn () => $this->actingAs($this->runa)->post('/points/footer-newsletter/pause', ['on' => '0', 'reason' => 'The words are right after all.']);
    $resume()->assertSessionHasNoErrors();
    $this->get('/forms/footer-newsletter/en')->assertOk()->assertSee('News from on board');
    // What has a breach by now, as what fills it changed meanwhile, is not put on again as it was.
    $this->post('/points/footer-newsletter/pause', ['on' => '1', 'reason' => 'The notice is being moved today.'])->assertSessionHasNoErrors();
    ($this->write)(recordOf('controller', 'tidewick-ferries'), $this->runa, 'notice/en', '');
    ($this->approveBy)($this->arne, '/records/controller/tidewick-ferries')->assertSessionHasNoErrors();
    $resume()->assertSessionHasErrors('pause');
    $this->get('/forms/footer-newsletter/en')->assertStatus(503);
});

test('senders and contacts are one address each, and no register takes a text without end', function (string $kind, string $slug, string $place, string $value): void {
    $before = (int) recordOf($kind, $slug)->revisions()->max('number');
    $this->actingAs($this->runa)->post("/records/$kind/$slug/change", ['place' => $place, 'value' => $value, 'base' => $before])->assertStatus(422)
        ->assertSee('Nothing was saved');
    expect((int) recordOf($kind, $slug)->revisions()->max('number'))->toBe($before);
})->with([
    'a sender with a header' => ['controller', 'tidewick-ferries', 'sender', "voyages@tidewick.example\r\nBcc: all@post.example"],
    'two senders' => ['controller', 'tidewick-ferries', 'sender', 'a@tidewick.example, b@tidewick.example'],
    'no address' => ['controller', 'tidewick-ferries', 'contact', 'the office'],
    'a name of two lines' => ['controller', 'tidewick-ferries', 'name', "Tidewick\nFerries"],
    'an endless address' => ['controller', 'tidewick-ferries', 'postal-address', str_repeat('Quay ', 400_000)],
    'an endless link' => ['controller', 'tidewick-ferries', 'notice/en', 'https://tidewick.example/'.str_repeat('x', 600)],
]);

test('a controller is approved only with a sender and a contact', function (): void {
    $this->actingAs($this->runa)->post('/records/controller', ['name' => 'Tidewick Sound', 'address' => 'Pier 2, Ansel'])->assertRedirect();
    ($this->approveBy)($this->arne, '/records/controller/tidewick-sound')->assertRefused(DraftRefusal::Missing);
    expect(fn () => app(Approve::class)(recordOf('sheet', 'footer-newsletter')->name(), $this->arne, 1, ''))->toBeRefused(ActRefusal::SheetNotApproved)
        ->and(fn () => app(Approve::class)(recordOf('statement', 'voyage-news')->name(), $this->malin, 1, ''))->toBeRefused(ActRefusal::OfficersApprove)
        ->and(fn () => DB::transaction(fn () => app(PublishPoint::class)->again(
            [new ChosenPoint($this->point->slug, 'x')], [app(Append::class)->hold($this->point->subject)], $this->arne
        )))->toBeRefused(ActRefusal::PointNotPublished);
});
