<?php

declare(strict_types=1);

use Juramen\Canon\ById;
use Juramen\Canon\CanonicalJson;
use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Canon\InvalidCanonicalData;
use Juramen\Canon\Merge;
use Juramen\Canon\Place;
use Juramen\Canon\Slug;

/* The ground that everything stands on: canonical bytes, times, places, documents, and bringing two people's changes together. */

/** @return string text of up to twelve characters from all over Unicode, those that JSON must escape among them */
function anyText(): string
{
    $some = ['a', 'Z', '9', ' ', '"', '\\', '/', "\n", "\t", "\x00", "\x1f", "\x7f", 'é', 'ß', '€', '漢', "\u{2028}", '😀', "\u{fb33}"];

    return implode('', array_map(static fn (): string => $some[array_rand($some)], range(1, mt_rand(1, 12))));
}

/** @return mixed what JSON can say, some levels deep */
function anyValue(int $deep = 3): mixed
{
    return match (mt_rand(0, $deep > 0 ? 6 : 4)) {
        0 => null,
        1 => mt_rand(0, 1) === 1,
        2 => mt_rand(-1_000_000, 1_000_000),
        3, 4 => anyText(),
        5 => array_map(static fn (): mixed => anyValue($deep - 1), range(1, mt_rand(1, 4))),
        6 => array_combine(
            $names = array_unique(array_map(static fn (): string => 'n'.anyText(), range(1, mt_rand(1, 5)))),
            array_map(static fn (): mixed => anyValue($deep - 1), $names)
        ),
    };
}

beforeEach(fn () => mt_srand(20261127));

test('canonical bytes say the same, whatever order members came in, and are read back to what was said', function (): void {
    for ($run = 0; $run < 500; $run++) {
        $data = ['x' => anyValue(), 'é' => anyValue(), 'B' => anyValue()];
        $bytes = CanonicalJson::encode($data);
        expect(CanonicalJson::decode($bytes))->toEqual($data)
            ->and(CanonicalJson::encode(array_reverse($data, true)))->toBe($bytes)
            ->and(CanonicalJson::encode(CanonicalJson::decode($bytes)))->toBe($bytes);
    }
});

test('each character alone is written as another writer of JSON reads it, the plain ones as they are', function (): void {
    for ($code = 0; $code < 0x3000; $code++) {
        if ($code >= 0xD800 && $code < 0xE000) {
            continue;
        }
        $text = mb_chr($code);
        $bytes = CanonicalJson::encode([$text]);
        expect(json_decode($bytes, true, flags: JSON_THROW_ON_ERROR))->toBe([$text]);
        if ($code > 0x1F && ! in_array($text, ['"', '\\'], true)) {
            expect($bytes)->toBe("[\"$text\"]");
        }
    }
});

test('bytes that say it in any other way are not canonical, and no two ways lead to one digest', function (string $bytes): void {
    expect(json_decode($bytes))->not->toBeNull()->and(fn () => CanonicalJson::decode($bytes))->toThrow(InvalidCanonicalData::class);
})->with([
    'a space' => ['{"a": 1}'], 'members in another order' => ['{"b":1,"a":2}'], 'a member twice' => ['{"a":1,"a":1}'],
    'a number with a fraction of nothing' => ['{"a":1.0}'], 'a number with an exponent' => ['{"a":1e3}'], 'minus nothing' => ['{"a":-0}'],
    'an escape that nobody needs' => ['{"a":"\u0061"}'], 'an escaped slash' => ['{"a":"\/"}'], 'capitals in an escape' => ['{"a":"\u001F"}'],
    'a line at the end' => ["{\"a\":1}\n"], 'a number larger than one reads exactly' => ['{"a":9007199254740993}'],
]);

test('names sort by UTF-16 code units, whether all are plain or some are not', function (): void {
    // U+1F600 is written with two code units from D83D on, and so stands before U+FB33.
    expect(CanonicalJson::encode(["\u{fb33}" => 1, "\u{1f600}" => 2, 'z' => 3, 'A' => 4]))->toBe("{\"A\":4,\"z\":3,\"\u{1f600}\":2,\"\u{fb33}\":1}")
        ->and(CanonicalJson::encode(['10' => 1, '9' => 2, 'a' => 3]))->toBe('{"10":1,"9":2,"a":3}');
});

test('a moment is written in one way and read back to the microsecond; anything else is no moment', function (): void {
    for ($run = 0; $run < 500; $run++) {
        $moment = Instant::parse('2000-01-01T00:00:00.000000Z')->plusSeconds(mt_rand(0, 2_000_000_000));
        expect(Instant::parse($moment->text())->equals($moment))->toBeTrue()->and($moment->plusDays(7)->isAfter($moment))->toBeTrue()
            ->and($moment->plusDays(3)->plusDays(-3)->equals($moment))->toBeTrue();
    }
    foreach (['2026-11-25', '2026-11-25T02:47:33Z', '2026-11-25T02:47:33.000001', '2026-11-25T02:47:33.000001+01:00', '2026-02-30T00:00:00.000000Z',
        '2026-11-25T24:00:00.000000Z', ' 2026-11-25T02:47:33.000001Z', '2026-11-25t02:47:33.000001z'] as $text) {
        expect(fn () => Instant::parse($text))->toThrow(InvalidArgumentException::class);
    }
});

test('a day is one of the calendar; in a zone it begins when its clocks say so, also where they are changed at midnight', function (): void {
    foreach (['2026-02-29', '2026-13-01', '2026-1-1', '26-01-01', '2026-01-01 ', '', '2026-00-10'] as $text) {
        expect(fn () => Day::parse($text))->toBeRefused(DraftRefusal::NotADay);
    }
    [$berlin, $azores, $havana] = [new DateTimeZone('Europe/Berlin'), new DateTimeZone('Atlantic/Azores'), new DateTimeZone('America/Havana')];
    expect(Day::parse('2028-02-28')->plus(1)->text)->toBe('2028-02-29')->and(Day::parse('2026-03-01')->plus(-1)->text)->toBe('2026-02-28')
        ->and(Day::parse('9999-12-31')->plus(1)->plusMonths(1)->text)->toBe('9999-12-31')
        ->and(Day::parse('0001-01-01')->plus(-1)->plusMonths(-1)->text)->toBe('0001-01-01')
        ->and(Day::parse('2026-10-25')->begins($berlin)->text())->toBe('2026-10-24T22:00:00.000000Z')
        ->and(Day::parse('2026-10-26')->begins($berlin)->text())->toBe('2026-10-25T23:00:00.000000Z');
    foreach ([$berlin, $azores, $havana] as $zone) {
        for ($day = Day::parse('2026-01-01'); $day->text < '2027-01-01'; $day = $day->plus(1)) {
            $begins = $day->begins($zone);
            expect(Day::at($begins, $zone)->equals($day))->toBeTrue()->and(Day::at($begins->plusSeconds(-1), $zone)->equals($day->plus(-1)))->toBeTrue();
        }
    }
});

test('ids and digests are their bytes, written in one way', function (): void {
    for ($run = 0; $run < 200; $run++) {
        $id = Id::random();
        $digest = Digest::of($id->bytes);
        expect(Id::fromHex($id->hex())->equals($id))->toBeTrue()->and(Id::fromBytes($id->bytes)->hex())->toBe($id->hex())
            ->and(Digest::fromHex($digest->hex())->equals($digest))->toBeTrue()->and($digest->equals(Digest::of($digest->bytes)))->toBeFalse();
    }
    foreach (['', '00', str_repeat('0', 31), str_repeat('A', 32), str_repeat('g', 32), str_repeat('0', 32)."\n"] as $hex) {
        expect(fn () => Id::fromHex($hex))->toThrow(InvalidArgumentException::class);
        expect(fn () => Digest::fromHex($hex.$hex))->toThrow(InvalidArgumentException::class);
    }
});

test('a place goes by names: it is printed as it was read, lies in those before it, and nothing else is a place', function (): void {
    foreach (['title/en', 'fields/phone-2/label/de', 'statements/voyage-news', 'a/b/c/d/e/f/g/h'] as $text) {
        $place = Place::parse($text);
        $steps = explode('/', $text);
        expect($place->text())->toBe($text)->and($place->first())->toBe($steps[0])->and($place->last())->toBe(end($steps));
        for ($up = $place; $up !== null; $up = $up->up()) {
            expect($place->liesIn($up))->toBeTrue()->and($up->equals($place) || ! $up->liesIn($place))->toBeTrue();
        }
    }
    foreach (['', '/', 'a//b', '/a', 'a/', 'a/../b', 'a b', 'a/é', '-a', 'a-', 'a/b/c/d/e/f/g/h/i', str_repeat('x', 65), "a\n", 'a/b"', '__proto__'] as $text) {
        expect(fn () => Place::parse($text))->toBeRefused(DraftRefusal::UnknownPlace);
    }
    foreach (['', 'Voyage', 'voyage_news', '-voyage', 'voyage-', 'voyage--news', "voyage\n", 'ä'] as $text) {
        expect(fn () => Slug::parse($text))->toBeRefused(DraftRefusal::NotASlug);
    }
});

/** A document of fields by id and texts by language, as sheets have them. */
function fieldsAndTexts(): Document
{
    $items = array_map(static fn (string $id): array => ['id' => $id, 'label' => ['en' => "Label of $id"]], ['email', 'name', 'phone', 'country']);

    return Document::from(['title' => ['en' => 'News', 'de' => 'Neues'], 'fields' => $items, 'name' => 'Footer']);
}

test('a place means the same after items were moved or taken away', function (): void {
    $label = Place::of('fields', 'phone', 'label', 'en');
    $document = fieldsAndTexts();
    foreach (['email', 'country'] as $id) {
        $document = $document->without(Place::of('fields', $id));
    }
    $moved = $document->moved(Place::of('fields', 'phone'), -1);
    expect($moved->at($label))->toBe('Label of phone')->and(array_column($moved->at('fields'), 'id'))->toBe(['phone', 'name'])
        ->and($moved->with($label, 'Call me')->at($label))->toBe('Call me')
        ->and($moved->with($label, 'Call me')->at('fields/name/label/en'))->toBe('Label of name')
        ->and($document->moved(Place::of('fields', 'name'), -1)->equals($document))->toBeTrue('further up than the first there is nothing');
});

/** One of many small changes, and the place that it touches. */
function anyChange(Document $document): array
{
    $place = Place::parse(['title/en', 'title/de', 'name', 'fields/email/label/en', 'fields/name/label/en', 'fields/phone/label/en'][mt_rand(0, 5)]);

    return [$document->with($place, 'word '.mt_rand(0, 3)), $place];
}

test('whoever changed what the other did not has it kept; what both changed differently is a conflict, in which theirs stays', function (): void {
    for ($run = 0; $run < 400; $run++) {
        $base = fieldsAndTexts();
        [$mine, $here] = anyChange($base);
        [$theirs, $there] = anyChange($base);
        $merged = Merge::of($base, $mine, $theirs);
        $same = $mine->at($here) === $theirs->at($here);
        if ($here->equals($there) && ! $same && $mine->at($here) !== $base->at($here) && $theirs->at($there) !== $base->at($there)) {
            expect($merged->conflicts)->toHaveCount(1)->and($merged->conflicts[0]->place->equals($here))->toBeTrue()
                ->and($merged->document->equals($theirs))->toBeTrue();
        } else {
            expect($merged->conflicts)->toBe([])->and($merged->document->at($there))->toBe($theirs->at($there))
                ->and($here->equals($there) || $merged->document->at($here) === $mine->at($here))->toBeTrue();
        }
        // Whoever changed nothing takes what the other did, from either side.
        expect(Merge::of($base, $base, $theirs)->document->equals($theirs))->toBeTrue()
            ->and(Merge::of($base, $mine, $base)->document->equals($mine))->toBeTrue()
            ->and(Merge::of($base, $mine, $mine)->conflicts)->toBe([]);
    }
});

test('one moves, another changes, a third takes away: all of it is kept', function (): void {
    $base = fieldsAndTexts();
    $mine = $base->moved(Place::of('fields', 'country'), -2);
    $theirs = $base->with(Place::parse('fields/phone/label/en'), 'Your number')->without(Place::of('fields', 'name'));
    $merged = Merge::of($base, $mine, $theirs);
    expect($merged->conflicts)->toBe([])->and(array_column($merged->document->at('fields'), 'id'))->toBe(['email', 'country', 'phone'])
        ->and($merged->document->at('fields/phone/label/en'))->toBe('Your number');
});

test('things by id are found by it, in their order, and one more of the same id takes the place of the first', function (): void {
    $things = ById::of([Slug::parse('b'), Slug::parse('a')], static fn (Slug $s): string => $s->text);
    $more = $things->with('c', Slug::parse('c'))->with('b', Slug::parse('bee'));
    expect($things->ids())->toBe(['b', 'a'])->and($things->get('c'))->toBeNull()->and($more->get('b')?->text)->toBe('bee')->and($more->count())->toBe(3)
        ->and($more->without($things)->ids())->toBe(['c'])->and($more->drop('a')->has('a'))->toBeFalse()->and($things->first()?->text)->toBe('b')
        ->and($more->filter(static fn (Slug $s): bool => strlen($s->text) > 1)->ids())->toBe(['b']);
});
