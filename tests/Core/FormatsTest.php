<?php

declare(strict_types=1);

use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Consent\Entry;
use Juramen\Points\PointEdition;
use Juramen\Points\Records;
use Juramen\Points\SheetDraft;
use Juramen\Register\RecordEdition;
use Juramen\Register\RecordKind;

/* One of each kind and format that was ever written is read, as it stands, and tells the same. */

/** @return list<array{string, string}> what it is, and its bytes */
function golden(string $folder): array
{
    return array_map(
        static fn (string $file): array => [basename($file, '.json'), (string) file_get_contents($file)], glob(__DIR__."/../Golden/$folder/*.json")
    );
}

test('entries of every kind and format are read, and what is read is all that they say', function (string $kind, string $bytes): void {
    $entry = Entry::parse($bytes);
    $said = CanonicalJson::decode($bytes);
    $envelope = array_diff_key($said, $entry->act->document()->toArray());
    expect($entry->act->kind()->value)->toBe($kind)->and($entry->bytes)->toBe($bytes)
        ->and(array_keys($envelope))->toEqualCanonicalizing(['format', 'id', 'subject', 'sequence', 'previous', 'recorded'])
        ->and(CanonicalJson::encode([...$envelope, ...$entry->act->document()->toArray()]))->toBe($bytes);
})->with([...golden('entry-1'), ...golden('entry-2')]);

test('an entry with a member taken away, of another sort, or too many is no entry', function (string $kind, string $bytes): void {
    $said = CanonicalJson::decode($bytes);
    $read = static fn (array $changed): Closure => static fn () => Entry::parse(CanonicalJson::encode($changed));
    foreach (array_diff(array_keys($said), ['_sd']) as $member) {
        expect($read(array_diff_key($said, [$member => true])))->toThrow(InvalidArgumentException::class, '', "$kind without $member")
            ->and($read([...$said, $member => ['odd']]))->toThrow(InvalidArgumentException::class, '', "$kind with an odd $member");
    }
    expect($read([...$said, 'weather' => 'fine']))->toThrow(InvalidArgumentException::class);
    foreach (array_intersect(['statements', 'targets', 'gone', 'details'], array_keys($said)) as $some) {
        expect($read([...$said, $some => []]))->toThrow(InvalidArgumentException::class, '', "$kind with no $some");
    }
    foreach ($said['details'] ?? [] as $name => $value) {
        expect($read([...$said, 'details' => array_diff_key($said['details'], [$name => true])]))->toThrow(InvalidArgumentException::class)
            ->and($read([...$said, 'details' => [...$said['details'], 'more' => 'x']]))->toThrow(InvalidArgumentException::class);
    }
})->with(golden('entry-2'));

test('editions of records of every format are read', function (string $kind, string $bytes): void {
    $edition = RecordEdition::parse($bytes);
    $document = Records::read(RecordKind::from($kind), $edition->document, $edition->digest);
    expect($edition->digest->equals(Digest::of($bytes)))->toBeTrue()->and($document->recordName()->equals($edition->name))->toBeTrue()
        ->and($edition->number)->toBeGreaterThan(0);
})->with([...golden('record-edition-1'), ...golden('record-edition-2')]);

test('editions of points of every format are read, with their form in every language', function (string $point, string $bytes): void {
    $edition = PointEdition::parse($bytes);
    expect($edition->sheet->draft->point->text)->toBe($point)->and($edition->digest()->equals(Digest::of($bytes)))->toBeTrue()
        ->and($edition->sheet->missing())->toBe([])->and(array_map(static fn ($l) => $l->language, $edition->languages))
        ->toEqualCanonicalizing($edition->sheet->draft->languages);
    foreach ($edition->languages as $frozen) {
        expect($frozen->pages)->not->toBe([])->and($edition->sheet->statements[0]->words($frozen->language))->not->toBe('');
    }
})->with([...golden('point-edition-1'), ...golden('point-edition-2')]);

test('drafts of sheets as they were once stored are read, with an id for each field', function (string $point, string $bytes): void {
    $draft = SheetDraft::from(Document::parse($bytes));
    $again = SheetDraft::from(Document::parse($draft->document()->json()));
    $ids = array_map(static fn ($f): string => $f->id->text, $draft->fields);
    expect($draft->point->text)->toBe($point)->and($again->document()->json())->toBe($draft->document()->json())->and(array_unique($ids))->toBe($ids);
})->with(golden('sheet-document-1'));
