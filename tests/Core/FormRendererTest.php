<?php

declare(strict_types=1);

use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Juramen\Canon\Document;
use Juramen\Canon\Id;
use Juramen\Canon\Instant;
use Juramen\Canon\MacKey;
use Juramen\Canon\MacRing;
use Juramen\Canon\Place;
use Juramen\Points\FieldMessage;
use Juramen\Points\FieldValue;
use Juramen\Points\Filling;
use Juramen\Points\FormRenderer;
use Juramen\Points\FrozenForm;
use Juramen\Points\MissingText;
use Juramen\Points\Piece;
use Juramen\Points\SheetDraft;
use Juramen\Points\VisitMark;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Words;

function rendered(array $change = []): FrozenForm
{
    $sheet = House::registers()->complete(SheetDraft::from(Document::from(array_replace_recursive(FooterNewsletter::SHEET, $change))));
    $renderer = new FormRenderer($sheet, Controller::from(Document::from(House::TIDEWICK)), '/forms/footer-newsletter/LANGUAGE', '/frozen/x.css');

    return $renderer->pages(Language::German, Words::form('Datenschutz', 'Pflichtfeld', 'freiwillig'))[0];
}

test('nothing is answered beforehand, and every input has a label that stays', function (): void {
    $page = new Crawler(rendered()->with([]));
    expect($page->filter('[checked], option, [placeholder], script')->count())->toBe(0)
        ->and($page->filter('input[type=email]')->attr('autocomplete'))->toBe('email');
    foreach ($page->filter('input:not([type=hidden])') as $input) {
        expect($page->filter("label[for={$input->getAttribute('id')}]")->count())->toBe(1);
    }
});

test('answers come back escaped, in their places and nowhere else', function (): void {
    $nasty = '"><script>alert(1)</script> {{ 7*7 }} \0 é';
    $html = rendered()->with((new Filling(
        [new FieldValue('first-name', $nasty), new FieldValue('email', 'a@b')], ['yes-voyage-news'], [new FieldMessage('email', 'Falsch <b>')], 'Noch einmal',
        [new FieldValue('visit', '"x"')],
    ))->pieces());
    $page = new Crawler($html);
    expect($page->filter('script')->count())->toBe(0)->and($page->filter('#first-name')->attr('value'))->toBe($nasty)
        ->and($page->filter('#email')->attr('aria-describedby'))->toBe('email-error')->and($page->filter('#email-error')->text())->toBe('Falsch <b>')
        ->and($page->filter('#yes-voyage-news')->attr('checked'))->not->toBeNull()->and($page->filter('input[name=visit]')->attr('value'))->toBe('"x"');
});

test('whatever the wording says, without pieces the page is byte for byte what was frozen', function (string $wording): void {
    $form = rendered(['title' => ['de' => $wording]]);
    expect($form->with([]))->toBe($form->html)->and((new Crawler($form->with([new Piece('errors', '<hr id="here">')])))->filter('#here')->count())->toBe(1)
        ->and((new Crawler($form->html))->filter('h1')->text(null, false))->toBe($wording);
})->with(['[[marks]] <!--errors-->', '</h1><form>', '${x} {{y}} %s \\1', "שלום \u{1F6A2}"]);

test('a draft may lack texts; what is missing is named by its place, and the form shows a stand-in', function (): void {
    $sheet = House::registers()->complete(SheetDraft::from(Document::from([...FooterNewsletter::SHEET, 'title' => ['en' => 'Only', 'de' => ' ']])));
    expect($sheet->missing())->toEqual([new MissingText(Place::of('title', 'de'), 'the title', Language::German)])
        ->and($sheet->filled()->draft->title->in(Language::German))->toBe('…');
});

test('a visit mark is ours, dated, and ends after a day', function (): void {
    $keys = new MacRing(new MacKey('k1', str_repeat('x', 32)));
    $now = Instant::parse('2026-11-25T10:00:00.700000Z');
    $mark = VisitMark::issue($now, rendered()->digest(), Language::German, 'page');
    $read = VisitMark::open($mark->seal($keys), $keys);
    expect($read)->toEqual($mark)->and($read->age($now->plusSeconds(5)))->toBe(5)->and($read->isOld($now->plusSeconds(86400)))->toBeFalse()
        ->and($read->isOld($now->plusSeconds(86402)))->toBeTrue()
        ->and(VisitMark::open($keys->seal('visit', Id::random()->bytes), $keys))->toBeNull()->and(VisitMark::open('', $keys))->toBeNull();
});
