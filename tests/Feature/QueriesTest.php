<?php

declare(strict_types=1);

use App\Models\Point;
use App\Models\PublishedEdition;
use App\Models\Record;
use App\Models\User;
use Database\Demo\House;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Juramen\Register\RecordKind;

/* How many queries the acts take that people wait for, whatever the number of registers. */

/** @return list<string> the queries of what is done, without those of session and user */
function queriesOf(callable $do): array
{
    DB::flushQueryLog();
    DB::enableQueryLog();
    $do();
    DB::disableQueryLog();
    $sql = array_column(DB::getQueryLog(), 'query');

    return array_values(
        array_filter($sql, static fn (string $q): bool => preg_match('/`(?:sessions|users)`/', $q) !== 1 && preg_match('/^(?:savepoint|release)/i', $q) !== 1)
    );
}

/** Twenty more purposes with a statement each. */
function moreRegisters(User $officer): void
{
    for ($i = 1; $i <= 20; $i++) {
        begun(RecordKind::Purpose, "more-$i", [...House::VOYAGE_NEWS, 'id' => "more-$i"], $officer);
        begun(RecordKind::Statement, "more-$i", [...House::VOYAGE_NEWS_WORDS, 'id' => "more-$i", 'purpose' => "more-$i"], $officer);
    }
}

beforeEach(function (): void {
    [$this->runa, $this->arne, $this->malin] = User::query()->orderBy('id')->limit(3)->get()->all();
    Cache::store('computed')->clear();
});

test('a keystroke takes at most five queries', function (string $at, string $place, bool $more): void {
    if ($more) {
        moreRegisters($this->runa);
    }
    $this->actingAs($this->malin)->get($at)->assertOk();
    $type = fn (string $text) => $this->post("$at/judge", ['place' => $place, 'value' => $text, 'base' => 1])->assertOk();
    $type('A');
    $this->app->forgetScopedInstances();
    foreach (app('router')->getRoutes() as $route) {
        $route->flushController();
    }
    $queries = queriesOf(fn () => $type('A b'));
    expect(count($queries))->toBeLessThanOrEqual(5, implode("\n", $queries));
})->with([
    ['/points/footer-newsletter', 'title/en', false], ['/points/footer-newsletter', 'title/en', true],
    ['/records/statement/voyage-news', 'texts/en', false], ['/records/statement/voyage-news', 'texts/en', true],
]);

test('an approval takes at most eight queries, one of them for the log, and six more for each point that is published with it', function (int $points, bool $more): void {
    if ($more) {
        moreRegisters($this->runa);
    }
    $statement = Record::query()->where('slug', 'voyage-news')->where('kind', 'statement')->firstOrFail();
    for ($i = 2; $i <= $points; $i++) {
        anotherPoint($this->malin, $this->runa, "popup-$i");
    }
    written($statement, $this->malin, 'texts/en', 'Yes, {controller} may email me concerts {rate}. {withdrawal}');
    $names = array_slice(Point::query()->orderBy('id')->pluck('slug')->all(), 0, $points);
    // The officer has looked at the review, in a request before.
    $page = ['looked' => newestOf($statement), 'comment' => '', 'points' => $names === [] ? [] : chosen($statement, ...$names)];
    $this->actingAs($this->runa)->get('/records/statement/voyage-news/review')->assertOk();
    $this->app->forgetScopedInstances();
    $queries = queriesOf(fn () => $this->post('/records/statement/voyage-news/approve', $page)->assertSessionHasNoErrors());
    expect(count($queries))->toBeLessThanOrEqual(8 + 6 * $points, implode("\n", $queries))
        ->and(PublishedEdition::query()->where('number', 2)->count())->toBe($points);
})->with([0, 1, 3])->with([false, true]);
