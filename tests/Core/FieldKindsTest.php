<?php

declare(strict_types=1);

use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Juramen\Canon\Day;
use Juramen\Canon\Document;
use Juramen\Points\AnswerRefused;
use Juramen\Points\Field;
use Juramen\Points\FieldKind;
use Juramen\Points\FieldKinds;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FieldMessage;
use Juramen\Points\FieldValue;
use Juramen\Points\Filling;
use Juramen\Points\FormRenderer;
use Juramen\Points\Labelling;
use Juramen\Points\SheetDraft;
use Juramen\Points\Typed;
use Juramen\Register\Country;
use Juramen\Register\Language;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Support\Words;

/* What holds of every kind of field, and what each makes of an answer. */

/** A field of a kind, with two answers to choose from where it offers any. */
function fieldOf(FieldKind $kind, string $id, bool $required = false, bool $help = false): Field
{
    $words = static fn (string $en, string $de): array => ['en' => $en, 'de' => $de, 'sv' => $en];

    return Field::from(Document::from([
        'id' => $id, 'kind' => $kind->id(), 'label' => $words("A $id", "Ein $id"), 'required' => $required, 'reason' => 'to try it out',
        ...($help ? ['help' => $words('As on your card', 'Wie auf Ihrer Karte')] : []),
        ...($kind->offersOptions() ? ['options' => [
            ['id' => 'seals', 'label' => $words('Seals & <birds>', 'Robben')], ['id' => 'walks', 'label' => $words('Walks', 'Wanderungen')],
        ]] : []),
    ]));
}

/**
 * The form with two fields of a kind, of which the second is filled in.
 *
 * @param  list<FieldValue>  $values
 * @param  list<FieldMessage>  $errors
 */
function formWith(FieldKind $kind, Language $language, array $values = [], array $errors = [], bool $help = false): Crawler
{
    $fields = [fieldOf($kind, 'one-more', help: $help)->document()->toArray(), fieldOf($kind, 'and-another', help: $help)->document()->toArray()];
    $sheet = House::registers()->complete(SheetDraft::from(Document::from([
        ...FooterNewsletter::SHEET, 'fields' => [...FooterNewsletter::SHEET['fields'], ...$fields],
    ])));
    $controller = House::registers()->controller('tidewick-ferries');
    $form = (new FormRenderer($sheet, $controller, '/forms/footer-newsletter/LANGUAGE', '/look.css'))->pages($language, Words::form())[0];

    return new Crawler($form->with((new Filling($values, [], $errors, '', []))->pieces()));
}

/** @param  list<FieldValue>  $values */
function typed(array $values, Language $language = Language::English): Typed
{
    return new Typed($values, $language, Day::parse('2026-11-27'), [Country::parse('DE'), Country::parse('GB')]);
}

/** What is kept of one answer, or which words refuse it. */
function readAs(string $kind, string ...$parts): string
{
    return readIn(Language::English, $kind, ...$parts);
}

function readIn(Language $language, string $kind, string ...$parts): string
{
    $field = fieldOf(FieldKinds::get($kind), 'x');
    $values = array_map(static fn (string $input, string $value): FieldValue => new FieldValue($input, $value), $field->inputs(), array_pad(
        array_values($parts), count($field->inputs()), ''
    ));
    try {
        return $field->read(typed($values, $language));
    } catch (AnswerRefused $e) {
        return "refused: $e->fault";
    }
}

$seen = static fn (FieldKind $k): bool => $k->labelling() !== Labelling::None;
$kinds = static fn (): array => array_map(static fn (FieldKind $k): array => [$k], array_values(array_filter(FieldKinds::all(), $seen)));

test('whatever its kind, a field stands twice on a form, labelled, with nothing answered beforehand, and takes back what was typed', function (FieldKind $kind): void {
    foreach ([Language::English, Language::German] as $language) {
        $odd = '"><b>Ü</b>';
        $inputs = fieldOf($kind, 'and-another')->inputs();
        $page = formWith($kind, $language, array_map(static fn (string $input): FieldValue => new FieldValue($input, $odd), $inputs));
        foreach ([...fieldOf($kind, 'one-more')->inputs(), ...$inputs] as $input) {
            $control = $page->filter("[name=\"$input\"]");
            if ($control->attr('type') === 'radio') {
                // An odd answer is none of those offered, so none is chosen; each has its own label.
                $ids = $control->each(static fn (Crawler $c): string => (string) $c->attr('id'));
                expect($control->filter('[checked]')->count())->toBe(0)->and(array_unique($ids))->toHaveCount(count($ids));
                foreach ($ids as $id) {
                    expect($page->filter("label[for=\"$id\"]")->count())->toBe(1);
                }

                continue;
            }
            expect($control->count())->toBe(1)->and($page->filter("label[for=\"$input\"]")->count())->toBe(1)->and($control->attr('id'))->toBe($input);
            if ($control->nodeName() === 'input' && $control->attr('type') !== 'checkbox') {
                expect((string) $control->attr('value'))->toBe(in_array($input, $inputs, true) ? $odd : '')
                    ->and((string) $control->attr('autocomplete'))->not->toBe('');
            } elseif ($control->nodeName() === 'textarea') {
                expect($control->text())->toBe(in_array($input, $inputs, true) ? $odd : '');
            }
        }
        expect($page->filter('b b, [checked], [selected], script')->count())->toBe(0);
    }
    expect(FieldKinds::get($kind->id()))->toEqual($kind)->and(FieldKinds::disclosedAs($kind->id().'-2'))->toEqual($kind);
})->with($kinds);

test('whatever its kind, help and what is wrong are read out with the field, and every id stands once', function (FieldKind $kind, bool $help): void {
    $page = formWith($kind, Language::English, errors: [new FieldMessage('one-more', 'This is wrong.')], help: $help);
    $told = $page->filter($kind->labelling() === Labelling::Group ? 'fieldset#one-more' : '#one-more');
    $read = array_map(static fn (string $id): string => $page->filter("#$id")->text(), explode(' ', (string) $told->attr('aria-describedby')));
    expect(implode(' ', $read))->toBe($help ? 'As on your card This is wrong.' : 'This is wrong.');
    expect($kind->labelling() === Labelling::Group || $told->attr('aria-invalid') === 'true')->toBeTrue();
    // What is right is described by its help alone, or by nothing.
    $other = $page->filter($kind->labelling() === Labelling::Group ? 'fieldset#and-another' : '#and-another');
    expect($other->attr('aria-invalid'))->toBeNull()->and($other->attr('aria-describedby'))->toBe($help ? 'and-another-notes' : null);
    $ids = $page->filter('[id]')->each(static fn (Crawler $c): string => (string) $c->attr('id'));
    expect(array_unique($ids))->toBe($ids);
})->with($kinds)->with([false, true]);

test('whatever its kind, an empty answer is one only where it may be, and no part may be more than it can hold', function (FieldKind $kind): void {
    foreach ([true, false] as $required) {
        $field = fieldOf($kind, 'x', $required);
        try {
            $read = $field->read(typed(array_map(static fn (string $input): FieldValue => new FieldValue($input, ' '), $field->inputs())));
        } catch (AnswerRefused $e) {
            $read = $e->fault;
        }
        $missing = match ($kind->meaning()) {
            FieldMeaning::Email => 'email.missing',
            FieldMeaning::Terms => 'field.terms',
            default => 'field.missing',
        };
        expect($read)->toBe($required || $kind->meaning() === FieldMeaning::Email ? $missing : '', $kind->id());
    }
    $much = typed(array_map(static fn (string $input): FieldValue => new FieldValue($input, str_repeat('9', 6000)), fieldOf($kind, 'x')->inputs()));
    expect(fn () => fieldOf($kind, 'x')->read($much))->toThrow(AnswerRefused::class);
})->with(static fn (): array => array_map(static fn (FieldKind $k): array => [$k], array_values(
    // A tick that is not "yes" and not empty was not offered; spaces alone are what nobody sends for it. A mark that is none is dropped.
    array_filter(FieldKinds::all(), static fn (FieldKind $k): bool => ! in_array($k->id(), ['choices', 'terms', 'source'], true))
)));

test('a country is meant by its name in any language that we speak, or by its code; anything else is asked again', function (): void {
    $meant = ['Sweden' => 'SE', ' schweden ' => 'SE', 'Suède' => 'SE', 'SE' => 'SE', 'se' => 'SE', 'Storbritannien' => 'GB', 'côte d’ivoire' => 'CI'];
    foreach ([...$meant, ...array_fill_keys(['Brasil', 'Europe', 'EU', 'ZZ', '<b>'], 'refused: field.country')] as $typed => $code) {
        expect(readAs('country', $typed))->toBe($code, $typed);
    }
    $country = FieldKinds::get('country');
    expect($country->meaning())->toBe(FieldMeaning::Country)
        ->and(formWith($country, Language::German)->filter('datalist#one-more-names option[value="Schweden"]')->count())->toBe(1);
});

test('a birthday is a day that was, typed in the order of the language', function (string $day, string $month, string $year, string $read): void {
    expect(readAs('birthday', $day, $month, $year))->toBe($read);
})->with([
    ['14', '5', '1990', '1990-05-14'], [' 1 ', '01', '2001', '2001-01-01'], ['29', '2', '2000', '2000-02-29'], ['27', '11', '2026', '2026-11-27'],
    ['29', '2', '1999', 'refused: field.no-day'], ['29', '2', '1900', 'refused: field.no-day'], ['31', '4', '1990', 'refused: field.no-day'],
    ['14', '', '1990', 'refused: field.no-day'], ['14', 'May', '1990', 'refused: field.no-day'], ['0', '0', '0', 'refused: field.no-day'],
    ['1', '1', '90', 'refused: field.no-birthday'], ['28', '11', '2026', 'refused: field.no-birthday'], ['1', '1', '1903', 'refused: field.no-birthday'],
]);

test('the parts of a date stand as they are written, and browsers can fill them in', function (): void {
    $order = static fn (Language $l): array => formWith(FieldKinds::get('birthday'), $l)->filter('#one-more input')
        ->each(static fn (Crawler $c): string => (string) $c->attr('autocomplete'));
    expect($order(Language::German))->toBe(['bday-day', 'bday-month', 'bday-year'])->and($order(Language::English))->toBe($order(Language::German));
});

test('an address is whole or none, and kept line by line', function (): void {
    expect(readAs('postal', ' 1 Quay Road ', 'TW1 9AB', 'Tidewick'))->toBe("1 Quay Road\nTW1 9AB\nTidewick")->and(readAs('postal', '', '', ''))->toBe('')
        ->and(readAs('postal', '1 Quay Road', '', 'Tidewick'))->toBe('refused: field.no-address')
        ->and(readAs('postal', "1 Quay\nRoad", 'TW1', 'Tidewick'))->toBe('refused: field.line');
});

test('only what is offered can be chosen, and what is kept are the words that were read', function (): void {
    expect(readAs('choice', 'seals'))->toBe('Seals & <birds>')->and(readAs('choice', 'Seals & <birds>'))->toBe('refused: field.not-offered')
        ->and(readAs('choices', 'yes', 'yes'))->toBe("Seals & <birds>\nWalks")->and(readAs('choices', '', 'yes'))->toBe('Walks')
        ->and(readAs('choices', 'on'))->toBe('refused: field.not-offered')->and(readAs('choices', '', ''))->toBe('')
        ->and(readAs('language', 'sv'))->toBe('sv')->and(readAs('language', 'xx'))->toBe('refused: field.not-offered');
    expect(readAs('pick', 'walks'))->toBe('Walks')->and(readAs('pick', 'Walks'))->toBe('refused: field.not-offered')->and(readAs('pick', ''))->toBe('');
    $radios = formWith(FieldKinds::get('pick'), Language::German, [new FieldValue('and-another', 'walks')])->filter('fieldset input[type=radio]');
    expect($radios->count())->toBeGreaterThan(1)->and($radios->filter('[checked]')->attr('value'))->toBe('walks')
        ->and(formWith(FieldKinds::get('pick'), Language::German)->filter('[checked]')->count())->toBe(0);
    $page = formWith(FieldKinds::get('choices'), Language::German, [new FieldValue('and-another-walks', 'yes')]);
    expect($page->filter('[checked]')->count())->toBe(1)->and($page->filter('#and-another-walks[checked]')->count())->toBe(1)
        ->and($page->filter('label[for="and-another-walks"]')->text())->toBe('Wanderungen');
    expect(formWith(FieldKinds::get('choice'), Language::German, [new FieldValue('and-another', 'seals')])->filter('option[selected]')->text())->toBe('Robben');
});

test('a message keeps its lines, and nothing that cannot be seen', function (): void {
    expect(readAs('message', " Dear all,\r\n\r\n\tthe lamp is out.\r"))->toBe("Dear all,\n\n\tthe lamp is out.")
        ->and(readAs('message', "a\0b"))->toBe('refused: field.unseen')->and(readAs('message', str_repeat('ü', 5000)))->toBe(str_repeat('ü', 5000))
        ->and(readAs('message', str_repeat('ü', 5001)))->toBe('refused: field.too-long');
    $page = formWith(FieldKinds::get('message'), Language::English, [new FieldValue('and-another', "\nfirst line empty")]);
    expect($page->filter('#and-another')->getNode(0)?->textContent)->toContain('first line empty');
});

test('a phone number is meant as it is written where visitors come from, and kept as E.164', function (string $written, string $kept): void {
    // The form is in English, and visitors come from Germany and the United Kingdom. Numbers are reserved for drama where a range is.
    expect(readAs('phone', $written))->toBe($kept);
})->with([
    ['+46 8 465 004 01', '+46846500401'], ['020 7946 0123', '+442079460123'], ['0049 30 23125001', '+493023125001'],
    ['+1 (506) 555-0123', '+15065550123'], ['+44 7700 900123', '+447700900123'], [' 0171 3920005 ', '+491713920005'],
    ['030 23125 001', '+443023125001'], ['12', 'refused: field.phone'],
    ['call me', 'refused: field.phone'], ['+999 12345678', 'refused: field.phone'], ['', ''],
    ["030\n23125", 'refused: field.line'], [str_repeat('1', 31), 'refused: field.too-long'],
]);

test('a number is meant as it is written in the country that its person names, and otherwise as before', function (string $country, string $kept): void {
    $read = fieldOf(FieldKinds::get('phone'), 'x')->read(typed([new FieldValue('x', '08 465 004 01')])->from(Country::find($country)));
    expect($read)->toBe($kept);
})->with([['SE', '+46846500401'], ['', readAs('phone', '08 465 004 01')]]);

test('what could be a number of several countries is one of where most speak the language of the form', function (): void {
    expect(readIn(Language::German, 'phone', '030 23125 001'))->toBe('+493023125001')
        ->and(readIn(Language::English, 'phone', '030 23125 001'))->toBe('+443023125001')
        // In a language of neither, the first country of the sheet.
        ->and(readIn(Language::French, 'phone', '030 23125 001'))->toBe('+493023125001');
});

test('whatever its kind, an answer that was kept is typed again as it was meant', function (string $kind, string ...$parts): void {
    $field = fieldOf(FieldKinds::get($kind), 'x');
    $kept = readIn(Language::German, $kind, ...$parts);
    $again = $field->typedAs($kept, Language::German);
    expect($kept)->not->toStartWith('refused')->and($field->read(typed($again, Language::German)))->toBe($kept)
        ->and($field->read(typed($field->typedAs('', Language::German), Language::German)))->toBe('');
})->with([
    ['birthday', '9', '2', '2000'], ['postal', '1 Quay Road', 'TW1 9AB', 'Tidewick on Sea'], ['choice', 'walks'], ['pick', 'walks'], ['choices', 'yes', 'yes'],
    ['choices', '', 'yes'],
    ['language', 'da'], ['country', 'Schweden'], ['phone', '030 23125 001'], ['message', "Two\nlines"], ['last-name', 'Thormann'],
]);
