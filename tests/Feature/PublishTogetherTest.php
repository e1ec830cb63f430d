<?php

declare(strict_types=1);

use App\Actions\ActRefusal;
use App\Actions\Ledger\Seal;
use App\Actions\Points\ChosenPoint;
use App\Actions\Points\PausePoint;
use App\Actions\Registers\Approve;
use App\Models\ApprovedEdition;
use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\User;
use App\Queries\Points\EditionsInForce;
use App\Support\PublishedForms;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Slug;
use Juramen\Register\RecordKind;
use Juramen\Register\RecordName;
use Tests\Support\Visitor;

uses(Visitor::class);

/* Several points published with one approval: all of them or none, each exactly as it was looked at. */

beforeEach(function (): void {
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    $this->points = ['footer-newsletter', 'popup-a', 'popup-b'];
    anotherPoint($this->malin, $this->runa, 'popup-a');
    anotherPoint($this->malin, $this->runa, 'popup-b');
    $this->words = recordOf('statement', 'voyage-news');
    written($this->words, $this->malin, 'texts/en', 'Yes, {controller} may email me concerts {rate}. {withdrawal}');
    $this->approve = fn (array $points) => app(Approve::class)($this->words->name(), $this->runa, newestOf($this->words), '', $points);
    $this->numbers = fn (): array => Point::query()->orderBy('slug')->get()
        ->mapWithKeys(static fn (Point $p): array => [$p->slug => (int) $p->editions()->max('number')])->all();
});

test('those that were chosen are published, the others still show what held before and say so', function (): void {
    ($this->approve)(chosenPoints($this->words, 'popup-b', 'footer-newsletter'));
    expect(($this->numbers)())->toBe(['footer-newsletter' => 2, 'popup-a' => 1, 'popup-b' => 2])
        ->and($this->get('/forms/popup-b/en')->getContent())->toContain('concerts')
        ->and($this->get('/forms/popup-a/en')->getContent())->not->toContain('concerts');
    $this->actingAs($this->runa)->get('/desk')->assertSee('still shows what held before');
    app(Seal::class)();
    // Each has its own entry, and where a statement stands is known for every one.
    expect(DB::table($this->ledger('entries'))->where('kind', 'published')->count())->toBe(5)
        ->and(DB::table('edition_statements')->count())->toBe(5)->and(verified()->faults)->toBe([]);
});

test('one that cannot be published as it was looked at stops all, and the approval with them', function (callable $spoil): void {
    $chosen = chosenPoints($this->words, ...$this->points);
    $chosen = $spoil($chosen, $this) ?? $chosen;
    $before = ($this->numbers)();
    expect(fn () => ($this->approve)($chosen))->toBeRefused(ActRefusal::PointNotPublished);
    expect(($this->numbers)())->toBe($before)
        ->and(ApprovedEdition::query()->where('record_id', $this->words->id)->count())->toBe(1)
        ->and(DB::table($this->ledger('entries'))->where('kind', 'approved')->where('recorded', '>', now()->subMinute())->count())->toBe(0);
    foreach ($this->points as $slug) {
        expect($this->get("/forms/$slug/en")->getContent())->not->toContain('concerts');
    }
})->with([
    'one of them was looked at earlier' => [fn (array $chosen): array => [...array_slice($chosen, 0, 2), new ChosenPoint('popup-b', str_repeat('0', 64))]],
    'one of them was published by somebody else meanwhile' => [function (array $chosen, $test): void {
        written(recordOf('sheet', 'popup-a'), $test->malin, 'title/en', 'Another title');
        publishNow('popup-a', $test->arne);
    }],
]);

test('crafted names of points are refused before anything is written', function (array $slugs): void {
    $points = array_map(static fn (string $slug): ChosenPoint => new ChosenPoint($slug, 'x'), $slugs);
    expect(fn () => ($this->approve)($points))->toBeRefused(ActRefusal::PointIsGone);
    expect(PublishedEdition::query()->count())->toBe(3);
})->with([[['nowhere']], [['footer-newsletter', 'nowhere']], [['footer-newsletter', 'footer-newsletter']], [['']], [["footer-newsletter' OR 1"]]]);

test('a point that was never published is not published again', function (): void {
    begun(RecordKind::Sheet, 'draft-only', ['point' => 'draft-only'] + Database\Demo\BookingPopup::SHEET, $this->malin);
    DB::transaction(fn () => Point::query()->create([
        'slug' => 'draft-only', 'subject' => app(App\Actions\Ledger\Append::class)->begin('point')->subject,
        'record_id' => recordOf('sheet', 'draft-only')->id, 'controller_id' => 1,
    ]));
    expect(fn () => ($this->approve)([new ChosenPoint('draft-only', 'x')]))->toBeRefused(ActRefusal::PointNotPublished);
});

test('what is paused goes on the air with its new words, and only that', function (): void {
    foreach (['popup-a', 'popup-b'] as $slug) {
        app(PausePoint::class)(Point::query()->where('slug', $slug)->firstOrFail(), $this->arne, true, 'Its words are being written anew.');
    }
    ($this->approve)(chosenPoints($this->words, 'popup-a'));
    expect($this->get('/forms/popup-a/en')->assertOk()->getContent())->toContain('concerts')
        ->and($this->get('/forms/popup-b/en')->getStatusCode())->toBe(503)->and(app(PublishedForms::class)->isPaused('popup-b'))->toBeTrue();
});

test('editions in force come with their points, in the order of their names, each the newest', function (): void {
    ($this->approve)(chosenPoints($this->words, 'popup-a'));
    $all = (new EditionsInForce)->all();
    expect(array_map(static fn (PublishedEdition $e): string => "{$e->point->slug} $e->number", $all))->toBe(['footer-newsletter 1', 'popup-a 2', 'popup-b 1'])
        ->and((new EditionsInForce)->of(['popup-b', 'nowhere']))->toHaveCount(1)->and((new EditionsInForce)->of([]))->toBe([])
        ->and($all[0]->point->paused_at)->toBeNull()->and($all[0]->isDirty())->toBeFalse()
        ->and($all[0]->point->subject->equals(Point::query()->where('slug', 'footer-newsletter')->firstOrFail()->subject))->toBeTrue();
});

test('a record that nobody wrote is not approved', function (): void {
    $name = new RecordName(RecordKind::Statement, Slug::parse('nothing'));
    expect(fn () => app(Approve::class)($name, $this->runa, 1, ''))->toBeRefused(ActRefusal::NothingWritten);
    $this->actingAs($this->runa)->post('/records/statement/nothing/approve', ['looked' => 1])->assertRedirect('/records/statement/nothing/review');
});
