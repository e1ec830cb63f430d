<?php

declare(strict_types=1);

use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Juramen\Canon\Day;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Points\Records;
use Juramen\Points\SheetDraft;
use Juramen\Register\HouseRules;
use Juramen\Register\RecordKind;
use Juramen\Register\Schema\Written;

/*
 * Properties of what may be written, over every place of every kind of record: whatever a browser sends is taken whole or refused with
 * a reason, and what was taken can be read, stored and written on.
 */

/** @return array<string, array{RecordKind, Document}> */
function soundRecords(): array
{
    return [
        'sheet' => [RecordKind::Sheet, Document::from(FooterNewsletter::SHEET)],
        'statement' => [RecordKind::Statement, Document::from(House::VOYAGE_NEWS_WORDS)],
        'controller' => [RecordKind::Controller, Document::from(House::TIDEWICK)],
        'purpose' => [RecordKind::Purpose, Document::from(House::VOYAGE_NEWS)],
        'processor' => [RecordKind::Processor, Document::from(House::PROCESSORS[0])],
        'mail' => [RecordKind::Mail, Document::from([
            'id' => 'tidewick-ferries-welcome', 'controller' => 'tidewick-ferries', 'kind' => 'welcome',
            'parts' => [
                'subject' => ['en' => 'Aboard: {title}'], 'greeting' => ['en' => 'Ahoy {name},', 'de' => 'Moin {name},'], 'text' => ['en' => 'thank you.'],
            ],
        ])],
        'rules' => [RecordKind::Rules, HouseRules::toStartWith()->document()],
    ];
}

/** @return list<Place> that stand in a document, what they lie in, and some that stand beside them */
function placesOf(Document $document): array
{
    $places = [];
    foreach ($document->leaves() as $leaf) {
        for ($place = $leaf->place; $place !== null; $place = $place->up()) {
            $places[$place->text()] = $place;
        }
        $places["{$leaf->place->text()}x"] ??= Place::parse($leaf->place->text().'x');
    }
    $others = [
        'title/sv', 'texts/da', 'notice/fr', 'departures/screening', 'departures/lapse-days', 'child-ages/DE', 'nothing', 'fields/email/nothing/en',
    ];
    foreach ($others as $more) {
        $places[$more] = Place::parse($more);
    }

    return array_values($places);
}

/** @return list<mixed> what browsers and others send */
function sent(): array
{
    return [
        '', '0', '1', '7', '-1', '31', '999999', 'yes', 'voyage-news', 'Voyage News', 'en', 'xx', 'DE', '#1d4e70', '#1d4e7',
        'privacy@tidewick.example', 'not@an', 'https://tidewick.example/privacy', 'javascript:alert(1)', '<script>alert(1)</script>', "two\nlines",
        str_repeat('ä', 6000), "\x00", "\xff\xfe", 'consent', null, 1, true, [], [''], ['email', 'sms'], ['email', 'email'],
        ['x' => ['y' => ['z' => '1']]], [['email']],
        ['value' => '1', 'reason' => 'ok'],
        ['value' => '5', 'reason' => 'Many on the islands read their mail once a week.'], ['en' => 'a', 'de' => ['b']],
    ];
}

test('whatever is sent for a place is taken or refused with a reason; what was taken is a record', function (RecordKind $kind, Document $document): void {
    $schema = Records::schema($kind);
    $written = new Written('Runa Ekdahl', Day::parse('2026-11-27'));
    [$taken, $refused] = [0, 0];
    foreach (placesOf($document) as $place) {
        foreach (sent() as $value) {
            try {
                $changed = $schema->put($document, $place, $value, $written);
                Records::check($kind, $changed);
            } catch (Refused $e) {
                expect($e->getMessage())->not->toBe('')->not->toContain("\x00")->not->toContain(str_repeat('ä', 200));
                $refused++;

                continue;
            }
            $taken++;
            // It is stored, and read back as it was; what it says is made of it, and says the same.
            expect(Document::parse($changed->json())->equals($changed))->toBeTrue();
            $kind === RecordKind::Sheet ? SheetDraft::from($changed)->check() : Records::read($kind, $changed);
            // Nothing else of it was touched.
            $back = $document->at($place) === null ? $changed->without($place) : $changed->with($place, $document->at($place));
            expect(array_filter($document->differing($back), static fn (Place $p): bool => ! $p->liesIn($place)))->toBe([]);
        }
    }
    expect($taken)->toBeGreaterThan(50)->and($refused)->toBeGreaterThan(200);
})->with(soundRecords());

test('what is taken away leaves a record, or is refused; what nobody may write stays', function (RecordKind $kind, Document $document): void {
    $schema = Records::schema($kind);
    $gone = 0;
    foreach (placesOf($document) as $place) {
        try {
            $left = $schema->take($document, $place);
            Records::check($kind, $left);
            expect($left->at($place))->toBeNull();
            $gone++;
        } catch (Refused $e) {
            expect($e->getMessage())->not->toBe('');
        }
    }
    foreach (['id', 'point', 'controller'] as $fixed) {
        if ($document->at($fixed) !== null && ! ($kind === RecordKind::Statement && $fixed === 'controller')) {
            expect(fn () => $schema->take($document, Place::parse($fixed)))->toThrow(Refused::class)
                ->and(fn () => $schema->put($document, Place::parse($fixed), 'another', new Written('x', Day::parse('2026-11-27'))))->toThrow(Refused::class);
        }
    }
    expect($gone)->toBeGreaterThanOrEqual($kind === RecordKind::Sheet ? 2 : 0);
})->with(soundRecords());

test('a document from elsewhere with a place too many, or one of another sort, may not be written', function (RecordKind $kind, Document $document): void {
    foreach ($document->members() as $name) {
        foreach ([['deep' => ['deeper' => 'x']], 12.5, "\xff"] as $odd) {
            $other = Document::from([...$document->toArray(), $name => $odd]);
            expect(fn () => Records::check($kind, $other))->toThrow(Refused::class);
        }
    }
    expect(fn () => Records::check($kind, Document::from([...$document->toArray(), 'more' => 'x'])))->toThrow(Refused::class);
    Records::check($kind, $document);
})->with(soundRecords());
