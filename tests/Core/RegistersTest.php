<?php

declare(strict_types=1);

use Database\Demo\FooterNewsletter;
use Database\Demo\House;
use Juramen\Audit\Judgement;
use Juramen\Canon\ById;
use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\Document;
use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Refused;
use Juramen\Canon\Slug;
use Juramen\Points\RecordDifference;
use Juramen\Points\Records;
use Juramen\Points\Registers;
use Juramen\Points\SheetDraft;
use Juramen\Register\AppliedRule;
use Juramen\Register\Audience;
use Juramen\Register\Controller;
use Juramen\Register\Country;
use Juramen\Register\Departure;
use Juramen\Register\HouseRules;
use Juramen\Register\Language;
use Juramen\Register\PointRules;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;
use Juramen\Register\RecordKind;
use Juramen\Register\Regime;
use Juramen\Register\Rule;
use Juramen\Wording\AskedPurpose;
use Juramen\Wording\Fillings;
use Juramen\Wording\Library;
use Juramen\Wording\LibraryRow;
use Juramen\Wording\LibraryText;
use Juramen\Wording\Markup;
use Juramen\Wording\NoticeParagraph;
use Juramen\Wording\Starters;
use Juramen\Wording\Statement;
use Juramen\Wording\Unfilled;

/* Registers, rules and what is made of them. */

function statement(string $text, string $language = 'en', string $purpose = 'voyage-news'): Statement
{
    return Statement::from(Document::from(['id' => 'x', 'purpose' => $purpose, 'channels' => ['email'], 'texts' => [$language => $text]]));
}

/** @return array<string, AppliedRule> by rule */
function applied(array $house, array $countries, array $departures = []): array
{
    $draft = SheetDraft::from(Document::from([...FooterNewsletter::SHEET, 'countries' => $countries, 'departures' => $departures]));
    $all = Registers::of([HouseRules::from(Document::from($house))])->applied($draft);

    return array_combine(array_map(static fn (AppliedRule $a): string => $a->rule->value, $all), $all);
}

function refusal(callable $do): ?DraftRefusal
{
    try {
        $do();
    } catch (Refused $e) {
        return $e->grounds[0]->refusal;
    }

    return null;
}

function draft(array $change): SheetDraft
{
    return SheetDraft::from(Document::from(array_replace(FooterNewsletter::SHEET, $change)));
}

test('a sheet with its registers becomes whole: words filled, rules inherited', function (): void {
    $whole = FooterNewsletter::whole();
    expect($whole->statements[0]->texts->in(Language::German))->toBe(
        'Ja, Tidewick Ferries darf mir einmal im Monat neue Fahrten und Preise per E-Mail schicken. Ich kann das jederzeit über den Link in jeder E-Mail widerrufen.'
    )
        ->and($whole->statements[0]->edition())->toEqual(Digest::of('voyage-news'))->and($whole->statements[0]->isApproved())->toBeTrue()->and($whole->rules)
        ->toEqual(new PointRules);
});

test('a sheet that names what is not in the registers is refused', function (): void {
    expect(refusal(fn () => House::registers()->complete(draft(['statements' => [['id' => 'nothing']]]))))->toBe(DraftRefusal::NoSuchStatement);
});

test('a reminder has to come before the sign-up lapses; where the house moves the end before it, there is none', function (): void {
    $draft = draft(['departures' => ['reminder-days' => ['value' => 5, 'reason' => 'Because we would like it so.']]]);
    House::registers()->checkDepartures($draft);
    $shorter = House::registers()->with(HouseRules::from(Document::from(['lapse-days' => 4])));
    expect(refusal(fn () => $shorter->checkDepartures($draft)))->toBe(DraftRefusal::ReminderTooLate)
        ->and($shorter->complete($draft)->rules->reminderDays)->toBe(0)->and(House::registers()->complete($draft)->rules->reminderDays)->toBe(5);
});

test('no form of ours offers a tick box for what does not stand on consent', function (): void {
    $purpose = Purpose::from(Document::from([...House::VOYAGE_NEWS, 'basis' => 'existing-customer']));
    expect(refusal(fn () => House::registers()->with($purpose)->complete(draft([]))))->toBe(DraftRefusal::NotForConsent);
});

test('which rule holds, and why: house, the law of a place, or a departure with its reason', function (): void {
    $off = ['double-opt-in' => false, 'lapse-days' => 5];
    $reason = ['reason' => 'Islanders read their mail once a week.', 'by' => 'Malin Fors', 'on' => '2026-05-14'];
    $is = static fn (AppliedRule $a): array => [$a->value, $a->origin(), $a->why()];
    expect($is(applied($off, ['SE'])['double-opt-in']))->toBe([false, 'house', 'the house rule'])
        ->and($is(applied($off, ['SE', 'DE'])['double-opt-in']))->toBe([true, 'regime', 'Germany (BGH I ZR 164/09; UWG 7(2)) demands it'])
        ->and(applied($off, ['AT'])['double-opt-in']->why())->toContain('Austria')
        // Nobody knows where they come from: the strictest place decides, unless the house says otherwise.
        ->and(applied($off, [])['double-opt-in']->value)->toBeTrue()->and(applied([...$off, 'unknown-is-strict' => false], [])['double-opt-in']->value)
        ->toBeFalse()
        ->and($is(applied($off, ['SE'], ['lapse-days' => ['value' => 10, ...$reason]])['lapse-days']))->toBe(
            [10, 'departure', 'a departure (Malin Fors 2026-05-14): Islanders read their mail once a week.']
        )
        ->and(applied([], ['DE'], ['double-opt-in' => ['value' => false, ...$reason]])['double-opt-in']->defiesRegime())->toBeTrue()
        ->and(applied([], ['SE'], ['double-opt-in' => ['value' => false, ...$reason]])['double-opt-in']->defiesRegime())->toBeFalse();
});

test('whatever countries, house and departures are, each rule holds once, a departure before the law before the house', function (): void {
    mt_srand(11);
    $countries = ['DE', 'AT', 'GB', 'CA', 'SE', 'DK', 'FR', 'US', 'JP'];
    for ($run = 0; $run < 500; $run++) {
        $house = [
            'double-opt-in' => (bool) mt_rand(0, 1), 'lapse-days' => mt_rand(8, 30), 'keep-network' => (bool) mt_rand(0, 1),
            'screening' => (bool) mt_rand(0, 1), 'reminder-days' => mt_rand(0, 5), 'unknown-is-strict' => (bool) mt_rand(0, 1),
        ];
        $from = array_values(array_filter($countries, static fn (): bool => mt_rand(0, 3) === 0));
        $departures = mt_rand(0, 1) === 1
            ? ['double-opt-in' => ['value' => (bool) mt_rand(0, 1), 'reason' => 'Written down for a reason.', 'by' => '', 'on' => '']] : [];
        $all = applied($house, $from, $departures);
        expect(array_keys($all))->toBe(array_column(Rule::cases(), 'value'));
        $strict = array_intersect($from, ['DE', 'AT']) !== [] || ($from === [] && $house['unknown-is-strict']);
        $expected = $departures !== [] ? $departures['double-opt-in']['value'] : ($strict || $house['double-opt-in']);
        expect($all['double-opt-in']->value)->toBe($expected)->and($all['lapse-days']->value)->toBe($house['lapse-days'])
            ->and($all['lapse-days']->origin())->toBe('house');
    }
});

test('a departure without a reason, or with a word for one, cannot be made', function (mixed $data): void {
    expect(refusal(fn () => Departure::check('lapse-days', $data)))->toBe(DraftRefusal::NoReason);
})->with([[null], [['value' => 9]], [['value' => 9, 'reason' => '   ']], [['value' => 9, 'reason' => 'because']],
    [['value' => 9, 'reason' => str_repeat('x', 501)]], [['value' => 9, 'reason' => ['x']]]]);

test('house rules keep within what the law and sense allow', function (array $change, DraftRefusal $refusal): void {
    $document = Document::from([...HouseRules::toStartWith()->document()->toArray(), ...$change]);
    expect(refusal(fn () => Records::check(RecordKind::Rules, $document)))->toBe($refusal);
    // What was written under other limits is read all the same.
    expect(HouseRules::from($document)->points->reminderDays)->toBeInt();
})->with([
    [['lapse-days' => 31], DraftRefusal::NotInRange], [['reminder-days' => 7], DraftRefusal::ReminderTooLate],
    [['refresh-months' => ['email' => 61]], DraftRefusal::NotInRange], [['refresh-months' => ['pigeon' => 6]], DraftRefusal::UnknownPlace],
    [['child-ages' => ['DE' => 13]], DraftRefusal::ChildAge], [['child-ages' => ['GB' => 12]], DraftRefusal::ChildAge],
    [['languages' => ['xx']], DraftRefusal::NotAmong], [['double-opt-in' => 'yes'], DraftRefusal::NotYesNo],
    [['retention-days' => ['held' => 0]], DraftRefusal::NotInRange],
]);

test('rules and register entries come back from their documents as they were', function (): void {
    $rules = Document::from([
        'double-opt-in' => false, 'lapse-days' => 9, 'keep-network' => false, 'screening' => false, 'reminder-days' => 3, 'gift-without' => false,
        'refresh-months' => ['email' => 12, 'sms' => 24, 'phone' => 24, 'post' => 36, 'messaging' => 24],
        'retention-days' => ['held' => 3, 'enquiry' => 9, 'withdrawn' => 100], 'four-eyes' => false, 'languages' => ['sv'], 'child-ages' => ['GB' => 15],
        'unknown-is-strict' => false,
    ]);
    expect(HouseRules::from($rules)->document()->json())->toBe($rules->json());
    $all = [
        [RecordKind::Controller, House::ATLANTIC], [RecordKind::Statement, House::DRAW_NEWS],
        ...array_map(static fn ($p) => [RecordKind::Purpose, $p], House::PURPOSES),
        ...array_map(static fn ($p) => [RecordKind::Processor, $p], House::PROCESSORS),
    ];
    foreach ($all as [$kind, $document]) {
        expect(Records::read($kind, Document::from($document))->document()->json())->toBe(Document::from($document)->json());
    }
});

test('every country of the EEA has a regime and an age of consent that GDPR allows', function (): void {
    $in = static fn (string ...$codes): array => array_map(Country::parse(...), $codes);
    foreach (Country::choices() as $country) {
        expect($country->regime() !== null)->toBe($country->isInEea() || in_array($country->code, ['GB', 'CH', 'CA'], true))->and($country->childAge())
            ->toBeGreaterThanOrEqual(13)->toBeLessThanOrEqual(16);
    }
    expect(array_filter(Country::choices(), static fn (Country $c): bool => $c->isInEea()))->toHaveCount(30)->and(Audience::from($in('US'))->regimes())
        ->toBe([])->and(Audience::from([])->regimes())->toBe(Regime::cases())
        ->and(Audience::from([], false)->regimes())->toBe([])->and(Audience::ofAddress('https://shop.tidewick.de/x')->isUnder(Regime::Germany))
        ->toBeTrue()->and(Audience::ofAddress('https://tidewick.example/')->regimes())->toBe([])
        // What is no law is not shown as if it were.
        ->and(Country::parse('JP')->childAgeRemark())->toContain('no age known')->and(Country::parse('NL')->childAgeRemark())->toBe('')
        ->and(Country::parse('NO')->childAgeRemark())->toContain('proposed')->and(Country::parse('CA')->childAge())->toBe(14);
});

test('what a processor\'s record lacks is named', function (array $change, array $expected): void {
    $whole = [
        'id' => 'x', 'name' => 'X', 'controller' => 't', 'own' => false, 'purposes' => [], 'does' => 'sends', 'contract' => 'of 3 March', 'country' => 'DE',
        'transfer' => '', 'until' => '2027-01-01',
    ];
    expect(count(Processor::from(Document::from([...$whole, ...$change]))->lacks(Day::parse('2026-11-25'))))->toBe(count($expected))
        ->and(
            implode(' ', Processor::from(Document::from([...$whole, ...$change]))->lacks(Day::parse('2026-11-25')))
        )->toContain(...($expected === [] ? [''] : $expected));
})->with([
    'whole' => [[], []], 'no contract' => [['contract' => ' '], ['No contract']], 'ended' => [['until' => '2026-11-24'], ['ended on 2026-11-24']],
    'last day' => [['until' => '2026-11-25'], []],
    'outside, without ground' => [['country' => 'US'], ['no ground of the transfer']],
    'outside, with ground' => [['country' => 'US', 'transfer' => 'standard clauses'], []],
    'the United Kingdom, without its adequacy on record' => [['country' => 'GB'], ['no ground of the transfer']],
    'the United Kingdom, with it' => [['country' => 'GB', 'transfer' => 'Adequacy decision of 2021'], []], 'nowhere' => [['country' => ''], ['where it keeps']],
]);

test('placeholders are filled from the registers; what cannot be says why', function (string $text, string $language, string $filled, array $missing): void {
    $fillings = House::registers()->fillings('voyage-news');
    $words = Markup::words($fillings->fill(statement($text, $language))->texts->in(Language::from($language)));
    expect($words)->toBe($filled)->and(array_map(static fn (Unfilled $u): string => $u->name, $fillings->missing(statement($text, $language))))->toBe($missing);
})->with([
    ['{controller}, {rate}. See the {notice}.', 'en', 'Tidewick Ferries, once a month. See the privacy notice.', []],
    ['{controller}, {rate}. {withdrawal}', 'sv', 'Tidewick Ferries, en gång i månaden. Jag kan när som helst återkalla mitt samtycke via länken i varje mejl.', []],
    ['{rate} {notice}', 'fr', '… …', ['rate', 'notice']], ['{recipients}', 'en', '…', ['recipients']],
    ['{ratte} {controller}', 'de', '… Tidewick Ferries', ['ratte']],
    ['{ rate } { } {{rate}}', 'en', '{ rate } { } {once a month}', []],
]);

test('nothing that a register says is taken for markup', function (): void {
    $odd = Controller::from(Document::from([...House::TIDEWICK, 'name' => '*Tide_wick_* [Ferries](javascript:x) <b>']));
    $fillings = new Fillings($odd, Purpose::from(Document::from(House::VOYAGE_NEWS)), []);
    $text = $fillings->fill(statement('Yes, {controller} may write.'))->texts->in(Language::English);
    expect(Markup::words($text))->toBe('Yes, *Tide_wick_* [Ferries](javascript:x) <b> may write.')->and(Markup::html($text))->not
        ->toContain('<em>', '<b>', 'href');
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
        expect(array_map(static fn ($w): string => $w->language->value, $starter->words))->toBe(['en', 'de', 'fr']);
        $purpose = Purpose::from($starter->purpose(Slug::parse('tidewick-ferries')));
        $statement = Statement::from($starter->statement(Slug::parse($starter->id), Slug::parse($starter->id)));
        $registers = House::registers()->with(
            Controller::from(
                Document::from(
                    [
                        ...House::TIDEWICK, 'notice' => ['en' => 'https://a.example', 'de' => 'https://a.example', 'fr' => 'https://a.example'],
                        'notice-text' => [],
                    ]
                )
            )
        )
            ->with($purpose)->with($statement)
            ->with(
                Processor::from(
                    Document::from(
                        ['id' => 'm', 'name' => 'Harbour Media', 'controller' => 'tidewick-ferries', 'own' => true, 'purposes' => [$purpose->id->text]]
                    )
                )
            );
        $findings = array_map(
            static fn ($n): string => "{$starter->id}: {$n->result->verdict->value} {$n->result->says}",
            array_filter(Judgement::ofStatement($statement, $registers)->notes, static fn ($n): bool => $n->result->verdict->value !== 'open')
        );
        expect($registers->unfilled($statement))->toBe([])->and($findings)->toBe([]);
    }
});

test('the paragraph for the notice says each purpose with its channels, and what could not be said', function (): void {
    $asked = [new AskedPurpose(Purpose::from(Document::from(House::VOYAGE_NEWS)), [Juramen\Register\Channel::Email, Juramen\Register\Channel::Post], [])];
    $house = HouseRules::toStartWith();
    $german = NoticeParagraph::of(Language::German, $asked, $house);
    expect(implode("\n", $german->sentences))
        ->toContain('– Neues von Bord: neue Fahrten und Preise, einmal im Monat, per E-Mail und per Post.', 'jederzeit so einfach widerrufen', '36 Monate')
        ->and($german->lacks)->toBe([])
        ->and(NoticeParagraph::of(Language::French, $asked, $house)->lacks)->toHaveCount(2)
        ->and(NoticeParagraph::of(Language::English, [], $house)->sentences)->toBe([]);
    foreach (Language::cases() as $language) {
        expect(count(NoticeParagraph::of($language, $asked, $house)->sentences))->toBe(6);
    }
    // What screening looks at is said with its ground, and not where the house does not screen.
    expect($german->sentences[4])->toContain('Damit keine Programme durchkommen', 'Art. 6 Abs. 1 Buchst. f DSGVO', 'entscheidet ein Mensch');
    $open = HouseRules::from($house->document()->with(Juramen\Canon\Place::of('screening'), false));
    expect(count(NoticeParagraph::of(Language::German, $asked, $open)->sentences))->toBe(5);
});

test('the paragraph cites the law of the controller\'s seat, names who works for it, and speaks of consent only where some is asked', function (): void {
    $consent = new AskedPurpose(Purpose::from(Document::from(House::VOYAGE_NEWS)), [Juramen\Register\Channel::Email], []);
    $own = Purpose::from(Document::from([...House::VOYAGE_NEWS, 'basis' => 'existing-customer']));
    $customers = new AskedPurpose($own, [Juramen\Register\Channel::Email], []);
    $house = HouseRules::toStartWith();
    $post = Processor::from(
        Document::from(['id' => 'p', 'name' => 'Quayside Post', 'controller' => 'tidewick-ferries', 'own' => false, 'purposes' => ['voyage-news']])
    );
    $says = static fn (array $asked, ?string $seat, array $processors = [], Language $in = Language::English): string => implode(
        "\n", NoticeParagraph::of($in, $asked, $house, $seat === null ? null : Country::parse($seat), $processors)->sentences
    );
    expect($says([$consent], 'DE'))->toContain('Art. 6(1)(a) GDPR')->not->toContain('UK GDPR')
        ->and($says([$consent], 'GB'))->toContain('Art. 6(1)(a) UK GDPR')
        ->and($says([$consent], 'CA'))->not->toContain('GDPR')->not->toContain(':cite')
        ->and($says([$consent], 'DE', [], Language::French))->toContain('art. 6, par. 1, point a), du RGPD')
        ->and($says([$consent], null, [$post]))->toContain('These work for us under a contract: Quayside Post.')
        ->and($says([$consent], null))->toContain('proof of your consent for 36 months')->toContain('does not affect the lawfulness')
        ->and($says([$customers], null))->toContain('our interest is advertising our own similar services')->not->toContain('withdraw')
        ->not->toContain('proof of');
    foreach (Language::cases() as $language) {
        expect($says([$consent, $customers], 'GB', [$post], $language))->not->toContain(':cite')->not->toContain(':names');
    }
});

test('texts that come back are compared, and a damaged placeholder is caught', function (array $row, ?DraftRefusal $fault): void {
    $library = Library::compare(
        ById::of([Statement::from(Document::from(House::VOYAGE_NEWS_WORDS))], static fn (Statement $s) => $s->id), [new LibraryText(...$row)]
    );
    expect($library->rows[0]->fault?->refusal)->toBe($fault)
        ->and($library->missing)->toHaveCount($row[0] === 'voyage-news' && isset(House::VOYAGE_NEWS_WORDS['texts'][$row[1]]) ? 3 : 4);
})->with([
    'sound' => [['voyage-news', 'en', 'Yes, {controller} may write {rate}. {withdrawal}'], null],
    'new language' => [['voyage-news', 'fr', 'Oui, {controller} peut m’écrire {rate}. {withdrawal}'], null],
    'translated' => [['voyage-news', 'de', 'Ja, {Verantwortlicher} darf {rate} schreiben. {withdrawal}'], DraftRefusal::RowUnknownPlaceholder],
    'lost' => [['voyage-news', 'de', 'Ja, {controller} darf schreiben. {withdrawal}'], DraftRefusal::RowLostPlaceholder],
    'cut' => [['voyage-news', 'de', 'Ja, {controller darf {rate} schreiben. {withdrawal}'], DraftRefusal::RowDamagedPlaceholder],
    'spaced' => [['voyage-news', 'de', 'Ja, { controller } darf {rate} schreiben. {withdrawal}'], DraftRefusal::RowDamagedPlaceholder],
    'added' => [['voyage-news', 'de', 'Ja, {controller} darf {rate} {recipients} schreiben. {withdrawal}'], DraftRefusal::RowAddedPlaceholder],
    'unknown statement' => [['other', 'de', 'x'], DraftRefusal::RowNoStatement],
    'unknown language' => [['voyage-news', 'xx', 'x'], DraftRefusal::RowNoLanguage],
    'too long' => [['voyage-news', 'en', str_repeat('x', 5001)], DraftRefusal::RowTooLong],
]);

test('an unchanged text is no change, an empty one waits, a text given twice is a fault', function (): void {
    $register = ById::of([Statement::from(Document::from(House::VOYAGE_NEWS_WORDS))], static fn (Statement $s) => $s->id);
    $row = static fn (string $language, string $text): LibraryText => new LibraryText('voyage-news', $language, $text);
    $library = Library::compare($register, [$row('en', ' '.House::VOYAGE_NEWS_WORDS['texts']['en'].' '), $row('fr', ''), $row('de', 'x'), $row('de', 'y')]);
    expect($library->changes())->toBe([])->and($library->rows[1]->isEmpty())
        ->toBeTrue()->and(array_map(static fn (LibraryRow $r): int => $r->line, $library->faults()))->toBe([3, 4]);
});

test('a difference of documents names each place that changed', function (): void {
    $difference = RecordDifference::between(
        HouseRules::toStartWith()->document(), HouseRules::from(Document::from(['lapse-days' => 10, 'languages' => ['en']]))->document()
    );
    expect(array_map(static fn ($d): string => $d->place->text(), $difference))->toBe(['lapse-days', 'languages'])
        ->and(array_map(static fn ($r): array => [$r->kind->value, $r->words], $difference[0]->words->runs))->toBe([['gone', '7'], ['new', '10']])
        ->and(RecordDifference::between(Document::from(House::TIDEWICK), Document::from(array_reverse(House::TIDEWICK))))->toBe([]);
});

test('the mends of a statement make it sound, one after the other, in the template\'s own words', function (string $language, string $text, string $mended): void {
    $registers = House::registers()->with(
        Processor::from(
            Document::from(['id' => 'm', 'name' => 'Harbour Media', 'controller' => 'tidewick-ferries', 'own' => true, 'purposes' => ['voyage-news']])
        )
    );
    $document = Statement::from(
        Document::from(['id' => 'x', 'purpose' => 'voyage-news', 'channels' => ['email'], 'texts' => [$language => $text]])
    )->document();
    for ($i = 0; $i < 6; $i++) {
        $changes = array_filter(array_map(static fn ($n) => $n->result->change, Judgement::ofStatement(Statement::from($document), $registers)->notes));
        if ($changes === []) {
            break;
        }
        $document = array_values($changes)[0]->apply($document);
    }
    expect($document->text("texts/$language"))->toBe($mended);
})->with([
    [
        'en', 'I accept the terms and conditions and {controller} may send me updates and offers.',
        '{controller} may send me new sailings and fares {rate}. {withdrawal}',
    ],
    [
        'de', 'Die Reisebedingungen habe ich gelesen, und {controller} darf mir neue Fahrten und Preise mailen.',
        '{controller} darf mir neue Fahrten und Preise mailen {rate}. {withdrawal}',
    ],
    [
        'sv', 'Jag godkänner integritetspolicyn och {controller} får mejla mig nya turer och priser varje månad.',
        '{controller} får mejla mig nya turer och priser varje månad. {withdrawal}',
    ],
    [
        'en', 'Yes, {controller} may pass my address to selected companies once. {withdrawal}',
        'Yes, {controller} may pass my address to selected companies ({recipients}) once. {withdrawal}',
    ],
    // No whole sentence would be left: no mend is offered for it.
    [
        'en', 'I accept the terms and want sailings and fares by email once a month. {withdrawal}',
        'I accept the terms and want sailings and fares by email once a month. {withdrawal}',
    ],
]);
