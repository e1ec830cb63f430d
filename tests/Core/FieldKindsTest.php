<?php

declare(strict_types=1);

use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Juramen\Canon\Document;
use Juramen\Points\AnswerRefused;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldKinds;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FieldValue;
use Juramen\Points\Filling;
use Juramen\Points\FormRenderer;
use Juramen\Points\FormWords;
use Juramen\Points\SheetDraft;
use Juramen\Register\Language;
use Symfony\Component\DomCrawler\Crawler;

/* What holds of every kind of field, and what each makes of an answer. */

/** The form with two fields of a kind, filled in. */
function formWith(FieldKind $kind, Language $language, string $answer): Crawler
{
    $field = static fn (string $id): array => [
        'id' => $id, 'kind' => $kind->id(), 'label' => ['en' => "A $id", 'de' => "Ein $id"], 'required' => false, 'reason' => 'to try it out',
    ];
    $sheet = House::registers()->complete(SheetDraft::from(Document::from([
        ...FooterNewsletter::SHEET, 'fields' => [...FooterNewsletter::SHEET['fields'], $field('one-more'), $field('and-another')],
    ])));
    $controller = House::registers()->controller('tidewick-ferries');
    $form = (
        new FormRenderer($sheet, $controller, '/forms/footer-newsletter/LANGUAGE', '/look.css')
    )->render($language, new FormWords('r', 'o', 'n', 'by', 'empty', 'l'));

    return new Crawler($form->with((new Filling([new FieldValue('and-another', $answer)], [], [], '', []))->pieces()));
}

test('whatever its kind, a field stands twice on a form, labelled, with nothing answered beforehand, and takes back what was typed', function (FieldKind $kind): void {
    foreach ([Language::English, Language::German] as $language) {
        $page = formWith($kind, $language, $odd = '"><b>Ü</b>');
        foreach (['one-more' => '', 'and-another' => $odd] as $id => $value) {
            $control = $page->filter("#$id");
            expect($control->count())->toBe(1)->and($page->filter("label[for=$id]")->count())->toBe(1)->and((string) $control->attr('value'))->toBe($value)
                ->and((string) $control->attr('autocomplete'))->not->toBe('');
        }
        expect($page->filter('b b, [checked], [selected], script')->count())->toBe(0);
    }
    expect(FieldKinds::get($kind->id()))->toEqual($kind)->and(FieldKinds::disclosedAs($kind->id().'-2'))->toEqual($kind);
})->with(fn () => array_map(static fn (FieldKind $k): array => [$k], FieldKinds::all()));

test('a country is meant by its name in any language that we speak, or by its code; anything else is asked again', function (): void {
    $country = FieldKinds::get('country');
    $meant = ['Sweden' => 'SE', ' schweden ' => 'SE', 'Suède' => 'SE', 'SE' => 'SE', 'se' => 'SE', 'Storbritannien' => 'GB', 'côte d’ivoire' => 'CI'];
    foreach ([...$meant, ...array_fill_keys(['Brasil', 'Europe', 'EU', 'ZZ', '<b>'], null)] as $typed => $code) {
        try {
            $read = $country->read($typed);
        } catch (AnswerRefused $e) {
            $read = null;
            expect($e->fault)->toBe('field.country');
        }
        expect($read)->toBe($code, $typed);
    }
    expect($country->meaning())->toBe(FieldMeaning::Country)
        ->and(formWith($country, Language::German, '')->filter('datalist#one-more-names option[value="Schweden"]')->count())->toBe(1);
});
