<?php

declare(strict_types=1);

use Database\Demo\House;
use Juramen\Audit\AskedField;
use Juramen\Audit\Control;
use Juramen\Audit\ControlRole;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\NotJudgedYet;
use Juramen\Audit\PageLink;
use Juramen\Audit\Reading;
use Juramen\Audit\ReadingOf;
use Juramen\Audit\Requirement;
use Juramen\Audit\Requirements;
use Juramen\Audit\Response;
use Juramen\Audit\SheetFacts;
use Juramen\Audit\SourceKind;
use Juramen\Audit\StatementFacts;
use Juramen\Audit\Surroundings;
use Juramen\Audit\Verdict;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FormKind;
use Juramen\Register\Audience;
use Juramen\Register\Channel;
use Juramen\Register\Controller;
use Juramen\Register\Country;
use Juramen\Register\Language;
use Juramen\Register\LegalBasis;

/*
 * Each requirement met, missed and not applicable, in each language, on Readings made by hand: so that a requirement is
 * tried on its own, whatever the reading of HTML makes of a page.
 */

/** A newsletter form on a whole page with nothing wrong, in which one thing at a time is made wrong. */
function reading(string $language, array $change = []): Reading
{
    $words = [
        'en' => 'Yes, Tidewick Ferries may email me new sailings and fares once a month. I can withdraw at any time.',
        'de' => 'Ja, Tidewick Ferries darf mir einmal im Monat neue Fahrten und Preise mailen. Ich kann das jederzeit widerrufen.',
        'fr' => 'Oui, Tidewick Ferries peut m’envoyer chaque mois les nouvelles traversées et les tarifs. Je peux me désinscrire à tout moment.',
        'sv' => 'Ja, Tidewick Ferries får mejla mig nya turer och priser varje månad. Jag kan återkalla det när som helst.',
        'da' => 'Ja, Tidewick Ferries må maile mig nye afgange og priser hver måned. Jeg kan altid trække det tilbage.',
    ][$language];
    $notice = [
        'en' => 'Privacy notice', 'de' => 'Datenschutzhinweise', 'fr' => 'Politique de confidentialité', 'sv' => 'Integritetspolicy',
        'da' => 'Privatlivspolitik',
    ][$language];
    $label = $change['label'] ?? $words;
    $controls = $change['controls'] ?? [new Control(Place::of('c'), $label, ControlRole::Consent, $change['response'] ?? Response::Unset)];

    $language = Language::from($language);
    $around = Surroundings::of(
        $change['whole'] ?? true, $change['around'] ?? '', $change['links'] ?? [new PageLink(Place::of('n'), $notice, '/notice')],
        array_key_exists('pageLanguage', $change) ? $change['pageLanguage'] : $language,
    );
    $sheet = $change['sheet'] ?? null;

    return Reading::make(
        $sheet === null ? ReadingOf::Page : ReadingOf::Sheet, Place::of('form'), $change['kind'] ?? FormKind::Newsletter, 'made by hand', $language, $controls,
        $change['fields'] ?? [new AskedField(Place::of('e'), 'E-mail', FieldMeaning::Email, true)], $change['text'] ?? $label, $around,
        $sheet === null ? Audience::ofAddress($change['address'] ?? '') : Audience::from(array_map(Country::parse(...), $change['countries'] ?? ['GB'])),
        $sheet,
    );
}

function requirement(string $id): Requirement
{
    return Requirements::find($id) ?? throw new LogicException($id);
}

/** @param  array<string, mixed>  $change */
function verdict(string $id, string $language, array $change = []): string
{
    return requirement($id)->judge(reading($language, $change))[0]->verdict->value;
}

$languages = ['en', 'de', 'fr', 'sv', 'da'];

test('a form with nothing wrong meets everything that can be seen on it', function (string $language): void {
    foreach (Requirements::judging() as $requirement) {
        $expected = in_array(
            $requirement->id(),
            [
                'confirmed-address', 'recipients-named', 'no-consent-by-sending', 'existing-customer', 'not-a-condition', 'objection-highlighted',
                'tracking-said', 'notice-matches', 'ca-identified', 'wording-approved', 'children',
                // What only a page of others tells: RequirementsOnPagesTest.
                'no-hidden-consent', 'legible', 'optional-marked', 'fill-help', 'sent-encrypted', 'not-in-address', 'no-outside-calls',
                'nothing-before-sending', 'bots-kept-out',
                // What only the registers tell of a form of ours.
                'confirmed-number', 'gift-after-confirmation', 'processing-recorded', 'representative-named', 'regions-strict',
                // What the mail of a form tells: MailsOfFormsTest.
                'confirmation-clean', 'sender-shown',
            ],
            true
        ) ? 'not-applicable' : 'met';
        expect($requirement->judge(reading($language))[0]->verdict->value)->toBe($expected, $requirement->id());
    }
})->with($languages);

test('login, search, preferences and rights forms are not judged on consent', function (FormKind $kind): void {
    foreach (Requirements::all() as $requirement) {
        expect(verdict($requirement->id(), 'en', ['kind' => $kind]))->toBe('not-applicable', $requirement->id());
    }
})->with([FormKind::Login, FormKind::Search, FormKind::Preferences, FormKind::RightsRequest]);

test('a form without any consent on it is not judged on consent', function (string $language): void {
    foreach (['no-preset-answer', 'apart-from-terms', 'controller-named', 'purpose-said', 'withdrawal-said', 'language-offered'] as $id) {
        expect(verdict($id, $language, ['kind' => FormKind::Order, 'controls' => []]))->toBe('not-applicable', $id);
    }
    // But whoever collects details says what becomes of them.
    expect(verdict('notice-linked', $language, ['kind' => FormKind::Order, 'controls' => []]))->toBe('met')
        ->and(verdict('notice-linked', $language, ['kind' => FormKind::Order, 'controls' => [], 'links' => []]))->toBe('breach')
        ->and(verdict('notice-linked', $language, ['kind' => FormKind::Order, 'controls' => [], 'fields' => [], 'links' => []]))->toBe('not-applicable');
})->with($languages);

test('no-preset-answer: a yes beforehand is a breach, a no is none', function (string $language): void {
    expect(verdict('no-preset-answer', $language, ['response' => Response::Yes]))->toBe('breach')
        ->and(verdict('no-preset-answer', $language, ['response' => Response::No]))->toBe('met');
})->with($languages);

test('apart-from-terms: terms or notice agreed to in the same breath are a breach; a notice made known is not', function (string $language, string $label, string $expected): void {
    expect(verdict('apart-from-terms', $language, ['label' => $label]))->toBe($expected);
})->with([
    ['en', 'I accept the terms of use and would like to receive news about sailings', 'breach'],
    ['en', 'I have read and agree to the privacy policy and want offers', 'breach'],
    ['en', 'Email me about sailings. How we use your data stands in the privacy policy.', 'met'],
    ['de', 'Ich akzeptiere die AGB und möchte Angebote zu Fahrten erhalten', 'breach'],
    ['de', 'Ich stimme der Datenschutzerklärung zu und möchte den Newsletter erhalten', 'breach'],
    ['de', 'Ja, ich möchte den Newsletter. Die Datenschutzhinweise habe ich zur Kenntnis genommen.', 'met'],
    ['fr', 'J’accepte les conditions générales et souhaite recevoir les offres', 'breach'],
    ['fr', 'J’accepte la politique de confidentialité et je veux recevoir la newsletter', 'breach'],
    ['fr', 'Je souhaite recevoir les horaires. Voir la politique de confidentialité.', 'met'],
]);

test('controller-named: a name on the form or its page will do; a fragment leaves it open', function (string $language, string $vague): void {
    $nameless = ['label' => $vague, 'text' => $vague];
    expect(verdict('controller-named', $language, $nameless))->toBe('breach')
        ->and(verdict('controller-named', $language, ['whole' => false, ...$nameless]))->toBe('open')
        ->and(verdict('controller-named', $language, ['around' => 'Impressum: Lantern Quay Books GmbH', ...$nameless]))->toBe('met')
        ->and(verdict('controller-named', $language, ['around' => '© 2026 Hollyhock', ...$nameless]))->toBe('met');
})->with([['en', 'yes, send me new sailings'], ['de', 'ja, bitte neue fahrten schicken'], ['fr', 'oui, envoyez les nouvelles traversées']]);

test('purpose-said: vague words are a weakness, in Germany a breach, and nothing at all is a breach', function (string $language, string $vague, string $nothing): void {
    expect(verdict('purpose-said', $language, ['label' => $vague]))->toBe('weakness')
        ->and(verdict('purpose-said', $language, ['label' => $vague, 'address' => 'https://www.tidewick.de/x']))->toBe('breach')
        ->and(verdict('purpose-said', $language, ['label' => $nothing]))->toBe('breach');
})->with([
    ['en', 'Yes, send me updates and special offers', 'Yes, I agree'],
    ['de', 'Ja, ich möchte interessante Neuigkeiten und Angebote', 'Ja, ich bin einverstanden'],
    ['fr', 'Oui, je souhaite recevoir vos actualités et offres', 'Oui, je suis d’accord'],
]);

test('purpose-said: what stands over a box that serves only this is read with it', function (): void {
    expect(
        verdict(
            'purpose-said', 'en', ['label' => 'Yes, send me the newsletter', 'text' => "Once a month: recipes and garden tips\nYes, send me the newsletter"]
        )
    )->toBe('met')
        ->and(
            verdict(
                'purpose-said', 'en',
                ['kind' => FormKind::Order, 'label' => 'Yes, send me the newsletter', 'text' => "Rope and canvas in your basket\nYes, send me the newsletter"]
            )
        )->toBe('weakness');
});

test('withdrawal-said: layered behind a notice it is a weakness, without one a breach, in a fragment open', function (string $language, string $without): void {
    $change = ['label' => $without];
    expect(verdict('withdrawal-said', $language, $change))->toBe('weakness')
        ->and(verdict('withdrawal-said', $language, ['links' => [], ...$change]))->toBe('breach')
        ->and(verdict('withdrawal-said', $language, ['whole' => false, ...$change]))->toBe('open')
        ->and(verdict('withdrawal-said', $language, ['around' => reading($language)->text, ...$change]))->toBe('met');
})->with([
    ['en', 'Yes, Tidewick Ferries may email me new sailings and fares.'],
    ['de', 'Ja, Tidewick Ferries darf mir neue Fahrten und Preise mailen.'],
    ['fr', 'Oui, Tidewick Ferries peut m’envoyer les nouvelles traversées et les tarifs.'],
]);

test('notice-linked: a link that leads nowhere is worse than a fragment without one', function (string $href, string $expected): void {
    expect(verdict('notice-linked', 'en', ['links' => [new PageLink(Place::of('n'), 'Privacy policy', $href)]]))->toBe($expected);
})->with([
    ['/privacy', 'met'], ['https://tidewick.example/privacy?lang=en#top', 'met'], ['#', 'breach'], ['', 'breach'], ['#privacy', 'breach'],
    ['javascript:void(0)', 'breach'],
    ['https://', 'breach'], ['[LINK]', 'breach'], ['https://your-domain/privacy', 'breach'], ['{{ privacy_url }}', 'breach'],
]);

test('notice-linked: none on a page is a breach, none in a fragment is open', function (string $language): void {
    expect(verdict('notice-linked', $language, ['links' => []]))->toBe('breach')
        ->and(verdict('notice-linked', $language, ['links' => [], 'whole' => false]))->toBe('open')
        ->and(verdict('notice-linked', $language, ['links' => [new PageLink(Place::of('i'), 'Imprint', '/imprint')]]))->toBe('breach');
})->with($languages);

test('language-offered: a consent in another language than its page is a weakness', function (string $language): void {
    $other = $language === 'de' ? Language::English : Language::German;
    expect(verdict('language-offered', $language, ['pageLanguage' => $other]))->toBe('weakness')
        ->and(verdict('language-offered', $language, ['pageLanguage' => null]))->toBe('not-applicable');
})->with($languages);

test('confirmed-address: demanded in Germany, Austria and where nobody knows; elsewhere a weakness, which the house rules may let block', function (array $countries, bool $doubleOptIn, bool $house, string $expected): void {
    $sheet = new SheetFacts(Controller::from(Document::from(House::TIDEWICK)), $doubleOptIn, $house, [], [], []);
    expect(verdict('confirmed-address', 'en', ['sheet' => $sheet, 'countries' => $countries]))->toBe($expected);
    $results = Requirements::find('confirmed-address')?->judge(reading('en', ['sheet' => $sheet, 'countries' => $countries])) ?? [];
    expect($results[0]->blocks !== null)->toBe($expected === 'weakness' && $house)->and($results[0]->stops())->toBe($expected === 'breach' || ($expected === 'weakness' && $house));
})->with([
    'confirmed' => [['DE'], true, true, 'met'],
    'Germany' => [['GB', 'DE'], false, false, 'breach'],
    'Austria' => [['AT'], false, false, 'breach'],
    'nobody knows' => [[], false, false, 'breach'],
    'house rules' => [['GB'], false, true, 'weakness'],
    'United Kingdom alone' => [['GB'], false, false, 'weakness'],
]);

test('fields-needed: what a form for news does not need wants a reason', function (FieldMeaning $meaning, FormKind $kind, bool $required, string $reason, string $expected): void {
    $field = new AskedField(Place::of('f'), 'It', $meaning, $required, $reason);
    $change = ['kind' => $kind, 'fields' => [new AskedField(Place::of('e'), 'Email', FieldMeaning::Email, true), $field]];
    expect(verdict('fields-needed', 'en', $change))->toBe($expected);
})->with([
    [FieldMeaning::Email, FormKind::Newsletter, true, '', 'met'],
    [FieldMeaning::Name, FormKind::Newsletter, false, '', 'met'],
    [FieldMeaning::Phone, FormKind::Newsletter, false, '', 'weakness'],
    [FieldMeaning::Phone, FormKind::Newsletter, true, '', 'breach'],
    [FieldMeaning::Phone, FormKind::Newsletter, true, 'to warn of cancelled sailings', 'met'],
    [FieldMeaning::Birthday, FormKind::PrizeDraw, true, '', 'breach'],
    [FieldMeaning::Gender, FormKind::Account, false, '', 'weakness'],
    [FieldMeaning::Employer, FormKind::Download, true, '', 'breach'],
    [FieldMeaning::Postal, FormKind::Order, true, '', 'met'],
    [FieldMeaning::Phone, FormKind::Contact, false, '', 'met'],
    [FieldMeaning::Phone, FormKind::Contact, true, '', 'breach'],
    [FieldMeaning::Postal, FormKind::JobApplication, true, '', 'met'],
]);

test('fields-needed: a number alone is where whatever comes goes to; beside an address it needs a reason', function (): void {
    $number = new AskedField(Place::of('f'), 'Phone', FieldMeaning::Phone, true);
    $address = new AskedField(Place::of('e'), 'Email', FieldMeaning::Email, true);
    foreach ([FormKind::Contact, FormKind::Newsletter] as $kind) {
        expect(verdict('fields-needed', 'en', ['kind' => $kind, 'fields' => [$number]]))->toBe('met')
            ->and(verdict('fields-needed', 'en', ['kind' => $kind, 'fields' => [$address, $number]]))->toBe('breach');
    }
});

test('plain-words: legalese, double negatives, sentences without end and hard words are weaknesses', function (string $language, string $label, string $words): void {
    $results = requirement('plain-words')->judge(reading($language, ['label' => $label]));
    expect($results[0]->verdict->value)->toBe('weakness')->and($results[0]->words->words)->toStartWith($words);
})->with([
    ['en', 'I hereby consent to receiving new sailings by email.', 'hereby'],
    ['en', 'Tick if you do not want us to no longer send you new sailings.', 'do not want us to no longer'],
    ['en', 'Yes, '.str_repeat('new sailings and fares and ', 8).'more may be sent to me.', 'Yes, new sailings'],
    ['en', 'Promotional communications regarding international itineraries, accommodation opportunities and organisational modifications.', 'Promotional'],
    ['de', 'Hiermit willige ich in die Zusendung neuer Fahrten ein.', 'Hiermit'],
    ['de', 'Ich möchte nicht, dass Sie mir keine Fahrten schicken, und das niemals ohne Grund nicht.', 'nicht'],
    [
        'de',
        'Einwilligungserklärung bezüglich personenbezogener Datenverarbeitungsvorgänge einschließlich Werbemaßnahmen hinsichtlich touristischer Beförderungsdienstleistungen innerhalb europäischer Gewässer.',
        'Einwilligungserklärung',
    ],
    ['fr', 'Par la présente, j’accepte de recevoir les traversées.', 'Par la présente'],
    [
        'fr',
        'Communications promotionnelles concernant les itinéraires internationaux, les opportunités d’hébergement et les modifications organisationnelles immédiates.',
        'Communications',
    ],
]);

test('plain-words: one no, or a no with a condition, is plain', function (string $language, string $label): void {
    expect(verdict('plain-words', $language, ['label' => $label]))->toBe('met');
})->with([
    ['en', 'We will not email you without your consent. You do not need an account.'],
    ['de', 'Wir schreiben Ihnen nicht ohne Ihre Einwilligung. Sie brauchen kein Konto.'],
    ['fr', 'Nous ne vous écrirons pas sans votre accord. Aucun compte n’est nécessaire.'],
]);

test('reasons beside a field are found in each language', function (string $html): void {
    [$reading] = HtmlReader::read("<form><h2>Newsletter</h2><input type=email>$html<button>OK</button></form>");
    expect($reading->fields[1]->meaning)->toBe(FieldMeaning::Phone)->and($reading->fields[1]->reason)->not->toBe('');
})->with([
    '<div><label for="t">Phone</label><input id="t" type="tel"><small>We need this to ring you before the tour.</small></div>',
    '<div><label for="t">Telefon</label><input id="t" type="tel"><small>Nur für Rückfragen zu Ihrer Tour.</small></div>',
    '<div><label for="t">Téléphone</label><input id="t" type="tel"><small>Uniquement pour vous prévenir.</small></div>',
]);

/** @param  array<string, mixed>  $facts of the statement; "controller" of the sheet */
function known(array $facts = []): SheetFacts
{
    $statement = new StatementFacts(
        Place::of('c'), $facts['purpose'] ?? 'voyage news', $facts['basis'] ?? LegalBasis::Consent, $facts['measures'] ?? false,
        $facts['channels'] ?? [Channel::Email], $facts['approved'] ?? true, $facts['contents'] ?? '', '', '',
    );

    return new SheetFacts(
        Controller::from(Document::from([...House::TIDEWICK, ...$facts['controller'] ?? []])), $facts['doubleOptIn'] ?? true, true, [], [$statement], [],
        $facts['unknownIsStrict'] ?? true, $facts['gift'] ?? false
    );
}

test('objection-highlighted: where people are written to without consent, the right to object stands in a sentence of its own', function (string $language, string $said, string $unsaid): void {
    $facts = known(['basis' => LegalBasis::ExistingCustomer]);
    expect(verdict('objection-highlighted', $language, ['label' => $said, 'sheet' => $facts]))->toBe('met')
        ->and(verdict('objection-highlighted', $language, ['label' => $unsaid, 'sheet' => $facts]))->toBe('breach')
        ->and(verdict('objection-highlighted', $language, ['label' => $said, 'sheet' => known()]))->toBe('not-applicable')
        ->and(verdict('objection-highlighted', $language, ['label' => rtrim(str_repeat(trim($said, '.').' ', 6)).'.', 'sheet' => $facts]))->toBe('open')
        ->and(
            verdict(
                'objection-highlighted', $language,
                [
                    'kind' => FormKind::Order, 'controls' => [new Control(Place::of('c'), $unsaid, ControlRole::Consent, Response::Unset, refuses: true)],
                    'text' => $unsaid,
                ]
            )
        )->toBe('open');
})->with([
    ['en', 'You can object to this at any time, at no cost.', 'No, do not write to me about similar crossings.'],
    ['de', 'Sie können dem jederzeit widersprechen, ohne Kosten.', 'Nein, bitte nichts zu ähnlichen Fahrten.'],
    ['fr', 'Vous pouvez vous opposer à cela à tout moment, sans frais.', 'Non, rien sur des traversées similaires.'],
    ['sv', 'Du kan invända mot detta när som helst, utan kostnad.', 'Nej, inget om liknande resor.'],
    ['da', 'Du kan til enhver tid gøre indsigelse, uden omkostning.', 'Nej, intet om lignende rejser.'],
]);

test('tracking-said: what is measured is said', function (string $language, string $said): void {
    expect(verdict('tracking-said', $language, ['label' => $said, 'sheet' => known(['measures' => true])]))->toBe('met')
        ->and(verdict('tracking-said', $language, ['label' => 'Tidewick Ferries', 'sheet' => known(['measures' => true])]))->toBe('breach')
        ->and(verdict('tracking-said', $language, ['label' => $said, 'sheet' => known()]))->toBe('not-applicable');
    // Within the words of something else it is said, and not asked for.
    expect(verdict('tracking-said', 'en', [
        'label' => 'Yes, email me new sailings once a month. You may measure which links in your mails I open.', 'sheet' => known(['measures' => true]),
    ]))->toBe('open');
})->with([
    ['en', 'You may measure which links I open.'], ['de', 'Sie dürfen messen, welche Links ich öffne.'], ['fr', 'Vous pouvez mesurer quels liens j’ouvre.'],
    ['sv', 'Ni får mäta vilka länkar jag öppnar.'], ['da', 'I må måle, hvilke links jeg åbner.'],
]);

test('notice-matches: the notice, where we hold it, speaks of each purpose and channel', function (string $language, string $purpose, string $notice): void {
    $with = static fn (string $text, array $facts = []): SheetFacts => known(
        ['purpose' => $purpose, 'controller' => ['notice-text' => [$language => $text]], ...$facts]
    );
    expect(verdict('notice-matches', $language, ['sheet' => $with($notice)]))->toBe('met')
        ->and(verdict('notice-matches', $language, ['sheet' => $with($notice, ['channels' => [Channel::Email, Channel::Sms]])]))->toBe('weakness')
        ->and(verdict('notice-matches', $language, ['sheet' => $with('Tidewick Ferries, Lantern Quay 3.')]))->toBe('weakness')
        ->and(verdict('notice-matches', $language, ['sheet' => known(['controller' => ['notice-text' => []]])]))->toBe('not-applicable');
})->with([
    ['en', 'island walks', 'We send walks on the islands by email.'], ['de', 'Inselwanderungen', 'Zu Inselwanderungen schreiben wir per E-Mail.'],
    ['fr', 'promenades des îles', 'Nous envoyons des promenades sur les îles par e-mail.'],
    ['sv', 'öpromenader', 'Vi skickar öpromenader med e-post.'], ['da', 'øvandringer', 'Vi sender øvandringer på e-mail.'],
]);

test('ca-identified: people in Canada are told who asks, by post and one way more', function (string $language): void {
    $foot = 'Tidewick Ferries, 14 Breakwater Road, Port Ansel, Canada, privacy@tidewick.example';
    $judge = static fn (string $around, array $change = []): string => verdict(
        'ca-identified', $language, ['around' => $around, 'sheet' => known(), 'countries' => ['CA'], ...$change]
    );
    expect($judge($foot))->toBe('met')->and($judge('Tidewick Ferries, 14 Breakwater Road, Port Ansel, Canada'))->toBe('breach')
        ->and($judge('Tidewick Ferries, privacy@tidewick.example'))->toBe('breach')
        ->and($judge($foot, ['countries' => ['GB']]))->toBe('not-applicable')
        ->and($judge('© Tidewick, P.O. Box 12, Port Ansel NS B3J 1A1, +1 902 555 0100', ['sheet' => null, 'address' => 'https://atlantic.tidewick.ca/']))
        ->toBe('met')
        ->and($judge('© 2026 Harbour Club, +1 902 555 0100', ['sheet' => null, 'address' => 'https://atlantic.tidewick.ca/']))->toBe('breach')
        ->and($judge('', ['sheet' => null, 'whole' => false, 'address' => 'https://atlantic.tidewick.ca/']))->toBe('open');
})->with($languages);

test('existing-customer: where the registers say so, similar goods and the objection are named', function (): void {
    $facts = known(['basis' => LegalBasis::ExistingCustomer]);
    expect(
        verdict('existing-customer', 'en', ['label' => 'No, nothing about services similar to those I booked. You can object at any time.', 'sheet' => $facts])
    )->toBe('open')
        ->and(verdict('existing-customer', 'en', ['label' => 'No, please do not write to me.', 'sheet' => $facts]))->toBe('breach')
        ->and(
            verdict(
                'asks-yes-not-no', 'en',
                [
                    'controls' => [new Control(Place::of('c'), 'No, please do not write to me.', ControlRole::Consent, Response::Unset, refuses: true)],
                    'sheet' => $facts,
                ]
            )
        )->toBe('met')
        ->and(verdict('withdrawal-said', 'en', ['label' => 'No, please do not write to me.', 'sheet' => $facts]))->toBe('not-applicable');
});

test('wording-approved: words that nobody approved are named', function (): void {
    expect(verdict('wording-approved', 'en', ['sheet' => known()]))->toBe('met')
        ->and(verdict('wording-approved', 'en', ['sheet' => known(['approved' => false])]))->toBe('weakness')->and(verdict('wording-approved', 'en'))
        ->toBe('not-applicable');
});

test('every requirement has its fixed id, a source, and says how sure that is; good practice is never worse than a weakness', function (): void {
    $ids = array_map(static fn (Requirement $r): string => $r->id(), Requirements::all());
    expect($ids)->toBe([
        'no-preset-answer', 'no-hidden-consent', 'no-consent-by-sending', 'asks-yes-not-no', 'consent-asked', 'apart-from-terms', 'one-purpose-each',
        'channel-choice', 'notice-not-agreed', 'not-a-condition', 'no-as-easy-as-yes', 'no-penalty', 'no-imbalance', 'basis-fits',
        'controller-named', 'purpose-said', 'withdrawal-said', 'notice-linked', 'recipients-named', 'objection-highlighted', 'rate-said',
        'tracking-said', 'notice-complete', 'notice-matches', 'automated-decision', 'plain-words', 'language-offered', 'legible', 'confirmed-address',
        'confirmed-number', 'confirmation-clean', 'confirmation-deliberate', 'unconfirmed-lapse', 'gift-after-confirmation', 'evidence-complete',
        'wording-approved', 'edition-current', 'purpose-unchanged', 'de-phone-proof', 'processing-recorded', 'fields-needed', 'optional-marked', 'special-data', 'no-friends-address', 'children',
        'address-trimmed', 'retention-set', 'nothing-before-sending', 'withdrawal-as-easy', 'withdrawal-passed-on', 'refresh-due', 'consents-reviewed',
        'requests-in-time', 'sender-shown', 'sent-encrypted', 'not-in-address', 'no-outside-calls', 'bots-kept-out', 'fill-help',
        'processor-bound', 'joint-arrangement', 'representative-named', 'existing-customer', 'ca-identified', 'ca-unsubscribe', 'call-register',
        'regions-strict',
    ])->and(array_intersect($ids, array_map(static fn (NotJudgedYet $n): string => $n->id, NotJudgedYet::all())))->toBe([]);
    foreach (Requirements::all() as $requirement) {
        expect($requirement->source()->sure())->toMatch('/^(Not checked against the source since|Our own view)/')->and($requirement->title())->toEndWith('.');
        if ($requirement->source()->kind === SourceKind::Ours) {
            foreach ($requirement->judge(reading('en', ['response' => Response::Yes, 'links' => []])) as $result) {
                expect($result->verdict)->not->toBe(Verdict::Breach);
            }
        }
    }
});

test('asks-yes-not-no: a box that is ticked in order not to be written to is a breach, with an order it is another rule', function (string $language, string $label): void {
    $change = ['controls' => [new Control(Place::of('c'), $label, ControlRole::Consent, Response::Unset, refuses: true)]];
    expect(verdict('asks-yes-not-no', $language, $change))->toBe('breach')
        ->and(verdict('asks-yes-not-no', $language, ['kind' => FormKind::Order, ...$change]))->toBe('not-applicable');
})->with([
    ['en', 'Tick here if you do not want offers from Tidewick Ferries'],
    ['de', 'Nein, ich möchte keine Angebote erhalten'],
    ['fr', 'Je ne souhaite pas recevoir les offres'],
]);

test('asks-yes-not-no: that one can opt out later does not make a yes a no', function (string $html): void {
    [$reading] = HtmlReader::read("<form><h2>Newsletter</h2><input type=email><label><input type=checkbox checked> $html</label><button>OK</button></form>");
    expect($reading->controls[0]->refuses)->toBeFalse()->and(requirement('no-preset-answer')->judge($reading)[0]->verdict)->toBe(Verdict::Breach);
})->with([
    'Send me news about moorings. You can opt out at any time.',
    'Ich möchte Neuigkeiten zu Liegeplätzen erhalten und kann dem jederzeit widersprechen.',
    'Je souhaite recevoir les nouvelles du port ; je peux m’y opposer à tout moment.',
]);

test('one-purpose-each: news and passing on in one box is a breach, passing on alone is one purpose', function (string $language, string $both, string $alone): void {
    expect(verdict('one-purpose-each', $language, ['label' => $both]))->toBe('breach')->and(verdict('one-purpose-each', $language, ['label' => $alone]))
        ->toBe('met');
})->with([
    ['en', 'Tidewick Ferries may email me its news and pass my address to our partners', 'Tidewick Ferries may pass my address to Quay Chandlers Ltd'],
    ['de', 'Ich möchte den Newsletter erhalten, und meine Adresse darf an Partner weitergegeben werden', 'Meine Adresse darf an die Muster GmbH gehen'],
    ['fr', 'Je souhaite recevoir la newsletter et que mon adresse soit transmise aux partenaires', 'Mon adresse peut être donnée à la société du Phare'],
]);

test('recipients-named: partners without names are a breach; named, or listed behind a link, they are not', function (string $language, string $vague, string $named, string $link): void {
    expect(verdict('recipients-named', $language, ['label' => $vague]))->toBe('breach')
        ->and(verdict('recipients-named', $language, ['label' => $vague, 'links' => [], 'fields' => []]))->toBe('open')
        ->and(verdict('recipients-named', $language, ['label' => $named]))->toBe('met')
        ->and(verdict('recipients-named', $language, ['label' => $vague, 'links' => [new PageLink(Place::of('l'), $link, '/partners')]]))->toBe('met')
        ->and(verdict('recipients-named', $language, ['label' => $vague, 'links' => [new PageLink(Place::of('l'), $link, '#')]]))->toBe('breach');
})->with([
    [
        'en', 'You may share my details with selected partners.', 'You may share my details with our partners (Quay Chandlers and Woolpack).',
        'List of our partners',
    ],
    [
        'de', 'Meine Daten dürfen an ausgewählte Partner weitergegeben werden.',
        'Meine Daten dürfen weitergegeben werden an Partner: Muster Handel und Wollwerk.', 'Liste der Partner',
    ],
    [
        'fr', 'Mes données peuvent être transmises à des partenaires.', 'Mes données peuvent être transmises aux partenaires (Quai Nord et Laine du Port).',
        'Liste des partenaires',
    ],
]);

test('channel-choice: several channels in one box are a weakness', function (string $language, string $several): void {
    expect(verdict('channel-choice', $language, ['label' => $several]))->toBe('weakness');
})->with([
    ['en', 'Tidewick Ferries may contact me by email, SMS and telephone about sailings'],
    ['de', 'Tidewick Ferries darf mich per E-Mail, SMS und Telefon über Fahrten informieren'],
    ['fr', 'Tidewick Ferries peut me contacter par e-mail, SMS et téléphone'],
]);

test('notice-not-agreed: a notice that must be accepted is a weakness, one that was made known is not', function (string $language, string $accepted, string $known): void {
    $box = static fn (string $label): array => ['controls' => [new Control(Place::of('n'), $label, ControlRole::Notice, Response::Unset, true)]];
    expect(verdict('notice-not-agreed', $language, $box($accepted)))->toBe('weakness')->and(verdict('notice-not-agreed', $language, $box($known)))->toBe('met')
        ->and(verdict('notice-not-agreed', $language, ['controls' => []]))->toBe('not-applicable');
})->with([
    ['en', 'I accept the privacy policy', 'I have seen the privacy notice'],
    ['de', 'Ich akzeptiere die Datenschutzerklärung', 'Die Datenschutzhinweise habe ich gesehen'],
    ['fr', 'J’accepte la politique de confidentialité', 'J’ai vu la politique de confidentialité'],
]);

test('rate-said: how often is found in each language, and its lack is never more than a weakness', function (string $language, string $without, array $with): void {
    expect(verdict('rate-said', $language, ['label' => $without]))->toBe('weakness');
    foreach ($with as $rate) {
        expect(verdict('rate-said', $language, ['label' => "$without $rate."]))->toBe('met', $rate);
    }
})->with([
    [
        'en', 'Yes, send me new sailings',
        [
            'once a month', 'at most twice a year', 'every Friday week, that is weekly', 'one email per quarter', 'from time to time',
            'no more than four times a year',
        ],
    ],
    ['de', 'Ja, schicken Sie mir neue Fahrten', ['einmal im Monat', 'höchstens zweimal im Jahr', 'monatlich', 'jede Woche', 'ab und zu', '4 mal pro Jahr']],
    [
        'fr', 'Oui, envoyez-moi les nouvelles traversées',
        ['une fois par mois', 'deux e-mails par an', 'chaque mois', 'de temps en temps', 'toutes les semaines', 'au plus quatre fois par an'],
    ],
]);

test('no-consent-by-sending: whoever sends something else has agreed to nothing else', function (string $language, string $says, string $harmless): void {
    foreach ([FormKind::Order, FormKind::PrizeDraw, FormKind::Contact, FormKind::Account] as $kind) {
        $change = ['kind' => $kind, 'controls' => []];
        expect(verdict('no-consent-by-sending', $language, ['text' => $says, ...$change]))->toBe('breach')
            ->and(verdict('no-consent-by-sending', $language, ['text' => $harmless, ...$change]))->toBe('met');
    }
    expect(verdict('no-consent-by-sending', $language, ['text' => $says]))->toBe('not-applicable');
})->with([
    ['en', 'By submitting this form you agree to receive our newsletter.', 'By submitting this form you enter the draw. We publish a newsletter, too.'],
    [
        'de', 'Mit dem Absenden willigen Sie in den Erhalt unseres Newsletters ein.',
        'Mit dem Absenden nehmen Sie an der Verlosung teil. Es gibt auch einen Newsletter.',
    ],
    [
        'fr', 'En envoyant ce formulaire, vous acceptez de recevoir nos offres.',
        'En envoyant ce formulaire, vous participez au tirage. Il existe aussi une newsletter.',
    ],
]);

test('existing-customer: what the form does not say is open, but the right to object in Germany; all said, a person judges the rest', function (string $language, string $no, string $similar, string $object): void {
    $order = static fn (string $text): array => [
        'kind' => FormKind::Order, 'controls' => [new Control(Place::of('c'), $no, ControlRole::Consent, Response::Unset, refuses: true)],
        'text' => "$no $text",
    ];
    // No law makes the form say that goods are similar; that one can object must stand there in Germany, elsewhere the first message will do.
    $german = ['address' => 'https://www.tidewick.de/x'];
    expect(verdict('existing-customer', $language, $order('')))->toBe('open')
        ->and(verdict('existing-customer', $language, [...$order($similar), ...$german]))->toBe('breach')
        ->and(verdict('existing-customer', $language, [...$order($object), ...$german]))->toBe('open')
        ->and(verdict('existing-customer', $language, $order("$similar $object")))->toBe('open')
        ->and(verdict('existing-customer', $language, ['kind' => FormKind::Order]))->toBe('not-applicable');
})->with([
    ['en', 'I do not want offers', 'We advertise our own similar goods.', 'You can object to this at any time.'],
    ['de', 'Ich möchte keine Angebote', 'Wir werben für eigene ähnliche Waren.', 'Sie können dem jederzeit widersprechen.'],
    ['fr', 'Je ne souhaite pas recevoir les offres', 'Nous proposons nos produits similaires.', 'Vous pouvez vous opposer à tout moment.'],
]);

test('not-a-condition: no consent is the price of something else', function (string $language, array $change, string $expected): void {
    $control = new Control(Place::of('c'), $change['label'] ?? 'x', ControlRole::Consent, Response::Unset, $change['required'] ?? true);
    expect(verdict('not-a-condition', $language, ['kind' => FormKind::Contact, 'controls' => [$control], ...$change]))->toBe($expected);
})->with([
    'demanded for an answer' => ['en', [], 'breach'], 'demanded for an order' => ['de', ['kind' => FormKind::Order], 'breach'],
    'demanded for a prize, unsaid' => ['fr', ['kind' => FormKind::PrizeDraw], 'breach'],
    'an open exchange' => ['en', ['kind' => FormKind::Download, 'text' => 'You get the guide in return for our letter.'], 'weakness'],
    'ein offener Tausch' => ['de', ['kind' => FormKind::PrizeDraw, 'text' => 'Im Gegenzug bekommen wir Ihre Adresse.'], 'weakness'],
    'un échange ouvert' => ['fr', ['kind' => FormKind::Download, 'text' => 'En échange, vous recevez notre lettre.'], 'weakness'],
    'an exchange for an answer stays a breach' => ['en', ['text' => 'In return for an answer.'], 'breach'],
    'free' => ['sv', ['required' => false], 'met'], 'a newsletter alone' => ['da', ['kind' => FormKind::Newsletter], 'not-applicable'],
]);

test('not-a-condition: on foreign pages a question that no answers too is no condition', function (string $html, string $expected): void {
    expect(requirement('not-a-condition')->judge(HtmlReader::read($html)[0])[0]->verdict->value)->toBe($expected);
})->with([
    [
        '<form><h1>Contact us</h1><label>Your message <textarea></textarea></label><label><input type="checkbox" required> Yes, email me offers on cabins</label><button>Send message</button></form>',
        'breach',
    ],
    [
        '<form><h1>Contact us</h1><label>Your message <textarea></textarea></label><label><input type="checkbox"> Yes, email me offers on cabins *</label><button>Send message</button></form>',
        'breach',
    ],
    [
        '<form><h1>Contact us</h1><label>Your message <textarea></textarea></label><fieldset><legend>May we email you offers on cabins?</legend><label><input type="radio" name="o" value="yes" required>Yes</label><label><input type="radio" name="o" value="no" required>No</label></fieldset><button>Send message</button></form>',
        'met',
    ],
]);

test('a requirement is asked of nothing less than it can judge, and of unfinished words only where it has something to say', function (): void {
    $asked = static fn (Reading $reading): array => array_unique(array_map(static fn ($r): string => $r->requirement->id(), Requirements::judge($reading)));
    expect($asked(Reading::ofWords('Yes, send me news.', Language::English)))->toContain('purpose-said', 'plain-words')->not
        ->toContain('controller-named', 'notice-matches', 'wording-approved');
    $whole = reading('en', ['sheet' => known()]);
    $unfinished = Reading::make(
        $whole->of, $whole->where, $whole->kind, '', $whole->language, $whole->controls, [], '', $whole->around, $whole->audience, $whole->sheet, true
    );
    expect($asked($whole))->toHaveCount(count(Requirements::judging()))->and($asked($unfinished))->toBe(['language-offered']);
});

test('what only a person can say is asked of points that it concerns, and of nothing else', function (string $id, Channel $channel, string $expected): void {
    $facts = new StatementFacts(Place::of('c'), 'news', LegalBasis::Consent, false, [$channel], true, '', '', '');
    $sheet = new SheetFacts(known()->controller, true, true, [], [$facts], []);
    expect(verdict($id, 'en', ['sheet' => $sheet]))->toBe($expected)->and(verdict($id, 'en'))->toBe('not-applicable')
        ->and(verdict($id, 'en', ['sheet' => $sheet, 'kind' => FormKind::Order, 'controls' => []]))->toBe('not-applicable');
})->with([
    ['no-penalty', Channel::Email, 'open'], ['no-imbalance', Channel::Email, 'open'], ['basis-fits', Channel::Email, 'open'],
    ['automated-decision', Channel::Email, 'open'], ['consents-reviewed', Channel::Email, 'open'], ['joint-arrangement', Channel::Email, 'open'], ['call-register', Channel::Phone, 'open'],
    ['call-register', Channel::Email, 'not-applicable'],
]);

test('consent-asked: whoever announces advertising asks for it; a form that serves only that, and says so, need not', function (string $l, string $said): void {
    $announced = ['kind' => FormKind::Order, 'controls' => [], 'text' => $said];
    expect(verdict('consent-asked', $l, $announced))->toBe('breach')->and(verdict('consent-asked', $l, ['text' => $said]))->toBe('met')
        ->and(verdict('consent-asked', $l, ['kind' => FormKind::Newsletter, 'controls' => [], 'text' => $said]))->toBe('met')
        ->and(verdict('consent-asked', $l, ['kind' => FormKind::Order, 'controls' => [], 'text' => '']))->toBe('not-applicable')
        ->and(verdict('consent-asked', $l, ['kind' => FormKind::Login]))->toBe('not-applicable');
})->with([
    ['en', 'You will also receive offers on cabins from us.'], ['de', 'Sie erhalten danach unseren Newsletter und Angebote per E-Mail.'],
    ['fr', 'Vous recevrez ensuite nos offres par e-mail.'], ['sv', 'Dessutom får du våra nyheter och erbjudanden.'],
    ['da', 'Derefter får du vores tilbud på e-mail.'],
]);

test('what only the registers know of a form of ours', function (string $id, array $facts, array $change, string $expected): void {
    expect(verdict($id, 'en', ['sheet' => known($facts), ...$change]))->toBe($expected)->and(verdict($id, 'en', $change))->toBe('not-applicable');
})->with([
    'a number, confirmed' => ['confirmed-number', ['channels' => [Channel::Sms]], [], 'met'],
    'a number that nobody confirms' => ['confirmed-number', ['channels' => [Channel::Email, Channel::Phone], 'doubleOptIn' => false], [], 'weakness'],
    'no number' => ['confirmed-number', ['channels' => [Channel::Email, Channel::Post], 'doubleOptIn' => false], [], 'not-applicable'],
    'a gift after confirming' => ['gift-after-confirmation', ['gift' => true], [], 'met'],
    'a gift at once' => ['gift-after-confirmation', ['gift' => true, 'doubleOptIn' => false], [], 'weakness'],
    'no gift' => ['gift-after-confirmation', ['doubleOptIn' => false], [], 'not-applicable'],
    'recorded' => ['processing-recorded', ['contents' => 'new sailings'], [], 'met'],
    'what comes is not' => ['processing-recorded', [], [], 'weakness'],
    'nobody to reach' => ['processing-recorded', ['contents' => 'new sailings', 'controller' => ['contact' => '']], [], 'weakness'],
    'strict where unknown' => ['regions-strict', [], ['countries' => []], 'met'],
    'known countries' => ['regions-strict', ['unknownIsStrict' => false], ['countries' => ['DE']], 'met'],
    'unknown and not strict' => ['regions-strict', ['unknownIsStrict' => false], ['countries' => []], 'weakness'],
    'not about consent' => ['regions-strict', ['unknownIsStrict' => false], ['countries' => [], 'kind' => FormKind::Login], 'not-applicable'],
]);

test('representative-named: whoever asks from outside the EEA, or the United Kingdom, names somebody there', function (
    string $seat, array $countries, string $representative, string $expected
): void {
    $change = ['countries' => $countries, 'fields' => [new AskedField(Place::of('f'), 'Email', FieldMeaning::Email, true, 'the news goes there')]];
    $sheet = known(['controller' => ['country' => $seat, 'representative' => $representative]]);
    expect(verdict('representative-named', 'en', ['sheet' => $sheet, ...$change]))->toBe($expected)
        // A form that collects nothing needs nobody.
        ->and(verdict('representative-named', 'en', ['sheet' => $sheet, ...$change, 'fields' => []]))->toBe('not-applicable');
})->with([
    'from Britain into the EEA' => ['GB', ['GB', 'DE'], '', 'breach'], 'with a representative' => ['GB', ['GB', 'DE'], 'Harbour Office, Germany', 'met'],
    'from Britain at home' => ['GB', ['GB'], '', 'not-applicable'], 'from the EEA into Britain' => ['DE', ['GB', 'DE'], '', 'breach'],
    'within the EEA' => ['DE', ['SE', 'DK', 'NO'], '', 'not-applicable'], 'from Canada into both' => ['CA', ['GB', 'DE'], '', 'breach'],
    'nobody knows where' => ['GB', [], '', 'not-applicable'], 'nobody knows from where' => ['', ['DE'], '', 'not-applicable'],
]);

$tidewick = 'Tidewick Ferries Ltd, dpo@tidewick.example.';

test('notice-complete: of a notice that is held each point that no word speaks of is asked for, of another it is one question', function (
    string $language, string $notice, array $silent
): void {
    $sheet = known(['controller' => ['notice-text' => [$language => $notice]]]);
    $results = Requirements::find('notice-complete')?->judge(reading($language, ['sheet' => $sheet])) ?? [];
    expect(array_map(static fn ($r): string => "{$r->verdict->value} ".$r->where?->text(), $results))
        ->toBe($silent === [] ? ['met '] : array_map(static fn (string $s): string => rtrim("open $s").($s === '' ? ' ' : ''), $silent))
        ->and(verdict('notice-complete', $language))->toBe('not-applicable');
})->with([
    'not held' => ['en', '', ['']],
    'all of it' => [
        'en', "$tidewick With your consent we send news. Quayside Post works under a contract. We keep it for three years. You have the right to access. "
            .'You can withdraw at any time, and complain to a supervisory authority. You need not give anything.', [],
    ],
    'nobody who answers for it' => [
        'en', 'With your consent we send you news, and share it with our processors. It is kept for a year. You need not agree, have the right to access, '
            .'can withdraw, and complain to the regulator.', ['notice/controller', 'notice/officer'],
    ],
    'its officer by what one is called' => [
        'en', 'Tidewick Ferries Ltd. Ask our data protection officer. With your consent we send you news, and share it with our processors. It is kept for '
            .'a year. You need not agree, have the right to access, can withdraw, and complain to the regulator.', [],
    ],
    'two points short' => [
        'en', "$tidewick With your consent our processors get it, and it is kept for a year; you can withdraw. It is optional.",
        ['notice/purposes', 'notice/rights', 'notice/complaint'],
    ],
    'German' => [
        'de', "$tidewick Damit wir Ihnen schreiben können. Rechtsgrundlage ist Ihre Einwilligung. Empfänger: Quayside Post. Wir löschen nach drei Jahren. "
            .'Sie haben ein Recht auf Auskunft und können widerrufen. Beschwerde: bei der Aufsichtsbehörde. Alle Angaben sind freiwillig.', [],
    ],
    'French, no word of how long' => [
        'fr', "$tidewick Avec votre consentement, afin de vous écrire. Destinataires : Quayside Post. Vous avez des droits, pouvez retirer votre accord et "
            .'adresser une réclamation. Rien n’est obligatoire.', ['notice/storage'],
    ],
    'Swedish' => [
        'sv', "$tidewick Rättslig grund är ditt samtycke, ändamålet våra brev. Mottagare: Quayside Post. Sparas i tre år. Dina rättigheter: tillgång. "
            .'Du kan återkalla det och lämna klagomål. Det är frivilligt.', [],
    ],
    'Danish, nobody to complain to' => [
        'da', "$tidewick Retsgrundlag er dit samtykke, formålet vores breve. Modtagere: Quayside Post. Opbevares i tre år. Du har rettigheder og kan trække "
            .'det tilbage. Det er frivilligt.', ['notice/complaint'],
    ],
]);
