<?php

declare(strict_types=1);

use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Juramen\Audit\Judgement;
use Juramen\Audit\Note;
use Juramen\Canon\Conflict;
use Juramen\Canon\Document;
use Juramen\Canon\History;
use Juramen\Canon\InvalidDocument;
use Juramen\Canon\Merge;
use Juramen\Points\FormWords;
use Juramen\Points\Sheet;
use Juramen\Register\Language;
use Juramen\Wording\Difference;

/** @param  array<string, mixed>  $change of the whole sheet */
function judged(array $change): Judgement
{
    return Judgement::ofSheet(Sheet::read(array_replace(FooterNewsletter::whole(), $change)), House::registers(), fn (Language $l) => new FormWords('r', 'o', $l === Language::German ? 'Datenschutzhinweise' : 'Privacy notice', 'by', 'leave empty', 'l'));
}

/** @return list<string> */
function notes(array $change): array
{
    return array_map(static fn (Note $n): string => $n->result->requirement->id().' '.$n->result->verdict->value.' '.$n->result->where, judged($change)->notes);
}

test('the demo\'s newsletter has no finding; each mistake is found at its place', function (array $change, array $expected): void {
    expect(notes($change))->toBe($expected);
})->with([
    'sound' => [[], []],
    'no confirmation, with visitors from Germany' => [['rules' => ['double-opt-in' => false, 'lapse-days' => 7, 'keep-network' => true]], ['confirmed-address breach rules/double-opt-in']],
    'an empty notice link' => [['notice' => ['en' => '#', 'de' => '']], ['notice-linked breach notice/en', 'notice-linked breach notice/de']],
    'a phone number without reason' => [['fields' => [...FooterNewsletter::SHEET['fields'], ['kind' => 'phone', 'label' => ['en' => 'Phone', 'de' => 'Telefon'], 'required' => true]]], ['fields-needed breach fields/2']],
    'a phone number with a reason' => [['fields' => [...FooterNewsletter::SHEET['fields'], ['kind' => 'phone', 'label' => ['en' => 'Phone', 'de' => 'Telefon'], 'required' => true, 'reason' => 'to warn of cancelled sailings']]], []],
    'a language without words' => [['languages' => ['en', 'de', 'fr']], ['language-offered breach title/fr', 'language-offered breach purpose-line/fr', 'language-offered breach button/fr', 'language-offered breach fields/0/label/fr', 'language-offered breach fields/1/label/fr', 'language-offered breach statements/0/texts/fr']],
    'vague and bundled' => [['purpose-line' => ['en' => 'Sign up.', 'de' => 'Melden Sie sich an.'], 'statements' => [['id' => 's', 'purpose' => 'voyage-news', 'edition' => str_repeat('0', 64), 'channels' => ['email'], 'texts' => [
        'en' => 'I accept the terms and conditions and want updates. I can withdraw at any time.', 'de' => 'Ja, Tidewick Ferries darf mir neue Fahrten und Preise schicken.',
    ]]]], ['apart-from-terms breach statements/0/texts/en', 'purpose-said breach statements/0/texts/en', 'rate-said weakness statements/0/texts/en', 'withdrawal-said weakness statements/0/texts/de', 'rate-said weakness statements/0/texts/de']],
]);

test('a mend mends what it is for, and nothing else changes', function (): void {
    $sound = FooterNewsletter::SHEET;
    $document = array_replace($sound, [
        'notice' => ['en' => '#', 'de' => '#'], 'fields' => [...$sound['fields'], ['kind' => 'phone', 'label' => ['en' => 'Phone', 'de' => 'Telefon'], 'required' => false]],
        'departures' => ['double-opt-in' => ['value' => false, 'reason' => 'The marks got lost on the way.', 'by' => '', 'on' => '']],
    ]);
    $notes = static fn (array $document): array => judged(House::registers()->complete($document))->notes;
    for ($left = count($notes($document)); $left > 0; $left = $now) {
        $document = $notes($document)[0]->result->change->apply($document);
        expect($now = count($notes($document)))->toBeLessThan($left);
    }
    expect($document)->toBe([...$sound, 'departures' => []]);
});

test('documents change by places, and each change is a new document', function (): void {
    $document = ['title' => ['en' => 'A'], 'list' => [['k' => 1], ['k' => 2], ['k' => 3]]];
    expect(Document::with($document, 'title/de', 'B'))->toBe(['title' => ['en' => 'A', 'de' => 'B'], 'list' => $document['list']])
        ->and(Document::with($document, 'list/1', null)['list'])->toBe([['k' => 1], ['k' => 3]])
        ->and(Document::with($document, 'list/3', ['k' => 4])['list'][3])->toBe(['k' => 4])
        ->and(Document::at($document, 'list/2/k'))->toBe(3)->and(Document::at($document, 'list/9/k'))->toBeNull()
        ->and(fn () => Document::with($document, 'list/x/k', 1))->toThrow(InvalidDocument::class)
        ->and(fn () => Document::with($document, 'title/en/deeper', 1))->toThrow(InvalidDocument::class);
});

test('undoing after any number of changes restores every document exactly, and redoing brings it back', function (): void {
    mt_srand(5);
    for ($run = 0; $run < 200; $run++) {
        $revisions = [['number' => 1, 'state' => 1, 'from' => 0]];
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
                $revisions[] = ['number' => $number, 'state' => $number, 'from' => $history->state()];
                $documents[$number] = $path[] = "d$number";
                $ahead = [];
            } elseif ($to !== null) {
                $revisions[] = ['number' => $number, 'state' => $to, 'from' => 0];
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

test('what two people change in different parts is brought together; in one place it is a conflict', function (): void {
    $base = FooterNewsletter::whole();
    $mine = Document::with(Document::with($base, 'title/en', 'Mine'), 'fields/0', null);
    $theirs = Document::with(Document::with($base, 'statements/0/texts/de', 'Ihres'), 'fields/1/label/en', 'Your email');
    [$merged, $conflicts] = Merge::of($base, $mine, $theirs);
    expect($conflicts)->toBe([])->and(Document::at($merged, 'title/en'))->toBe('Mine')->and(Document::at($merged, 'statements/0/texts/de'))->toBe('Ihres')
        ->and($merged['fields'])->toHaveCount(1)->and($merged['fields'][0]['label']['en'])->toBe('Your email');
    [$merged, $conflicts] = Merge::of($base, Document::with($base, 'statements/0/texts/de', 'Meines'), $theirs);
    expect($conflicts)->toEqual([new Conflict('statements/0/texts/de', 'Meines', 'Ihres')])->and(Document::at($merged, 'statements/0/texts/de'))->toBe('Ihres');
});

test('merging is the same from either side where there is no conflict, and never loses a single change', function (): void {
    mt_srand(9);
    $base = FooterNewsletter::whole();
    $places = ['title/en', 'title/de', 'button/en', 'purpose-line/de', 'rules/lapse-days', 'statements/0/texts/en', 'fields/0/label/de', 'fields/1/label/en', 'place'];
    for ($run = 0; $run < 300; $run++) {
        shuffle($places);
        $value = static fn (string $place): mixed => $place === 'rules/lapse-days' ? mt_rand(8, 20) : 'x'.mt_rand();
        [$mine, $theirs] = [$base, $base];
        foreach ($places as $i => $place) {
            $changed = $value($place);
            match ($i % 3) {
                0 => $mine = Document::with($mine, $place, $changed), 1 => $theirs = Document::with($theirs, $place, $changed), 2 => null
            };
        }
        [$one, $conflicts] = Merge::of($base, $mine, $theirs);
        [$other] = Merge::of($base, $theirs, $mine);
        expect($conflicts)->toBe([])->and($one)->toEqual($other)->and(Merge::of($base, $mine, $mine)[0])->toEqual($mine);
        foreach ($places as $i => $place) {
            expect(Document::at($one, $place))->toBe(Document::at($i % 3 === 0 ? $mine : $theirs, $place));
        }
    }
});

test('a sheet read back from its edition reads the same, whatever order its languages are stored in', function (): void {
    $stored = json_decode(Juramen\Canon\CanonicalJson::encode(FooterNewsletter::whole()), true);
    expect(Juramen\Points\SheetDifference::between(Sheet::read($stored), Sheet::read(FooterNewsletter::whole())))->toBe([]);
});

test('a difference names the words that went and came, and both texts can be read from it', function (): void {
    $runs = Difference::between('has 7 days to press its button', 'has 14 days to press the large button')->runs;
    expect($runs)->toBe([['same', 'has '], ['gone', '7 '], ['new', '14 '], ['same', 'days to press '], ['gone', 'its '], ['new', 'the large '], ['same', 'button']]);
    mt_srand(4);
    for ($run = 0; $run < 200; $run++) {
        $text = static fn (): string => implode(' ', array_map(static fn (): string => ['one', 'two', 'three', 'four'][mt_rand(0, 3)], range(0, mt_rand(0, 12))));
        [$a, $b] = [$text(), $text()];
        $difference = Difference::between($a, $b);
        $side = static fn (string $not): string => implode('', array_map(static fn (array $r): string => $r[0] === $not ? '' : $r[1], $difference->runs));
        expect($side('new'))->toBe($a)->and($side('gone'))->toBe($b)->and($difference->isEmpty())->toBe($a === $b);
    }
});
