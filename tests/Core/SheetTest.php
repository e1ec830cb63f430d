<?php

declare(strict_types=1);

use Database\Demo\CabinDraw;
use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Juramen\Audit\Judgement;
use Juramen\Audit\Note;
use Juramen\Audit\Result;
use Juramen\Canon\Conflict;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\History;
use Juramen\Canon\Merge;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Canon\RevisionStep;
use Juramen\Points\Records;
use Juramen\Points\Registers;
use Juramen\Points\SheetDifference;
use Juramen\Points\SheetDraft;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Wording\Difference;
use Juramen\Wording\Run;
use Juramen\Wording\RunKind;
use Juramen\Wording\Statement;
use Tests\Support\Words;

/** @param  array<string, mixed>  $change of the sheet's document */
function drafted(array $change = []): SheetDraft
{
    return SheetDraft::from(Document::from(array_replace(FooterNewsletter::SHEET, $change)));
}

function judged(SheetDraft $draft, ?Registers $registers = null): Judgement
{
    $registers ??= House::registers();

    return Judgement::ofSheet(
        $registers->complete($draft), $registers,
        fn (Language $l) => Words::form($l === Language::German ? 'Datenschutzhinweise' : 'Privacy notice')
    );
}

/** @return list<string> */
function notes(SheetDraft $draft, ?Registers $registers = null): array
{
    return array_map(
        static fn (Note $n): string => $n->result->requirement->id().' '.$n->result->verdict->value.' '.$n->result->place()?->text(),
        judged($draft, $registers)->notes
    );
}

test('what is still to be written is no finding, and is told once', function (): void {
    $judgement = judged(drafted(['languages' => ['en', 'de', 'fr']]));
    expect(array_map(static fn (Result $r): string => "{$r->says} {$r->place()?->text()}", $judgement->unwritten))->toBe([
        'The title title/fr', 'The line under the title purpose-line/fr', 'The button\'s text button/fr', 'The label of the field first-name fields/first-name/label/fr',
        'The label of the field email fields/email/label/fr', 'The statement voyage-news statements/voyage-news/texts/fr',
    ])->and($judgement->notes)->toBe([]);
});

const PHONE = ['id' => 'phone', 'kind' => 'phone', 'label' => ['en' => 'Phone', 'de' => 'Telefon'], 'required' => true];

test('the demo\'s newsletter has no finding; each mistake is found at its place', function (array $change, array $expected): void {
    expect(notes(drafted($change)))->toBe($expected);
})->with([
    'sound' => [[], []],
    'no confirmation, with visitors from Germany' => [
        ['departures' => ['double-opt-in' => ['value' => false, 'reason' => 'The marks got lost on the way.']]],
        ['confirmed-address breach rules/double-opt-in'],
    ],
    'an empty notice link' => [['notice' => ['en' => '#', 'de' => '']], ['notice-linked breach notice/en', 'notice-linked breach notice/de']],
    'a phone number without reason' => [['fields' => [...FooterNewsletter::SHEET['fields'], PHONE]], ['fields-needed breach fields/phone']],
    'a phone number with a reason' => [['fields' => [...FooterNewsletter::SHEET['fields'], PHONE + ['reason' => 'to warn of cancelled sailings']]], []],
]);

test('vague and bundled words are found in the language they are in', function (): void {
    $words = Statement::from(Document::from(['id' => 'voyage-news', 'purpose' => 'voyage-news', 'channels' => ['email'], 'texts' => [
        'en' => 'I accept the terms and conditions and want updates. I can withdraw at any time.',
        'de' => 'Ja, Tidewick Ferries darf mir neue Fahrten und Preise schicken.',
    ]]))->madeOf(Digest::of('x'));
    expect(notes(drafted(['purpose-line' => ['en' => 'Sign up.', 'de' => 'Melden Sie sich an.']]), House::registers()->with($words)))->toBe([
        'apart-from-terms breach statements/voyage-news/texts/en', 'purpose-said breach statements/voyage-news/texts/en',
        'rate-said weakness statements/voyage-news/texts/en',
        'withdrawal-said weakness statements/voyage-news/texts/de', 'rate-said weakness statements/voyage-news/texts/de',
    ]);
});

test('a mend mends what it is for, and nothing else changes', function (): void {
    $sound = drafted()->document();
    $document = $sound->with(Place::of('notice'), ['en' => '#', 'de' => '#'])->with(Place::of('fields', 'phone'), [...PHONE, 'required' => false])
        ->with(Place::of('departures', 'double-opt-in'), ['value' => false, 'reason' => 'The marks got lost on the way.', 'by' => '', 'on' => '']);
    $judge = static fn (Document $document): array => judged(SheetDraft::from($document))->notes;
    for ($left = count($judge($document)); $left > 0; $left = $now) {
        $document = $judge($document)[0]->result->change->apply($document);
        expect($now = count($judge($document)))->toBeLessThan($left);
    }
    expect(SheetDraft::from($document)->document()->json())->toBe($sound->json());
});

test('documents change by places, items by their ids, and each change is a new document', function (): void {
    $document = Document::from(['title' => ['en' => 'A'], 'list' => [['id' => 'x', 'k' => 1], ['id' => 'y', 'k' => 2], ['id' => 'z', 'k' => 3]]]);
    $ids = static fn (Document $d): string => implode('', $d->within(Place::of('list')));
    expect($document->with(Place::of('title', 'de'), 'B')->at('title'))->toBe(['en' => 'A', 'de' => 'B'])
        ->and($ids($document->without(Place::of('list', 'y'))))->toBe('xz')->and($ids($document->with(Place::of('list', 'w'), ['id' => 'w', 'k' => 4])))
        ->toBe('xyzw')
        ->and($ids($document->moved(Place::of('list', 'z'), -1)))->toBe('xzy')->and($ids($document->moved(Place::of('list', 'x'), -1)))->toBe('xyz')
        ->and($document->at('list/z/k'))->toBe(3)->and($document->at('list/2/k'))
        ->toBeNull()->and($document->moved(Place::of('list', 'z'), -2)->at('list/z/k'))->toBe(3)
        ->and($ids($document))->toBe('xyz');
    foreach ([
        fn () => $document->with(Place::of('list', 'q', 'k'), 1), fn () => $document->with(Place::of('list', 'q'), ['id' => 'r']),
        fn () => $document->with(Place::of('title', 'en', 'deeper'), 1),
        fn () => $document->moved(Place::of('title', 'en'), 1), fn () => Place::parse('a//b'), fn () => Place::parse('../x'),
        fn () => Place::parse(str_repeat('a/', 9).'a')] as $odd) {
        expect($odd)->toThrow(fn (Refused $e) => expect($e->isFor(DraftRefusal::UnknownPlace))->toBeTrue());
    }
});

test('what differs between two documents is named by place; a list differs in its order only where items changed places', function (): void {
    $base = Document::from(
        ['title' => ['en' => 'A'], 'list' => [['id' => 'x', 'k' => 1], ['id' => 'y', 'k' => 2], ['id' => 'z', 'k' => 3]], 'plain' => ['b', 'a']]
    );
    $differing = static fn (Document $to, ?Document $from = null): array => array_map(
        static fn (Place $p): string => $p->text(), ($from ?? $base)->differing($to)
    );
    expect($differing($base))->toBe([])->and($differing($base->without(Place::of('list', 'y'))))->toBe(['list/y/id', 'list/y/k'])
        ->and($differing($base->moved(Place::of('list', 'z'), -1)))->toBe(['list'])->and($differing($base->with(Place::of('plain'), ['a', 'b'])))
        ->toBe(['plain'])
        ->and($differing($base->with(Place::of('list', 'x', 'k'), 2)->without(Place::of('title', 'en'))))->toBe(['list/x/k', 'title/en'])
        ->and($differing($base, Document::from([])))->toBe(['title/en', 'list/x/id', 'list/x/k', 'list/y/id', 'list/y/k', 'list/z/id', 'list/z/k', 'plain']);
});

test('what a schema does not know, or what does not fit a place, is refused by name', function (array $change, DraftRefusal $refusal): void {
    $document = Document::from(array_replace_recursive(FooterNewsletter::SHEET, $change));
    expect(fn () => Records::check(RecordKind::Sheet, $document))->toThrow(fn (Refused $e) => expect($e->isFor($refusal))->toBeTrue($e->getMessage()));
})->with([
    [['weather' => 'fine'], DraftRefusal::UnknownPlace], [['title' => ['xx' => 'T']], DraftRefusal::UnknownPlace],
    [['fields' => [1 => ['colour' => 'red']]], DraftRefusal::UnknownPlace],
    [['name' => ''], DraftRefusal::Missing], [['name' => "a\nb"], DraftRefusal::NotOneLine], [['name' => str_repeat('x', 101)], DraftRefusal::TooLong],
    [['name' => 5], DraftRefusal::NotText],
    [['kind' => 'casino'], DraftRefusal::NotOneOf], [['countries' => ['<b>']], DraftRefusal::NotOfForm], [['languages' => ['tlh']], DraftRefusal::NotAmong],
    [['languages' => ['en', 'en']], DraftRefusal::GivenTwice],
    [['point' => '../etc'], DraftRefusal::NotASlug], [['fields' => [1 => ['kind' => 'shoe-size']]], DraftRefusal::NotOneOf],
    [['fields' => [1 => ['required' => 'yes']]], DraftRefusal::NotYesNo],
    [['fields' => [1 => ['required' => false]]], DraftRefusal::EmailField], [['fields' => [1 => ['id' => 'first-name']]], DraftRefusal::GivenTwice],
    [['departures' => ['lapse-days' => ['value' => 31, 'reason' => 'Because we would like it so.']]], DraftRefusal::NotInRange],
    [['departures' => ['lapse-days' => ['value' => 9, 'reason' => 'because']]], DraftRefusal::NoReason],
    [['departures' => ['weather' => ['value' => 9]]], DraftRefusal::UnknownPlace],
]);

test('every kind of record may be written as the demo writes it, and a list must have something in it', function (): void {
    foreach ([
        [RecordKind::Controller, House::TIDEWICK], [RecordKind::Controller, House::ATLANTIC],
        ...array_map(static fn ($p) => [RecordKind::Purpose, $p], House::PURPOSES),
        ...array_map(static fn ($p) => [RecordKind::Processor, $p], House::PROCESSORS),
        ...array_map(static fn ($s) => [RecordKind::Statement, $s], [...House::STATEMENTS, House::DRAW_NEWS]),
        ...array_map(static fn ($s) => [RecordKind::Sheet, $s], [FooterNewsletter::SHEET, CabinDraw::SHEET])] as [$kind, $document]) {
        Records::check($kind, Document::from($document), whole: true);
    }
    foreach (['fields', 'statements', 'languages'] as $list) {
        expect(
            fn () => Records::check(RecordKind::Sheet, Document::from([...FooterNewsletter::SHEET, $list => []]))
        )->toThrow(fn (Refused $e) => expect($e->isFor(DraftRefusal::NoneGiven))->toBeTrue());
    }
});

test('undoing after any number of changes restores every document exactly, and redoing brings it back', function (): void {
    mt_srand(5);
    for ($run = 0; $run < 200; $run++) {
        $revisions = [new RevisionStep(1, 1, 0)];
        $documents = [1 => 'd1'];
        $path = ['d1'];
        $ahead = [];
        for ($step = 0; $step < 40; $step++) {
            $history = new History($revisions);
            $number = count($revisions) + 1;
            $way = mt_rand(0, 2);
            $to = match ($way) {
                0 => null, 1 => $history->undo(), 2 => $history->redo()
            };
            if ($way === 0) {
                $revisions[] = new RevisionStep($number, $number, $history->state());
                $documents[$number] = $path[] = "d$number";
                $ahead = [];
            } elseif ($to !== null) {
                $revisions[] = new RevisionStep($number, $to, 0);
                $documents[$number] = $documents[$to];
                if ($way === 1) {
                    $ahead[] = array_pop($path);
                } else {
                    $path[] = array_pop($ahead) ?? throw new RuntimeException('Redo led where nothing was undone.');
                }
            }
            // A plain stack of documents says the same.
            expect($documents[count($revisions)])->toBe(end($path))->and((new History($revisions))->undo() === null)->toBe(count($path) === 1);
        }
    }
});

/** A sheet with its statements' words in it, so that there is much to change. */
function whole(): Document
{
    return FooterNewsletter::whole()->document();
}

test('what two people change in different parts is brought together; in one place it is a conflict', function (): void {
    $base = whole();
    $words = Place::of('statements', 'voyage-news', 'texts', 'de');
    $mine = $base->with(Place::of('title', 'en'), 'Mine')->without(Place::of('fields', 'first-name'));
    $theirs = $base->with($words, 'Ihres')->with(Place::of('fields', 'email', 'label', 'en'), 'Your email');
    $merged = Merge::of($base, $mine, $theirs);
    expect($merged->conflicts)->toBe([])->and($merged->document->at('title/en'))->toBe('Mine')->and($merged->document->at($words))->toBe('Ihres')
        ->and($merged->document->within(Place::of('fields')))->toBe(['email'])->and($merged->document->at('fields/email/label/en'))->toBe('Your email');
    $merged = Merge::of($base, $base->with($words, 'Meines'), $theirs);
    expect($merged->conflicts)->toEqual([new Conflict($words, 'Meines', 'Ihres')])->and($merged->document->at($words))->toBe('Ihres');
    // What is removed by one and changed by the other is a conflict, not a loss.
    expect(Merge::of($base, $base->without(Place::of('fields', 'email')), $theirs)->conflicts)->toHaveCount(1);
});

test('merging is the same from either side where there is no conflict, and never loses a single change', function (): void {
    mt_srand(9);
    $base = whole();
    $places = [
        'title/en', 'title/de', 'button/en', 'purpose-line/de', 'rules/lapse-days', 'statements/voyage-news/texts/en', 'fields/first-name/label/de',
        'fields/email/label/en', 'place',
    ];
    for ($run = 0; $run < 300; $run++) {
        shuffle($places);
        [$mine, $theirs] = [$base, $base];
        foreach ($places as $i => $place) {
            $changed = $place === 'rules/lapse-days' ? mt_rand(8, 20) : 'x'.mt_rand();
            match ($i % 3) {
                0 => $mine = $mine->with(Place::parse($place), $changed), 1 => $theirs = $theirs->with(Place::parse($place), $changed), 2 => null
            };
        }
        if (mt_rand(0, 1) === 1) {
            $mine = $mine->moved(Place::of('fields', 'email'), -1);
        }
        [$one, $other] = [Merge::of($base, $mine, $theirs), Merge::of($base, $theirs, $mine)];
        expect($one->conflicts)->toBe([])->and($one->document->equals($other->document))
            ->toBeTrue()->and(Merge::of($base, $mine, $mine)->document->equals($mine))->toBeTrue();
        foreach ($places as $i => $place) {
            expect($one->document->at($place))->toBe(($i % 3 === 0 ? $mine : $theirs)->at($place));
        }
        expect($one->document->within(Place::of('fields')))->toBe($mine->within(Place::of('fields')));
    }
});

test('a sheet read back from its canonical bytes reads the same, whatever order its languages are stored in', function (): void {
    $stored = SheetDraft::from(Document::parse(drafted()->document()->json()));
    expect(SheetDifference::between(House::registers()->complete($stored), FooterNewsletter::whole()))->toBe([]);
});

test('a difference names the words that went and came, and both texts can be read from it', function (): void {
    $runs = Difference::between('has 7 days to press its button', 'has 14 days to press the large button')->runs;
    expect(array_map(static fn (Run $r): array => [$r->kind->value, $r->words], $runs))
        ->toBe([['same', 'has '], ['gone', '7 '], ['new', '14 '], ['same', 'days to press '], ['gone', 'its '], ['new', 'the large '], ['same', 'button']]);
    mt_srand(4);
    for ($run = 0; $run < 200; $run++) {
        $text = static fn (): string => implode(
            '', array_map(static fn (): string => ['one ', 'two ', 'three ', "four\n", "\n\n"][mt_rand(0, 4)], range(0, mt_rand(0, 12)))
        );
        [$a, $b] = [$text(), $text()];
        $difference = Difference::between($a, $b);
        $side = static fn (RunKind $not): string => implode('', array_map(static fn (Run $r): string => $r->kind === $not ? '' : $r->words, $difference->runs));
        expect($side(RunKind::New))->toBe($a)->and($side(RunKind::Gone))->toBe($b)->and($difference->isEmpty())->toBe($a === $b);
    }
});

test('three thousand words that differ at both ends are compared in little memory', function (): void {
    $words = static fn (int $seed): string => implode(' ', array_map(static fn (int $i): string => 'w'.(($i * 7919 + $seed) % 611), range(1, 3000)));
    $before = memory_get_peak_usage();
    $difference = Difference::between('first '.$words(1).' last', 'begin '.$words(2).' end');
    expect(memory_get_peak_usage() - $before)->toBeLessThan(64 * 1024 * 1024)->and($difference->isEmpty())->toBeFalse();
});

/** What the notes of a statement offer to make of its English words, by requirement. @return array<string, string> */
function offers(string $english): array
{
    $statement = Statement::from(Document::from(['id' => 'x', 'purpose' => 'voyage-news', 'channels' => ['email'], 'texts' => ['en' => $english]]));
    $offers = [];
    foreach (Judgement::ofStatement($statement, House::registers())->notes as $note) {
        $mend = $note->result->change;
        if ($mend !== null) {
            $offers[$note->result->requirement->id()] = $mend->apply($statement->document())->text(Place::of('texts', 'en'));
        }
    }

    return $offers;
}

test('a mend touches whole words, leaves whole sentences, and is offered only where it mends and hides nothing', function (string $words, array $offers): void {
    expect(offers($words))->toBe($offers);
})->with([
    'terms before' => [
        'I accept the terms and conditions and {controller} may email me new sailings {rate}. {withdrawal}',
        ['apart-from-terms' => '{controller} may email me new sailings {rate}. {withdrawal}'],
    ],
    'terms behind' => [
        'Yes, {controller} may email me new sailings and fares {rate} and I accept the terms and conditions. {withdrawal}',
        ['apart-from-terms' => 'Yes, {controller} may email me new sailings and fares {rate}. {withdrawal}'],
    ],
    'no fragment is left' => ['By sending I accept the terms and conditions and new sailings by email {rate}. {withdrawal}', []],
    'the rate stands before the full stop' => [
        'Yes, {controller} may email me new sailings and fares. {withdrawal}',
        ['rate-said' => 'Yes, {controller} may email me new sailings and fares {rate}. {withdrawal}'],
    ],
    'and where it is not sure which one that is, nothing is offered' => [
        'Yes! {controller} may email me approx. new sailings and fares on No. 5. {withdrawal}',
        [],
    ],
]);

test('a difference shown beside a mend is cut between words', function (): void {
    $all = Difference::between('I accept the terms and Tidewick may send me updates and offers.', 'I accept the terms and Tidewick may send me new sailings.');
    expect(array_map(static fn (Run $r): string => $r->words, $all->near(20)->runs))->toBe(['… may send me ', 'updates and offers.', 'new sailings.']);
    $behind = Difference::between('I want updates. I can end this at any time in every email.', 'I want fares. I can end this at any time in every email.');
    expect(array_map(static fn (Run $r): string => $r->words, $behind->near(20)->runs))->toBe(['I want ', 'updates. ', 'fares. ', 'I can end this at …']);
});

test('beside a mend a word or two that stay between changes are shown with them, and longer stretches by themselves', function (): void {
    $runs = static fn (string $a, string $b): array => array_map(
        static fn (Run $r): array => [$r->kind->value, $r->words], Difference::between($a, $b)->near(60)->runs
    );
    expect($runs('You can withdraw by letter.', 'I can withdraw at any time.'))
        ->toBe([['gone', 'You can withdraw by letter.'], ['new', 'I can withdraw at any time.']])
        ->and($runs('We can now end this here', 'I can now end this at once'))
        ->toBe([['gone', 'We '], ['new', 'I '], ['same', 'can now end this '], ['gone', 'here'], ['new', 'at once']])
        ->and($runs("one\nsame\ntwo", "1\nsame\n2"))->toBe([['gone', "one\n"], ['new', "1\n"], ['same', "same\n"], ['gone', 'two'], ['new', '2']]);
});
