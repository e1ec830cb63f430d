<?php

declare(strict_types=1);

use App\Actions\Registers\Changed;
use App\Actions\Registers\ChangeRecord;
use App\Models\Record;
use App\Models\User;
use App\Support\Csv;
use Illuminate\Testing\TestResponse;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Canon\Refusal;
use Juramen\Canon\Refused;
use Juramen\Canon\Slug;
use Juramen\Register\RecordKind;

/* Writing in the registers as somebody at a screen does, and what is refused of it. */

/** @param  array<string, mixed>  $document */
function begun(RecordKind $kind, string $slug, array $document, User $author): Record
{
    return app(ChangeRecord::class)->begin($kind, Slug::parse($slug), Document::from($document), $author);
}

function newestOf(Record $record): int
{
    return (int) $record->revisions()->max('number');
}

/** What stands at a place becomes this; begun from the newest revision where none is given. */
function written(Record $record, User $author, string $place, mixed $value, ?int $base = null): Changed
{
    return app(ChangeRecord::class)->change(
        $record, $author, $base ?? newestOf($record), 'wrote', static fn (Document $d): Document => $d->with(Place::parse($place), $value)
    );
}

/** A record by its name. */
function recordOf(string $kind, string $slug): Record
{
    return Record::query()->where('kind', $kind)->where('slug', $slug)->firstOrFail();
}

/**
 * A list as its file says it.
 *
 * @param  list<string>  $head
 * @param  list<list<string>>  $rows
 */
function csv(array $head, array $rows): string
{
    return TestResponse::fromBaseResponse(Csv::respond('x.csv', $head, $rows))->streamedContent();
}

expect()->extend('toBeRefused', function (Refusal $refusal): mixed {
    return expect($this->value)->toThrow(static fn (Refused $e) => expect($e->isFor($refusal))->toBeTrue("It was refused, but said: {$e->getMessage()}"));
});

TestResponse::macro('assertRefused', function (Refusal $refusal): TestResponse {
    $named = preg_match('/data-refusal="([^"]*)"/', (string) $this->getContent(), $found) === 1 ? $found[1] : (string) session('refusal');
    expect(explode(' ', $named))->toContain($refusal->value);

    return $this;
});
