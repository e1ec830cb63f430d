<?php

declare(strict_types=1);

use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Juramen\Audit\Judgement;
use Juramen\Canon\Digest;
use Juramen\Canon\InvalidDocument;
use Juramen\Points\InvalidSheet;
use Juramen\Points\RecordDifference;
use Juramen\Points\Registers;
use Juramen\Points\Sheet;
use Juramen\Register\Controller;
use Juramen\Register\Departure;
use Juramen\Register\Holding;
use Juramen\Register\HouseRules;
use Juramen\Register\InvalidRegister;
use Juramen\Register\Language;
use Juramen\Register\PointRules;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;
use Juramen\Register\Regime;
use Juramen\Register\Rule;
use Juramen\Wording\Fillings;
use Juramen\Wording\Library;
use Juramen\Wording\LibraryRow;
use Juramen\Wording\Markup;
use Juramen\Wording\NoticeParagraph;
use Juramen\Wording\Starters;
use Juramen\Wording\Statement;
use Juramen\Wording\Unfilled;

/* Registers, rules and what is made of them. */

function statement(string $text, string $language = 'en', string $purpose = 'voyage-news'): Statement
{
    return Statement::from(['id' => 'x', 'purpose' => $purpose, 'channels' => ['email'], 'texts' => [$language => $text]]);
}

/** @return array<string, Holding> */
function holdings(HouseRules $house, array $countries, array $departures = []): array
{
    $registers = new Registers($house, [], [], [], []);
    $all = $registers->holdings(['countries' => $countries, 'departures' => $departures]);

    return array_combine(array_map(static fn (Holding $h): string => $h->rule->value, $all), $all);
}

test('a sheet with its registers becomes whole: words filled, rules inherited', function (): void {
    $whole = Sheet::read(FooterNewsletter::whole());
    expect($whole->statements[0]->texts->in(Language::German))->toBe('Ja, Tidewick Ferries darf mir einmal im Monat neue Fahrten und Preise per E-Mail schicken. Ich kann das jederzeit über den Link in jeder E-Mail widerrufen.')
        ->and($whole->statements[0]->edition())->toEqual(Digest::of('voyage-news'))->and($whole->statements[0]->isApproved())->toBeTrue()->and($whole->rules)->toEqual(new PointRules);
    // What is whole already comes out the same.
    $document = FooterNewsletter::whole();
    expect(House::registers()->complete($document))->toEqual($document);
});

test('a sheet that names what is not in the registers is refused', function (array $change, string $says): void {
    expect(fn () => House::registers()->complete(array_replace(FooterNewsletter::SHEET, $change)))->toThrow(InvalidDocument::class, $says);
})->with([
    [['statements' => [['id' => 'nothing']]], 'no statement "nothing"'], [['statements' => ['x']], 'without saying which'],
    [['departures' => ['lapse-days' => ['value' => 9, 'reason' => '']]], 'needs a reason'], [['departures' => ['lapse-days' => ['value' => true, 'reason' => 'Because we would like it so.']]], '1 to 30 days'],
]);

test('a reminder has to come before the sign-up lapses; where the house moves the end before it, there is none', function (): void {
    $document = array_replace(FooterNewsletter::SHEET, ['departures' => ['reminder-days' => ['value' => 5, 'reason' => 'Because we would like it so.']]]);
    House::registers()->check($document);
    $shorter = House::registers()->with(new HouseRules(new PointRules(lapseDays: 4)));
    expect(fn () => $shorter->check($document))->toThrow(InvalidRegister::class, 'comes too late')
        ->and($shorter->complete($document)['rules']['reminder-days'])->toBe(0)->and(House::registers()->complete($document)['rules']['reminder-days'])->toBe(5);
});

test('no form of ours offers a tick box for what does not stand on consent', function (): void {
    $purpose = Purpose::from([...House::VOYAGE_NEWS, 'basis' => 'existing-customer']);
    expect(fn () => House::registers()->with($purpose)->complete(FooterNewsletter::SHEET))->toThrow(InvalidSheet::class, 'does not ask for consent');
});

test('which rule holds, and why: house, the law of a place, or a departure with its reason', function (): void {
    $off = new HouseRules(new PointRules(doubleOptIn: false, lapseDays: 5));
    $reason = ['reason' => 'Islanders read their mail once a week.', 'by' => 'Malin Fors', 'on' => '2026-05-14'];
    $is = static fn (Holding $h): array => [$h->value, $h->origin(), $h->why()];
    expect($is(holdings($off, ['SE'])['double-opt-in']))->toBe([false, 'house', 'the house rule'])
        ->and($is(holdings($off, ['SE', 'DE'])['double-opt-in']))->toBe([true, 'regime', 'Germany (BGH I ZR 164/09; UWG 7(2)) demands it'])
        ->and(holdings($off, ['AT'])['double-opt-in']->why())->toContain('Austria')
        // Nobody knows where they come from: the strictest place decides, unless the house says otherwise.
        ->and(holdings($off, [])['double-opt-in']->value)->toBeTrue()->and(holdings(new HouseRules($off->points, unknownIsStrict: false), [])['double-opt-in']->value)->toBeFalse()
        ->and($is(holdings($off, ['SE'], ['lapse-days' => ['value' => 10, ...$reason]])['lapse-days']))->toBe([10, 'departure', 'a departure (Malin Fors 2026-05-14): Islanders read their mail once a week.'])
        ->and(holdings(new HouseRules, ['DE'], ['double-opt-in' => ['value' => false, ...$reason]])['double-opt-in']->defiesRegime())->toBeTrue()
        ->and(holdings(new HouseRules, ['SE'], ['double-opt-in' => ['value' => false, ...$reason]])['double-opt-in']->defiesRegime())->toBeFalse();
});

test('whatever countries, house and departures are, each rule holds once, a departure before the law before the house', function (): void {
    mt_srand(11);
    $countries = ['DE', 'AT', 'GB', 'CA', 'SE', 'DK', 'FR', 'US', 'JP'];
    for ($run = 0; $run < 500; $run++) {
        $house = new HouseRules(new PointRules((bool) mt_rand(0, 1), mt_rand(8, 30), (bool) mt_rand(0, 1), (bool) mt_rand(0, 1), mt_rand(0, 5)), unknownIsStrict: (bool) mt_rand(0, 1));
        $from = array_values(array_filter($countries, static fn (): bool => mt_rand(0, 3) === 0));
        $departures = mt_rand(0, 1) === 1 ? ['double-opt-in' => ['value' => (bool) mt_rand(0, 1), 'reason' => 'Written down for a reason.', 'by' => '', 'on' => '']] : [];
        $all = holdings($house, $from, $departures);
        expect(array_keys($all))->toBe(array_column(Rule::cases(), 'value'));
        $strict = array_intersect($from, ['DE', 'AT']) !== [] || ($from === [] && $house->unknownIsStrict);
        $expected = $departures !== [] ? $departures['double-opt-in']['value'] : ($strict || $house->points->doubleOptIn);
        expect($all['double-opt-in']->value)->toBe($expected)->and($all['lapse-days']->value)->toBe($house->points->lapseDays)->and($all['lapse-days']->origin())->toBe('house');
    }
});

test('a departure without a reason, or with a word for one, cannot be made', function (mixed $data): void {
    expect(fn () => Departure::from('lapse-days', $data))->toThrow(InvalidRegister::class, 'needs a reason');
})->with([[null], [['value' => 9]], [['value' => 9, 'reason' => '   ']], [['value' => 9, 'reason' => 'because']], [['value' => 9, 'reason' => str_repeat('x', 501)]], [['value' => 9, 'reason' => ['x']]]]);

test('house rules keep within what the law and sense allow', function (array $change, string $says): void {
    expect(fn () => HouseRules::from([...(new HouseRules)->toArray(), ...$change]))->toThrow(InvalidRegister::class, $says);
})->with([
    [['lapse-days' => 31], '1 to 30 days'], [['reminder-days' => 7], 'comes too late'], [['refresh-months' => ['email' => 61]], '1 to 60 months'], [['refresh-months' => ['pigeon' => 6]], 'pigeon'],
    [['child-ages' => ['DE' => 13]], 'from 16 to 18'], [['child-ages' => ['GB' => 12]], 'from 13 to 18'], [['languages' => ['xx']], 'language we do not know'], [['double-opt-in' => 'yes'], 'yes or no'], [['retention-days' => ['held' => 0]], '1 to 3650'],
]);

test('rules and register entries come back from their documents as they were', function (): void {
    $rules = new HouseRules(new PointRules(false, 9, false, false, 3), false, [Language::Swedish], ['email' => 12, 'sms' => 24, 'phone' => 24, 'post' => 36, 'messaging' => 24], ['held' => 3, 'enquiry' => 9, 'withdrawn' => 100], ['GB' => 15], false);
    expect(HouseRules::from($rules->toArray()))->toEqual($rules);
    foreach (House::PURPOSES as $purpose) {
        expect(Purpose::from($purpose)->toArray())->toEqual($purpose);
    }
    foreach (House::PROCESSORS as $processor) {
        expect(Processor::from($processor)->toArray())->toEqual($processor);
    }
    expect(Controller::from(House::ATLANTIC)->toArray())->toEqual(House::ATLANTIC)->and(Statement::from(House::DRAW_NEWS)->toArray())->toEqual(House::DRAW_NEWS);
});

test('every country of the EEA has a regime and an age of consent that GDPR allows', function (): void {
    foreach (['AT', 'BE', 'BG', 'CY', 'CZ', 'DE', 'DK', 'EE', 'ES', 'FI', 'FR', 'GR', 'HR', 'HU', 'IE', 'IS', 'IT', 'LI', 'LT', 'LU', 'LV', 'MT', 'NL', 'NO', 'PL', 'PT', 'RO', 'SE', 'SI', 'SK'] as $country) {
        expect(Regime::of($country))->not->toBeNull()->and(Regime::childAge($country))->toBeGreaterThanOrEqual(13)->toBeLessThanOrEqual(16);
    }
    expect(Regime::of('US'))->toBeNull()->and(Regime::ofAll(['US']))->toBe([])->and(Regime::ofAll([]))->toBe(Regime::cases());
});

test('what a processor\'s record lacks is named', function (array $change, array $expected): void {
    $whole = ['id' => 'x', 'name' => 'X', 'controller' => 't', 'own' => false, 'purposes' => [], 'does' => 'sends', 'contract' => 'of 3 March', 'country' => 'DE', 'transfer' => '', 'until' => '2027-01-01'];
    expect(count(Processor::from([...$whole, ...$change])->lacks('2026-11-25')))->toBe(count($expected))
        ->and(implode(' ', Processor::from([...$whole, ...$change])->lacks('2026-11-25')))->toContain(...($expected === [] ? [''] : $expected));
})->with([
    'whole' => [[], []], 'no contract' => [['contract' => ' '], ['No contract']], 'ended' => [['until' => '2026-11-24'], ['ended on 2026-11-24']], 'last day' => [['until' => '2026-11-25'], []],
    'outside, without ground' => [['country' => 'US'], ['no ground of the transfer']], 'outside, with ground' => [['country' => 'US', 'transfer' => 'standard clauses'], []], 'the United Kingdom is found adequate' => [['country' => 'GB'], []], 'nowhere' => [['country' => ''], ['where it keeps']],
]);

test('placeholders are filled from the registers; what cannot be says why', function (string $text, string $language, string $filled, array $missing): void {
    $fillings = House::registers()->fillings('voyage-news');
    $words = Markup::words($fillings->fill(statement($text, $language))->texts->in(Language::from($language)));
    expect($words)->toBe($filled)->and(array_map(static fn (Unfilled $u): string => $u->name, $fillings->missing(statement($text, $language))))->toBe($missing);
})->with([
    ['{controller}, {rate}. See the {notice}.', 'en', 'Tidewick Ferries, once a month. See the privacy notice.', []],
    ['{controller}, {rate}. {withdrawal}', 'sv', 'Tidewick Ferries, en gång i månaden. Jag kan när som helst återkalla det via länken i varje mejl.', []],
    ['{rate} {notice}', 'fr', '… …', ['rate', 'notice']], ['{recipients}', 'en', '…', ['recipients']], ['{ratte} {controller}', 'de', '… Tidewick Ferries', ['ratte']],
    ['{ rate } { } {{rate}}', 'en', '{ rate } { } {once a month}', []],
]);

test('nothing that a register says is taken for markup', function (): void {
    $odd = Controller::from([...House::TIDEWICK, 'name' => '*Tide_wick_* [Ferries](javascript:x) <b>']);
    $fillings = new Fillings($odd, Purpose::from(House::VOYAGE_NEWS), []);
    $text = $fillings->fill(statement('Yes, {controller} may write.'))->texts->in(Language::English);
    expect(Markup::words($text))->toBe('Yes, *Tide_wick_* [Ferries](javascript:x) <b> may write.')->and(Markup::html($text))->not->toContain('<em>', '<b>', 'href');
});

test('markup is emphasis and links, and nothing else', function (string $text, string $html, string $words): void {
    expect(Markup::html($text))->toBe($html)->and(Markup::words($text))->toBe($words);
})->with([
    ['a *b* **c**', 'a <em>b</em> <strong>c</strong>', 'a b c'],
    ['[us](https://tidewick.example/a)', '<a href="https://tidewick.example/a" target="_blank" rel="noopener noreferrer">us</a>', 'us'],
    ['<script>alert(1)</script>', '&lt;script&gt;alert(1)&lt;/script&gt;', '<script>alert(1)</script>'],
    ['[x](javascript:alert(1))', '<a target="_blank" rel="noopener noreferrer">x</a>', 'x'],
    ["# one\n\n- two", '# one - two', '# one - two'], ['![x](https://a.example/p.png)', '', ''],
    ["\u{202e}abc \u{1F6A2} שלום", "\u{202e}abc \u{1F6A2} שלום", "\u{202e}abc \u{1F6A2} שלום"], ['5 * 3 * 2', '5 * 3 * 2', '5 * 3 * 2'],
]);

test('every starter is sound in every language it speaks, once its recipients are named', function (): void {
    expect(count(Starters::all()))->toBeGreaterThanOrEqual(15);
    foreach (Starters::all() as $starter) {
        expect(array_keys($starter->words))->toBe(['en', 'de', 'fr']);
        $purpose = Purpose::from($starter->purpose('tidewick-ferries'));
        $statement = Statement::from($starter->statement($starter->id, $starter->id));
        $registers = House::registers()->with(Controller::from([...House::TIDEWICK, 'notice' => ['en' => 'https://a.example', 'de' => 'https://a.example', 'fr' => 'https://a.example'], 'notice-text' => []]))
            ->with($purpose)->with($statement)->with(Processor::from(['id' => 'm', 'name' => 'Harbour Media', 'controller' => 'tidewick-ferries', 'own' => true, 'purposes' => [$purpose->id]]));
        $findings = array_map(static fn ($n): string => "{$starter->id}: {$n->result->verdict->value} {$n->result->says}", array_filter(Judgement::ofStatement($statement, $registers)->notes, static fn ($n): bool => $n->result->verdict->value !== 'open'));
        expect($registers->unfilled($statement))->toBe([])->and($findings)->toBe([]);
    }
});

test('the paragraph for the notice says each purpose with its channels, and what could not be said', function (): void {
    $asked = [[Purpose::from(House::VOYAGE_NEWS), [Juramen\Register\Channel::Email, Juramen\Register\Channel::Post], []]];
    $german = NoticeParagraph::of(Language::German, $asked);
    expect(implode("\n", $german->sentences))->toContain('– Neues von Bord: neue Fahrten und Preise, einmal im Monat, per E-Mail und per Post.', 'jederzeit so einfach widerrufen', '36 Monate')->and($german->lacks)->toBe([])
        ->and(NoticeParagraph::of(Language::French, $asked)->lacks)->toHaveCount(2)->and(NoticeParagraph::of(Language::English, [])->sentences)->toBe([]);
    foreach (Language::cases() as $language) {
        expect(count(NoticeParagraph::of($language, $asked)->sentences))->toBe(4);
    }
});

test('texts that come back are compared, and a damaged placeholder is caught', function (array $row, ?string $fault): void {
    $register = ['voyage-news' => Statement::from(House::VOYAGE_NEWS_WORDS)];
    $library = Library::compare($register, [array_combine(['statement', 'language', 'text'], $row)]);
    expect($library->rows[0]->fault === null ? null : true)->toBe($fault === null ? null : true)->and((string) $library->rows[0]->fault)->toContain((string) $fault)
        ->and($library->missing)->toHaveCount($row[0] === 'voyage-news' && isset(House::VOYAGE_NEWS_WORDS['texts'][$row[1]]) ? 3 : 4);
})->with([
    'sound' => [['voyage-news', 'en', 'Yes, {controller} may write {rate}. {withdrawal}'], null], 'new language' => [['voyage-news', 'fr', 'Oui, {controller} peut m’écrire {rate}. {withdrawal}'], null],
    'translated' => [['voyage-news', 'de', 'Ja, {Verantwortlicher} darf {rate} schreiben. {withdrawal}'], '{Verantwortlicher} is no placeholder'], 'lost' => [['voyage-news', 'de', 'Ja, {controller} darf schreiben. {withdrawal}'], '{rate} is gone'],
    'cut' => [['voyage-news', 'de', 'Ja, {controller darf {rate} schreiben. {withdrawal}'], 'damaged'], 'spaced' => [['voyage-news', 'de', 'Ja, { controller } darf {rate} schreiben. {withdrawal}'], 'damaged'],
    'added' => [['voyage-news', 'de', 'Ja, {controller} darf {rate} {recipients} schreiben. {withdrawal}'], 'has come in'], 'unknown statement' => [['other', 'de', 'x'], 'no statement'], 'unknown language' => [['voyage-news', 'xx', 'x'], 'not a language'],
    'too long' => [['voyage-news', 'en', str_repeat('x', 5001)], 'more than 5000'],
]);

test('an unchanged text is no change, an empty one waits, a text given twice is a fault', function (): void {
    $register = ['voyage-news' => Statement::from(House::VOYAGE_NEWS_WORDS)];
    $row = static fn (string $language, string $text): array => ['statement' => 'voyage-news', 'language' => $language, 'text' => $text];
    $library = Library::compare($register, [$row('en', ' '.House::VOYAGE_NEWS_WORDS['texts']['en'].' '), $row('fr', ''), $row('de', 'x'), $row('de', 'y')]);
    expect($library->changes())->toBe([])->and($library->rows[1]->isEmpty())->toBeTrue()->and(array_map(static fn (LibraryRow $r): int => $r->line, $library->faults()))->toBe([3, 4]);
});

test('a difference of documents names each place that changed', function (): void {
    $difference = RecordDifference::between((new HouseRules)->toArray(), (new HouseRules(new PointRules(lapseDays: 10), languages: [Language::English]))->toArray());
    expect(array_keys($difference))->toBe(['lapse-days', 'languages'])->and($difference['lapse-days']->runs)->toBe([['gone', '7'], ['new', '10']])
        ->and(RecordDifference::between(House::TIDEWICK, array_reverse(House::TIDEWICK)))->toBe([]);
});

test('the mends of a statement make it sound, one after the other, in the template\'s own words', function (string $language, string $text, string $mended): void {
    $registers = House::registers()->with(Processor::from(['id' => 'm', 'name' => 'Harbour Media', 'controller' => 'tidewick-ferries', 'own' => true, 'purposes' => ['voyage-news']]));
    $document = Statement::from(['id' => 'x', 'purpose' => 'voyage-news', 'channels' => ['email'], 'texts' => [$language => $text]])->toArray();
    for ($i = 0; $i < 6; $i++) {
        $changes = array_filter(array_map(static fn ($n) => $n->result->change, Judgement::ofStatement(Statement::from($document), $registers)->notes));
        if ($changes === []) {
            break;
        }
        $document = array_values($changes)[0]->apply($document);
    }
    expect($document['texts'][$language])->toBe($mended);
})->with([
    ['en', 'I accept the terms and conditions and {controller} may send me updates and offers.', '{controller} may send me new sailings and fares and offers {rate}. {withdrawal}'],
    ['de', 'Die Reisebedingungen habe ich gelesen, und {controller} darf mir neue Fahrten und Preise mailen.', '{controller} darf mir neue Fahrten und Preise mailen {rate}. {withdrawal}'],
    ['sv', 'Jag godkänner integritetspolicyn och {controller} får mejla mig nya turer och priser varje månad.', '{controller} får mejla mig nya turer och priser varje månad. {withdrawal}'],
    ['en', 'Yes, {controller} may pass my address to selected companies once. {withdrawal}', 'Yes, {controller} may pass my address to selected companies ({recipients}) once. {withdrawal}'],
    // No whole sentence would be left: no mend is offered for it.
    ['en', 'I accept the terms and want sailings and fares by email once a month. {withdrawal}', 'I accept the terms and want sailings and fares by email once a month. {withdrawal}'],
]);
