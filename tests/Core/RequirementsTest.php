<?php

declare(strict_types=1);

use Juramen\Audit\AskedField;
use Juramen\Audit\Control;
use Juramen\Audit\ControlRole;
use Juramen\Audit\FieldMeaning;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\PageLink;
use Juramen\Audit\Reading;
use Juramen\Audit\Requirement;
use Juramen\Audit\Requirements;
use Juramen\Audit\Response;
use Juramen\Audit\SheetFacts;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Register\Language;

/*
 * Each requirement met, missed and not applicable, in each language, on Readings made by hand: so that a requirement is
 * tried on its own, whatever the reading of HTML makes of a page.
 */

/** A newsletter form on a whole page with nothing wrong, in which one thing at a time is made wrong. */
function reading(string $language, array $change = []): Reading
{
    $words = [
        'en' => 'Yes, Tidewick Ferries may email me new sailings and fares. I can withdraw at any time.',
        'de' => 'Ja, Tidewick Ferries darf mir neue Fahrten und Preise mailen. Ich kann das jederzeit widerrufen.',
        'fr' => 'Oui, Tidewick Ferries peut m’envoyer les nouvelles traversées et les tarifs. Je peux me désinscrire à tout moment.',
    ][$language];
    $notice = ['en' => 'Privacy notice', 'de' => 'Datenschutzhinweise', 'fr' => 'Politique de confidentialité'][$language];
    $label = $change['label'] ?? $words;
    $controls = $change['controls'] ?? [new Control('#c', $label, ControlRole::Consent, $change['response'] ?? Response::Unset)];

    return new Reading(
        'form',
        $change['kind'] ?? FormKind::Newsletter,
        'made by hand',
        Language::from($language),
        array_key_exists('pageLanguage', $change) ? $change['pageLanguage'] : Language::from($language),
        $change['whole'] ?? true,
        $controls,
        $change['fields'] ?? [new AskedField('#e', 'E-mail', FieldMeaning::Email, true)],
        $change['links'] ?? [new PageLink('#n', $notice, '/notice')],
        $change['text'] ?? $label,
        $change['around'] ?? '',
        $change['address'] ?? '',
        $change['sheet'] ?? null,
    );
}

function requirement(string $id): Requirement
{
    return array_values(array_filter(Requirements::all(), static fn (Requirement $r): bool => $r->id() === $id))[0];
}

/** @param  array<string, mixed>  $change */
function verdict(string $id, string $language, array $change = []): string
{
    return requirement($id)->judge(reading($language, $change))[0]->verdict->value;
}

$languages = ['en', 'de', 'fr'];

test('a form with nothing wrong meets everything that can be seen on it', function (string $language): void {
    foreach (Requirements::all() as $requirement) {
        $expected = $requirement->id() === 'confirmed-address' ? 'not-applicable' : 'met';
        expect($requirement->judge(reading($language))[0]->verdict->value)->toBe($expected, $requirement->id());
    }
})->with($languages);

test('login, search, preferences and rights forms are not judged on consent', function (FormKind $kind): void {
    foreach (Requirements::all() as $requirement) {
        expect(verdict($requirement->id(), 'en', ['kind' => $kind]))->toBe('not-applicable', $requirement->id());
    }
})->with([FormKind::Login, FormKind::Search, FormKind::Preferences, FormKind::RightsRequest]);

test('a form without any consent on it is not judged on consent', function (string $language): void {
    foreach (['no-preset-answer', 'apart-from-terms', 'controller-named', 'purpose-said', 'withdrawal-said', 'notice-linked', 'language-offered'] as $id) {
        expect(verdict($id, $language, ['kind' => FormKind::Order, 'controls' => []]))->toBe('not-applicable', $id);
    }
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
    expect(verdict('purpose-said', 'en', ['label' => 'Yes, send me the newsletter', 'text' => "Once a month: recipes and garden tips\nYes, send me the newsletter"]))->toBe('met')
        ->and(verdict('purpose-said', 'en', ['kind' => FormKind::Order, 'label' => 'Yes, send me the newsletter', 'text' => "Rope and canvas in your basket\nYes, send me the newsletter"]))->toBe('weakness');
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
    expect(verdict('notice-linked', 'en', ['links' => [new PageLink('#n', 'Privacy policy', $href)]]))->toBe($expected);
})->with([
    ['/privacy', 'met'], ['https://tidewick.example/privacy?lang=en#top', 'met'], ['#', 'breach'], ['', 'breach'], ['#privacy', 'breach'], ['javascript:void(0)', 'breach'],
    ['https://', 'breach'], ['[LINK]', 'breach'], ['https://your-domain/privacy', 'breach'], ['{{ privacy_url }}', 'breach'],
]);

test('notice-linked: none on a page is a breach, none in a fragment is open', function (string $language): void {
    expect(verdict('notice-linked', $language, ['links' => []]))->toBe('breach')
        ->and(verdict('notice-linked', $language, ['links' => [], 'whole' => false]))->toBe('open')
        ->and(verdict('notice-linked', $language, ['links' => [new PageLink('#i', 'Imprint', '/imprint')]]))->toBe('breach');
})->with($languages);

test('language-offered: a consent in another language than its page is a weakness', function (string $language): void {
    $other = $language === 'de' ? Language::English : Language::German;
    expect(verdict('language-offered', $language, ['pageLanguage' => $other]))->toBe('weakness')
        ->and(verdict('language-offered', $language, ['pageLanguage' => null]))->toBe('not-applicable');
})->with($languages);

test('confirmed-address: demanded in Germany, Austria, by house rules and where nobody knows; elsewhere a weakness', function (array $countries, bool $doubleOptIn, bool $house, string $expected): void {
    $sheet = new SheetFacts('Tidewick Ferries', $doubleOptIn, $house, $countries, []);
    expect(verdict('confirmed-address', 'en', ['sheet' => $sheet]))->toBe($expected);
})->with([
    'confirmed' => [['DE'], true, true, 'met'],
    'Germany' => [['GB', 'DE'], false, false, 'breach'],
    'Austria' => [['AT'], false, false, 'breach'],
    'nobody knows' => [[], false, false, 'breach'],
    'house rules' => [['GB'], false, true, 'breach'],
    'United Kingdom alone' => [['GB'], false, false, 'weakness'],
]);

test('fields-needed: what a form for news does not need wants a reason', function (FieldMeaning $meaning, FormKind $kind, bool $required, string $reason, string $expected): void {
    $change = ['kind' => $kind, 'fields' => [new AskedField('#f', 'It', $meaning, $required, $reason)]];
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

test('plain-words: legalese, double negatives, sentences without end and hard words are weaknesses', function (string $language, string $label, string $words): void {
    $results = requirement('plain-words')->judge(reading($language, ['label' => $label]));
    expect($results[0]->verdict->value)->toBe('weakness')->and($results[0]->words)->toStartWith($words);
})->with([
    ['en', 'I hereby consent to receiving new sailings by email.', 'hereby'],
    ['en', 'Tick if you do not want us to no longer send you new sailings.', 'do not want us to no longer'],
    ['en', 'Yes, '.str_repeat('new sailings and fares and ', 8).'more may be sent to me.', 'Yes, new sailings'],
    ['en', 'Promotional communications regarding international itineraries, accommodation opportunities and organisational modifications.', 'Promotional'],
    ['de', 'Hiermit willige ich in die Zusendung neuer Fahrten ein.', 'Hiermit'],
    ['de', 'Ich möchte nicht, dass Sie mir keine Fahrten schicken, und das niemals ohne Grund nicht.', 'nicht'],
    ['de', 'Einwilligungserklärung bezüglich personenbezogener Datenverarbeitungsvorgänge einschließlich Werbemaßnahmen hinsichtlich touristischer Beförderungsdienstleistungen innerhalb europäischer Gewässer.', 'Einwilligungserklärung'],
    ['fr', 'Par la présente, j’accepte de recevoir les traversées.', 'Par la présente'],
    ['fr', 'Communications promotionnelles concernant les itinéraires internationaux, les opportunités d’hébergement et les modifications organisationnelles immédiates.', 'Communications'],
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

test('every requirement has its fixed id, a source, and says how sure that is; good practice is never worse than a weakness', function (): void {
    $ids = array_map(static fn (Requirement $r): string => $r->id(), Requirements::all());
    expect($ids)->toBe(['no-preset-answer', 'apart-from-terms', 'controller-named', 'purpose-said', 'withdrawal-said', 'notice-linked', 'language-offered', 'confirmed-address', 'fields-needed', 'plain-words']);
    foreach (Requirements::all() as $requirement) {
        expect($requirement->source()->sure)->toStartWith('from memory')->and($requirement->title())->toEndWith('.');
        if ($requirement->source()->kind === SourceKind::Ours) {
            foreach ($requirement->judge(reading('en', ['response' => Response::Yes, 'links' => []])) as $result) {
                expect($result->verdict)->not->toBe(Verdict::Breach);
            }
        }
    }
});
