<?php

declare(strict_types=1);

use App\Models\Point;
use App\Models\Proposal;
use App\Models\Record;
use App\Models\User;
use App\Queries\Registers\RegistersInForce;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Place;
use Juramen\Points\SheetDraft;
use Tests\Support\Visitor;

uses(Visitor::class);

beforeEach(function (): void {
    [$this->runa, $this->arne, $this->malin] = array_map(
        static fn (string $name): User => User::query()->where('email', "$name@tidewick.example")->firstOrFail(), ['runa', 'arne', 'malin']
    );
    $this->point = Point::query()->where('slug', 'footer-newsletter')->firstOrFail();
});

test('an editor hands a sheet over, an officer sends it back with a reply, and publishing ends it', function (): void {
    $publish = '/points/footer-newsletter/publish';
    $this->actingAs($this->malin)->post('/points/footer-newsletter/handover', ['comment' => 'x'])->assertSessionHasErrors('looked');
    expect(Proposal::query()->count())->toBe(0);
    written($this->point->record, $this->malin, 'title/en', 'News from the sea');
    $this->get('/points/footer-newsletter')->assertSee('Hand over for publishing');
    $this->get($publish)->assertSee('Hand it over to the officers')->assertDontSee('do-publish');
    $this->followingRedirects()->post('/points/footer-newsletter/handover', ['comment' => 'A friendlier title.'])
        ->assertSee('Handed over')->assertSee('Take it back');
    $this->get('/points/footer-newsletter')->assertSee('>handed over</a>', false)->assertDontSee('Hand over for publishing');
    // Twice, it is handed over once.
    $this->post('/points/footer-newsletter/handover', ['comment' => 'again']);
    expect(Proposal::query()->whereNull('decision')->count())->toBe(1);
    $this->get('/desk')->assertSee('waits for somebody else to publish what you handed over');
    $this->post('/points/footer-newsletter/return', ['comment' => 'I return it myself'])->assertForbidden();

    $this->actingAs($this->runa)->get('/desk')->assertSee('is handed over for publishing by Malin Fors')->assertSee('A friendlier title.')
        ->assertDontSee('has a draft after edition');
    $this->followingRedirects()->post('/points/footer-newsletter/return', ['comment' => ' no '])->assertSee('Say in the comment what is to be changed');
    $this->post('/points/footer-newsletter/return', ['comment' => 'Say which sea.'])->assertRedirect();
    $this->followingRedirects()->post('/points/footer-newsletter/return', ['comment' => 'Say which sea.'])->assertSee('somebody was quicker');
    $this->actingAs($this->malin)->get('/desk')->assertSee('came back from Runa Ekdahl')->assertSee('Say which sea.');

    written($this->point->record, $this->malin, 'title/en', 'News from the Baltic');
    $this->post('/points/footer-newsletter/handover', ['comment' => '']);
    written($this->point->record, $this->malin, 'title/en', 'News from the Baltic Sea');
    $this->actingAs($this->runa)->get($publish)->assertSee('The sheet was changed since');
    publishNow('footer-newsletter', $this->arne);
    expect(Proposal::query()->whereNull('decision')->count())->toBe(0)
        ->and(DB::table('acts')->where('about', 'sheet footer-newsletter')->whereIn('kind', ['submitted', 'returned'])->orderBy('id')->pluck('kind')->all())
        ->toBe(['submitted', 'returned', 'submitted']);
    $this->get('/desk')->assertDontSee('is handed over');
});

test('whoever handed a sheet over takes it back', function (): void {
    written($this->point->record, $this->malin, 'title/en', 'News from the sea');
    $this->actingAs($this->malin)->post('/points/footer-newsletter/handover', ['comment' => '']);
    $this->followingRedirects()->post('/points/footer-newsletter/takeback')->assertSee('Taken back')->assertSee('Hand it over to the officers');
    $this->actingAs($this->runa)->get('/desk')->assertDontSee('is handed over')->assertSee('has a draft after edition');
});

test('a sheet is copied as a point of its own that follows the house', function (): void {
    $this->actingAs($this->malin);
    $own = ['value' => 3, 'reason' => 'A reason of its own', 'by' => 'Malin', 'on' => '2026-11-01'];
    written($this->point->record, $this->malin, 'departures/lapse-days', $own);
    $this->post('/points/footer-newsletter/copy', ['copy' => ''])->assertRedirect('/points/footer-newsletter')->assertSessionHasErrors('copy');
    $this->post('/points/footer-newsletter/copy', ['copy' => 'Footer newsletter'])->assertSessionHasErrors('copy')->assertSessionHasInput('copy');
    $this->post('/points/footer-newsletter/copy', ['copy' => 'Header of the timetable'])->assertRedirect('/points/header-of-the-timetable');
    $copy = SheetDraft::from(Record::query()->where('slug', 'header-of-the-timetable')->firstOrFail()->newestRevision()->document);
    $from = SheetDraft::from($this->point->record->newestRevision()->document);
    expect($copy->name)->toBe('Header of the timetable')->and($copy->departures)->toBe([])->and($copy->title->equals($from->title))->toBeTrue()
        ->and($copy->controls)->toEqual($from->controls)->and($copy->fields)->toEqual($from->fields);
    publishNow('header-of-the-timetable', $this->runa);
    $this->get('/forms/header-of-the-timetable/en')->assertOk();
});

test('a point is renamed on its sheet, and is called so everywhere', function (): void {
    written($this->point->record, $this->malin, 'name', 'Foot of every page');
    foreach (['/points', '/rules', '/desk', '/acts?area=points', '/points/footer-newsletter'] as $page) {
        $this->actingAs($this->runa)->get($page)->assertSee('Foot of every page')->assertDontSee('Footer newsletter');
    }
});

test('a statement is renamed without touching what people agreed to, and is called so everywhere; no two are called the same', function (): void {
    $this->signUp('imke@post.example');
    $record = Record::query()->where('kind', 'statement')->where('slug', 'voyage-news')->firstOrFail();
    $before = [$record->revisions()->count(), DB::table('point_editions')->count(), DB::table($this->ledger('entries'))->count()];
    $this->actingAs($this->malin)->post('/records/statement/voyage-news/copy', ['copy' => 'Island news'])->assertRedirect('/records/statement/island-news');
    foreach (['', str_repeat('x', 101), 'ISLAND news', 'island  news'] as $wrong) {
        $this->post('/records/statement/voyage-news/rename', ['rename' => $wrong])->assertSessionHasErrors('rename');
    }
    $this->post('/records/statement/voyage-news/rename', ['rename' => " News of\tcrossings "])->assertRedirect('/records/statement/voyage-news');
    expect($record->refresh()->called())->toBe('News of crossings')
        ->and([$record->revisions()->count(), DB::table('point_editions')->count(), DB::table($this->ledger('entries'))->count()])->toBe($before)
        ->and(app(RegistersInForce::class)->nameOfStatement($record->name()->slug))->toBe('News of crossings');
    $named = ['/wording', '/wording/registers', '/points/footer-newsletter', '/records/purpose/voyage-news'];
    foreach ([...$named, '/records/statement/voyage-news'] as $page) {
        $this->get($page)->assertSee('News of crossings');
    }
    $this->get('/records/statement/voyage-news/history')->assertSee('History of news of crossings');
    $this->actingAs($this->runa)->get('/acts?q=crossings')->assertSee('renamed')->assertSee('was “voyage news”');
    // The copy has the words and an id of its own, and nobody has approved it.
    $copy = Record::query()->where('slug', 'island-news')->firstOrFail();
    expect($copy->newestRevision()->document->text(Place::of('texts', 'en')))->toBe($record->newestRevision()->document->text(Place::of('texts', 'en')))
        ->and($copy->editions()->count())->toBe(0);
    // Retired words live on in a copy.
    $this->post('/records/statement/island-news/retire', ['reason' => 'Nobody asks for this any more.'])->assertSessionHasNoErrors();
    $this->get('/records/statement/island-news')->assertSee('Copy its words as')->assertDontSee('Rename');
    $this->post('/records/statement/island-news/rename', ['rename' => 'Other'])->assertSessionHasErrors('rename');
});
