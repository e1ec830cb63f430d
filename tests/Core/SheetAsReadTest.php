<?php

declare(strict_types=1);

use Database\Demo\ContactForm;
use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Judgement;
use Juramen\Audit\Note;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Canon\Document;
use Juramen\Points\FormRenderer;
use Juramen\Points\FrozenForm;
use Juramen\Points\Sheet;
use Juramen\Points\SheetDraft;
use Juramen\Register\Language;
use Tests\Support\Words;

/* A sheet is judged by what a visitor will see of it: whatever its fields, answers and lines say is read as on any form, and found where it is written. */

/** @param  array<string, mixed>  $change */
function sheetOf(string $kind, array $change): Sheet
{
    $sheet = $kind === 'contact' ? ContactForm::SHEET : FooterNewsletter::SHEET;

    return House::registers()->complete(SheetDraft::from(Document::from(array_replace($sheet, ['languages' => ['en'], 'countries' => ['GB']], $change))));
}

/** @return list<string> */
function foundOnSheet(Sheet $sheet): array
{
    return array_map(
        static fn (Note $n): string => "{$n->result->requirement->id()} {$n->result->verdict->value} {$n->result->place()?->text()}",
        Judgement::ofSheet($sheet, House::registers(), fn () => Words::form())->notes
    );
}

/**
 * A sheet with one more field.
 *
 * @param  list<string>  $answers
 * @return array<string, mixed>
 */
function withField(string $sheet, string $kind, string $label, array $answers = [], string $reason = 'it is needed'): array
{
    $options = array_map(static fn (string $answer, int $n): array => ['id' => "o$n", 'label' => ['en' => $answer]], $answers, array_keys($answers));

    return ['fields' => [
        ...($sheet === 'contact' ? ContactForm::SHEET : FooterNewsletter::SHEET)['fields'],
        ['id' => 'more', 'kind' => $kind, 'label' => ['en' => $label], 'required' => false, 'reason' => $reason, 'options' => $options],
    ]];
}

$offers = 'Would you like our offers by email?';
$asked = fn (string $at): array => ["purpose-said weakness fields/more/$at", "wording-approved weakness fields/more/$at"];

test('a question of the sheet\'s own that asks for consent is judged as one, and says that it gives no permission', function (
    string $kind, string $label, array $answers, array $expected
): void {
    expect(foundOnSheet(sheetOf('contact', withField('contact', $kind, $label, $answers))))->toEqualCanonicalizing($expected);
})->with([
    'a list' => ['choice', $offers, ['Yes please', 'No thanks'], $asked('label/en')],
    'answers in sight' => ['pick', $offers, ['Yes please', 'No thanks'], $asked('options/o0/label/en')],
    'a tick' => ['choices', 'Stay in touch', ['Yes, email me your offers'], $asked('options/o0/label/en')],
    'a tick that means no' => ['choices', 'Offers', ['Do not send me your offers'], [
        ...$asked('options/o0/label/en'), 'asks-yes-not-no breach fields/more/options/o0/label/en',
    ]],
    'what a message is about' => ['choices', 'What are you writing about?', ['Freight', 'The newsletter'], []],
    'where somebody heard of us' => ['choice', 'How did you hear of us?', ['Newsletter', 'A friend'], []],
    'how somebody is reached' => ['choice', 'How may we reach you?', ['By email', 'By phone'], []],
]);

test('what a field asks for is told by its words, where its kind does not say it', function (
    string $sheet, string $kind, string $label, array $answers, array $expected
): void {
    expect(foundOnSheet(sheetOf($sheet, withField($sheet, $kind, $label, $answers, $sheet === 'contact' ? 'it is needed' : ''))))->toBe($expected);
})->with([
    'a friend\'s address' => ['contact', 'line', 'Email address of a friend', [], ['no-friends-address breach fields/more']],
    'somebody\'s health' => ['contact', 'choices', 'Do you have', ['Diabetes', 'Asthma'], ['special-data open fields/more']],
    'who employs somebody' => ['newsletter', 'line', 'Company', [], ['fields-needed weakness fields/more']],
    'a gender' => ['newsletter', 'choice', 'You are', ['A woman', 'A man'], ['fields-needed weakness fields/more']],
    'what interests somebody' => ['newsletter', 'choices', 'What interests you?', ['Voyages', 'Islands'], []],
]);

test('terms with advertising in the same box are found; a bare "I accept" is none', function (string $label, string $name, array $expected): void {
    $field = ['id' => 'more', 'kind' => 'terms', 'label' => ['en' => $label], 'required' => true, 'reason' => 'so that they hold',
        'terms' => ['name' => ['en' => $name], 'link' => ['en' => 'https://tidewick.example/terms']]];
    expect(foundOnSheet(sheetOf('newsletter', ['fields' => [...FooterNewsletter::SHEET['fields'], $field]])))->toEqualCanonicalizing($expected);
})->with([
    'terms' => ['I accept', 'terms', []],
    'the notice' => ['I accept', 'privacy policy', ['notice-not-agreed weakness fields/more/label/en']],
    'offers besides' => ['I accept the terms and agree to receive offers by email', 'terms', [
        'apart-from-terms breach fields/more/label/en', 'purpose-said weakness fields/more/label/en', 'wording-approved weakness fields/more/label/en',
    ]],
]);

test('what a line of the sheet says is found where it is written', function (string $sheet, array $change, array $expected): void {
    expect(foundOnSheet(sheetOf($sheet, $change)))->toBe($expected);
})->with([
    'under the title' => ['contact', ['purpose-line' => ['en' => 'By sending this form you agree to receive our offers by email.']],
        ['no-consent-by-sending breach purpose-line/en']],
    'in the title' => ['newsletter', ['title' => ['en' => 'Offers from us and our partners']],
        ['consent-asked breach title/en', 'recipients-named breach title/en']],
    'in a field\'s help' => [
        'contact', ['fields' => [['id' => 'email', 'kind' => 'email', 'label' => ['en' => 'Email'], 'required' => true, 'reason' => 'our answer goes there',
            'help' => ['en' => 'By giving your email you agree to receive our newsletter.']]]],
        ['no-consent-by-sending breach fields/email/help/en'],
    ],
    'the notice, to be accepted' => ['contact', ['purpose-line' => ['en' => 'By sending this form you accept our privacy policy.']],
        ['notice-not-agreed weakness purpose-line/en']],
    'a demand of the tick, beside a box for terms' => [
        'contact', ['purpose-line' => ['en' => 'We can only answer if you tick the box for our news.'], 'fields' => [...ContactForm::SHEET['fields'], [
            'id' => 'more', 'kind' => 'terms', 'label' => ['en' => 'I accept'], 'required' => true, 'reason' => 'so that they hold', 'terms' => [
                'name' => ['en' => 'terms'], 'link' => ['en' => 'https://tidewick.example/terms'],
            ],
        ]]], ['not-a-condition breach purpose-line/en'],
    ],
    'in the second version' => ['contact', ['second' => ['purpose-line' => ['en' => 'On sending you agree to our newsletter.']]],
        ['no-consent-by-sending breach second/purpose-line/en']],
]);

test('whatever is found of the page that a sheet makes is found of the sheet', function (string $sheet, array $change): void {
    $whole = sheetOf($sheet, $change);
    $pages = (new FormRenderer($whole->filled(), House::registers()->controller($whole->draft->controller), '/LANGUAGE', '/look.css'))
        ->pages(Language::English, Words::form());
    $judged = array_merge(...array_map(
        static fn (FrozenForm $page): array => Requirements::judge(HtmlReader::read($page->html, 'https://tidewick.example/form')[0]), $pages
    ));
    $ofPage = array_map(static fn (Result $r): string => $r->requirement->id(), array_filter($judged, static fn (Result $r): bool => $r->verdict->isFinding()));
    $ofSheet = array_map(static fn (string $found): string => explode(' ', $found)[0], foundOnSheet($whole));
    expect(array_values(array_diff($ofPage, $ofSheet)))->toBe([])->and($ofPage)->not->toBe([]);
})->with([
    [fn () => 'contact', fn () => withField('contact', 'choice', 'Would you like offers from our partners by phone?', ['Yes', 'No'])],
    [fn () => 'contact', fn () => withField('contact', 'choices', 'Send me', ['Partner offers by post', 'The monthly newsletter'])],
    [fn () => 'contact', fn () => withField('contact', 'line', 'A friend\'s phone number')],
    [fn () => 'contact', fn () => ['purpose-line' => ['en' => 'Unless you object, we will send you our news.']]],
    [fn () => 'contact', fn () => ['purpose-line' => ['en' => 'You must agree to our newsletter to get an answer.']]],
    [fn () => 'newsletter', fn () => ['purpose-line' => ['en' => 'We pass your address on to our partners for their own offers.']]],
    [fn () => 'newsletter', fn () => ['purpose-line' => ['en' => 'Withdrawal costs 5 pounds.']]],
    [fn () => 'newsletter', fn () => ['purpose-line' => ['en' => 'Only 5 minutes left!']]],
    [fn () => 'newsletter', fn () => withField('newsletter', 'birthday', 'Date of birth', [], '')],
]);
