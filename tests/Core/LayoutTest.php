<?php

declare(strict_types=1);

use Database\Demo\DelayAlerts;
use Database\Demo\GroupTravel;
use Database\Demo\House;
use Juramen\Audit\SheetReader;
use Juramen\Canon\Day;
use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Id;
use Juramen\Canon\MacKey;
use Juramen\Canon\MacRing;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Points\Control;
use Juramen\Points\EarlierAnswers;
use Juramen\Points\Field;
use Juramen\Points\FieldValue;
use Juramen\Points\Filling;
use Juramen\Points\FormRenderer;
use Juramen\Points\LaidPage;
use Juramen\Points\Sheet;
use Juramen\Points\SheetDraft;
use Juramen\Points\Typed;
use Juramen\Register\Language;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Words;

/* What stands on which page, what hangs on what, and how statements are answered. */

/** @param  array<string, mixed>  $changes  place to what stands there */
function laid(array $sheet, array $changes = []): Sheet
{
    $document = Document::from($sheet);
    foreach ($changes as $place => $value) {
        $document = $document->with(Place::parse($place), $value);
    }

    return House::registers()->complete(SheetDraft::from($document));
}

/** @param  array<string, string>  $values */
function answers(array $values): Typed
{
    $given = array_map(static fn (string $n, string $v): FieldValue => new FieldValue($n, $v), array_keys($values), $values);

    return new Typed($given, Language::English, Day::parse('2026-11-27'));
}

/** @return list<Crawler> the pages of its form */
function drawn(Sheet $sheet): array
{
    $renderer = new FormRenderer($sheet, House::registers()->controller('tidewick-ferries'), '/f/LANGUAGE', '/look.css');

    return array_map(static fn ($page): Crawler => new Crawler($page->html), $renderer->pages(Language::English, Words::form()));
}

test('what hangs on an answer is left out only where another one is given, on whichever page', function (): void {
    $layout = laid(GroupTravel::SHEET)->layout();
    $hidden = static fn (array $values): array => array_values(array_diff($layout->hidden(answers($values)), ['source']));
    expect($hidden([]))->toBe([])->and($hidden(['group' => 'school']))->toBe([])->and($hidden(['group' => 'club']))->toBe(['years', 'pupils'])
        // What was never offered is no answer.
        ->and($hidden(['group' => 'nobody']))->toBe([]);
    // On its own page styles hide it; on a later one the page itself leaves it out.
    expect($layout->css())->toContain('.on-years')->toContain('[value="school"]')->not->toContain('.on-pupils');
});

test('what hangs on something that is left out is left out with it, and what comes before its question is always shown', function (): void {
    $chain = laid(GroupTravel::SHEET, ['fields/months/when' => ['field' => 'pupils', 'answers' => ['yes']], 'fields/months/page' => 'you']);
    $before = laid(GroupTravel::SHEET, ['fields/group/when' => ['field' => 'pupils', 'answers' => ['yes']]]);
    expect($chain->layout()->hidden(answers(['group' => 'club', 'pupils' => ''])))->toContain('months')
        ->and($chain->layout()->hidden(answers(['group' => 'school', 'pupils' => 'no'])))->toContain('months')
        ->and($chain->layout()->hidden(answers(['group' => 'school', 'pupils' => 'yes'])))->not->toContain('months')
        ->and($before->layout()->hidden(answers(['pupils' => 'no'])))->not->toContain('group')
        // One that names itself, or a field that has no answers to choose from, hangs on nothing.
        ->and(laid(GroupTravel::SHEET, ['fields/group/when' => ['field' => 'group', 'answers' => ['club']]])->layout()->hidden(answers(['group' => 'school'])))
        ->not->toContain('group')
        ->and(laid(GroupTravel::SHEET, ['fields/phone/when' => ['field' => 'name', 'answers' => ['jo']]])->layout()->hidden(answers(['name' => 'x'])))
        ->not->toContain('phone');
});

test('what nobody sees is no page by itself: it comes with the first on which something is seen, and the sheet is read all the same', function (): void {
    $pages = array_column(GroupTravel::SHEET['pages'], 'id');
    $last = end($pages);
    $moved = array_map(static fn (array $field): array => [...$field, 'page' => $last], GroupTravel::SHEET['fields']);
    $statements = array_map(static fn (array $statement): array => [...$statement, 'page' => $last], GroupTravel::SHEET['statements']);
    $sheet = laid([...GroupTravel::SHEET, 'fields' => $moved, 'statements' => $statements]);
    expect($sheet->layout()->pages)->toHaveCount(1)->and($sheet->layout()->pages[0]->has('source'))->toBeTrue();
    // And so with one field on the second of three pages.
    $fields = array_map(static fn (array $field): array => [...$field, 'page' => $field['id'] === 'email' ? $pages[1] : $last], GroupTravel::SHEET['fields']);
    $two = laid([...GroupTravel::SHEET, 'fields' => $fields, 'statements' => $statements]);
    expect($two->layout()->pages)->toHaveCount(2)
        ->and($two->layout()->pages[0]->has('source'))->toBeTrue()->and($two->layout()->pages[0]->has('email'))->toBeTrue()
        ->and((new SheetReader(House::registers()))->read($two, Language::English, Words::form())->fields)->not->toBe([]);
});

test('a country that is typed on the same page hides nothing there, since styles cannot see it; on a later page it does', function (): void {
    $field = ['id' => 'country', 'kind' => 'country', 'label' => ['en' => 'Country', 'de' => 'Land'], 'required' => false, 'reason' => 'x'];
    $sheet = static fn (string $page): array => [
        ...GroupTravel::SHEET, 'fields' => [...GroupTravel::SHEET['fields'], [...$field, 'page' => $page]],
        'statements' => [['id' => 'group-offers', 'page' => 'last', 'when' => ['field' => 'country', 'answers' => ['de', 'dk']]]],
    ];
    $hides = static fn (string $page, string $country): bool => in_array(
        'yes-group-offers', laid($sheet($page))->layout()->hidden(answers(['country' => $country])), true
    );
    expect($hides('last', 'Sweden'))->toBeFalse()->and($hides('you', 'Sweden'))->toBeTrue()->and($hides('you', 'Dänemark'))->toBeFalse()
        ->and($hides('you', ''))->toBeFalse()->and($hides('you', 'Atlantis'))->toBeFalse();
});

test('a page without anything to show is passed over, both ways', function (): void {
    $only = laid(GroupTravel::SHEET, ['fields/months/when' => ['field' => 'group', 'answers' => ['firm']], 'fields/route/when' => [
        'field' => 'group', 'answers' => ['firm'],
    ]])->layout();
    $number = static fn (?LaidPage $page): ?int => $page?->number;
    expect($number($only->after($only->pages[0], answers(['group' => 'club']))))->toBe(3)
        ->and($number($only->before($only->pages[2], answers(['group' => 'club']))))->toBe(1)
        ->and($number($only->after($only->pages[0], answers(['group' => 'firm']))))->toBe(2)
        ->and($number($only->after($only->pages[4], answers([]))))->toBeNull()->and($number($only->before($only->pages[0], answers([]))))->toBeNull();
    // A page on which nothing stands is none; a form with one page that holds anything has no way back and no progress.
    $one = laid([...GroupTravel::SHEET, 'pages' => [['id' => 'group', 'title' => ['en' => 'a', 'de' => 'b']], ['id' => 'gone', 'title' => []]]])->layout();
    expect(count($one->pages))->toBe(1)->and($one->pageOf('email'))->toBe($one->pages[0]);
});

test('every field and statement stands once, whatever pages there are and however they are moved', function (): void {
    mt_srand(11);
    for ($turn = 0; $turn < 60; $turn++) {
        $ids = array_column(GroupTravel::SHEET['pages'], 'id');
        shuffle($ids);
        $pages = array_map(static fn (string $id): array => ['id' => $id, 'title' => ['en' => $id, 'de' => $id]], array_slice($ids, 0, mt_rand(0, 5)));
        $anywhere = static fn (array $item): array => [...$item, 'page' => mt_rand(0, 3) === 0 ? 'nowhere' : $ids[array_rand($ids)]];
        $sheet = laid([
            ...GroupTravel::SHEET, 'pages' => $pages, 'fields' => array_map($anywhere, GroupTravel::SHEET['fields']),
            'statements' => array_map($anywhere, GroupTravel::SHEET['statements']),
        ]);
        $names = array_merge(...array_map(
            static fn (LaidPage $p): array => array_map(static fn (Field|Control $i): string => $i->name(), $p->items()), $sheet->layout()->pages
        ));
        sort($names);
        $all = [...array_column(GroupTravel::SHEET['fields'], 'id'), 'yes-group-offers'];
        sort($all);
        expect($names)->toBe($all);
        $drawn = drawn($sheet);
        foreach ($all as $name) {
            expect(array_sum(array_map(static fn (Crawler $p): int => $p->filter("[id=\"$name\"]")->count(), $drawn)))->toBe(1, $name);
        }
        // Each page but the first leads back, and only the last sends.
        foreach ($drawn as $i => $page) {
            expect($page->filter('button[value=back]')->count())->toBe($i === 0 ? 0 : 1)
                ->and($page->filter('button')->first()->attr('value'))->toBe(count($drawn) === 1 ? null : ($i === count($drawn) - 1 ? 'send' : 'next'));
        }
    }
});

test('a yes or no is unset, both alike; a box for each channel brings the field that reaches it', function (): void {
    $choice = drawn(laid(GroupTravel::SHEET))[4];
    $radios = $choice->filter('input[type=radio]');
    expect($radios->extract(['name', 'value', 'checked']))->toBe([['yes-group-offers', 'yes', ''], ['yes-group-offers', 'no', '']])
        ->and($choice->filter('.pair .tick')->count())->toBe(2);
    $alerts = laid(DelayAlerts::SHEET);
    $page = drawn($alerts)[0];
    expect($page->filter('fieldset#yes-delay-alerts #phone')->count())->toBe(1)->and($page->filter('#phone')->count())->toBe(1)
        ->and($alerts->layout()->hidden(answers([])))->toBe(['phone'])
        ->and($alerts->layout()->hidden(answers(['yes-delay-alerts-sms' => 'yes'])))->toBe([])
        ->and($alerts->layout()->css())->toContain('main:not(:has([id="yes-delay-alerts-sms"]:checked)) .on-phone');
    // Where it is required, or another statement needs it, it stands by itself.
    expect(laid(DelayAlerts::SHEET, ['fields/phone/required' => true])->layout()->hidden(answers([])))->toBe([])
        ->and(laid(DelayAlerts::SHEET, ['statements/delay-alerts/control' => 'tick'])->layout()->hidden(answers([])))->toBe([]);
});

test('the address cannot hang on anything, and a condition names fields and answers by their ids', function (): void {
    $with = static fn (string $place, mixed $value): Document => Document::from(GroupTravel::SHEET)->with(Place::parse($place), $value);
    $check = static fn (string $place, mixed $value): mixed => SheetDraft::schema()->check($with($place, $value));
    expect(fn () => laid(GroupTravel::SHEET, ['fields/email/when' => ['field' => 'group', 'answers' => ['club']]])->draft->check())
        ->toThrow(Refused::class, DraftRefusal::EmailAlways->words());
    foreach (['fields/years/when/field' => 'Who travels?', 'fields/years/when/answers' => ['<b>'], 'statements/group-offers/control' => 'preset',
        'fields/source/marks' => ['Harbour poster'], 'fields/years/page' => '../x'] as $place => $bad) {
        expect(fn () => $check($place, $bad))->toThrow(Refused::class);
    }
});

test('answers of other pages open only as they were sealed, and only with their own visit', function (): void {
    $keys = new MacRing(new MacKey('k1', str_repeat('k', 32)));
    $visit = Id::random();
    $values = [new FieldValue('name', "Jo\u{202E} <b>"), new FieldValue('yes-x', 'yes')];
    $sealed = (new EarlierAnswers($visit, $values))->seal($keys);
    expect(EarlierAnswers::open($sealed, $visit, $keys)->values)->toEqual($values)
        ->and(EarlierAnswers::open($sealed, Id::random(), $keys)->values)->toBe([])
        ->and(EarlierAnswers::open('', $visit, $keys)->values)->toBe([]);
    for ($i = 0; $i < strlen($sealed); $i += 7) {
        $bad = substr_replace($sealed, $sealed[$i] === 'A' ? 'B' : 'A', $i, 1);
        expect(EarlierAnswers::open($bad, $visit, $keys)->values)->toBe([], (string) $i);
    }
});

test('what is left out by an earlier answer is frozen with the form and hidden when it is shown', function (): void {
    $sheet = laid(GroupTravel::SHEET);
    $form = (new FormRenderer($sheet, House::registers()->controller('tidewick-ferries'), '/f/LANGUAGE', '/l.css'))->pages(Language::English, Words::form())[2];
    expect((new Crawler($form->html))->filter('.on-pupils[hidden]')->count())->toBe(0)
        ->and((new Crawler($form->with((new Filling(leftOut: ['pupils']))->pieces())))->filter('.on-pupils[hidden]')->count())->toBe(1);
});
