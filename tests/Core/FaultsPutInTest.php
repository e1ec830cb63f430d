<?php

declare(strict_types=1);

use Juramen\Audit\Control;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Reading;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Tests\Core\FoundFormCase;
use Tests\Core\FoundForms;

/* Whatever a form is, a fault that is put into it is found, and a box that asks for nothing is left alone. */

/** @return list<string> what is found on the only form of a page */
function faultsOf(Reading $reading): array
{
    $found = array_filter(Requirements::judge($reading), static fn (Result $r): bool => $r->verdict->isFinding());

    return array_values(array_unique(array_map(static fn (Result $r): string => "{$r->requirement->id()} {$r->verdict->value}", $found)));
}

/**
 * Of all forms as they are found some, each alone on a page whose language is known.
 *
 * @return list<array{FoundFormCase, string, Reading}>
 */
function formsToSpoil(int $from): array
{
    $all = FoundForms::in(...FoundForms::ALL)->forms;
    $some = [];
    for ($i = $from, $step = intdiv(count($all), fullSize(600)); $i < count($all); $i += $step) {
        $readings = HtmlReader::read($all[$i]->html, $all[$i]->address);
        if (count($readings) === 1 && preg_match('~<html[^>]*lang="?(en|de|fr|sv|da)\b~i', $all[$i]->html, $language) === 1
            && preg_match('~<form\b(?:(?!</form>).)*<button~is', $all[$i]->html) === 1) {
            $some[] = [$all[$i], $language[1], $readings[0]];
        }
    }

    return $some;
}

$asks = static fn (Reading $r): bool => $r->kind->asksForConsent();
$else = static fn (Reading $r): bool => $r->kind->servesSomethingElse() && $r->kind->asksForConsent();
$oneBox = static fn (Reading $r): bool => count($r->asked()) === 1 && array_filter($r->asked(), static fn (Control $c): bool => $c->refuses) === [];
// Before the button that sends, within the form.
$put = static fn (string $what): Closure => static fn (string $h): string => (string) preg_replace(
    '~(<form\b(?:(?!</form>|<button).)*)(?=<button)~is', "\$1$what", $h, 1
);
$first = static fn (string $what): Closure => static fn (string $h): string => (string) preg_replace('~(<form\b[^>]*>)~i', "\$1$what", $h, 1);
$tick = static fn (string $with): Closure => static fn (string $h): string => substr_count(strtolower($h), 'checkbox') !== 1 ? $h
    : (string) preg_replace('~(<input\b[^>]*type="?checkbox"?)~i', "\$1 $with", $h);
$saying = static fn (array $words): Closure => static fn (string $h, string $language): string => $put($words[$language])($h);

test('a fault that is put into a form is found', function (string $id, Closure $applies, Closure $spoil): void {
    $spoiled = 0;
    foreach (formsToSpoil(crc32($id) % 70) as [$form, $language, $reading]) {
        $html = $spoil($form->html, $language);
        // Words in another language than their page's are that finding's.
        $found = implode(' ', faultsOf($reading));
        if ($html === $form->html || ! $applies($reading) || str_contains($found, $id) || str_contains($found, 'language-offered')) {
            continue;
        }
        $spoiled++;
        expect(str_contains(implode(' ', faultsOf(HtmlReader::read($html, $form->address)[0])), $id))->toBeTrue("$form->name: $html");
    }
    expect($spoiled)->toBeGreaterThan(3);
})->with([
    'a box that is ticked' => ['no-preset-answer', $oneBox, $tick('checked')],
    'a box that must be ticked' => ['not-a-condition', static fn (Reading $r): bool => $r->kind->servesSomethingElse() && $oneBox($r), $tick('required')],
    'sent in the clear' => [
        'sent-encrypted', $asks,
        static fn (string $h): string => (string) preg_replace('~<form\b([^>]*?)\saction=("[^"]*"|[^\s>]+)~i', '<form$1 action="http://plain.example/x"', $h),
    ],
    'a script from elsewhere' => ['no-outside-calls', $asks, $first('<script src="https://count.harbourstats.example/t.js"></script>')],
    'a hidden yes' => [
        'no-hidden-consent', static fn (Reading $r): bool => $else($r) && $r->consents() === [], $first('<input type="hidden" name="newsletter" value="yes">'),
    ],
    'no notice' => [
        'notice-linked', static fn (Reading $r): bool => $r->collects(),
        static fn (string $h): string => (string) preg_replace('~<a\b[^>]*>(?:(?!</a>).)*</a>~is', '', $h),
    ],
    'consent by sending' => ['no-consent-by-sending', $else, $saying([
        'en' => '<p>By sending this form you agree to receive our offers by email.</p>',
        'de' => '<p>Mit dem Absenden stimmen Sie zu, unsere Angebote per E-Mail zu erhalten.</p>',
        'fr' => '<p>En envoyant ce formulaire, vous acceptez de recevoir nos offres par e-mail.</p>',
        'sv' => '<p>Genom att skicka formuläret godkänner du att få våra erbjudanden via e-post.</p>',
        'da' => '<p>Ved at sende formularen accepterer du at modtage vores tilbud på e-mail.</p>',
    ])],
    'terms and offers in one' => ['apart-from-terms', $asks, $saying([
        'en' => '<label><input type="checkbox" name="b"> I accept the terms and want to receive offers by email.</label>',
        'de' => '<label><input type="checkbox" name="b"> Ich akzeptiere die AGB und möchte Angebote per E-Mail erhalten.</label>',
        'fr' => '<label><input type="checkbox" name="b"> J’accepte les conditions générales et je souhaite recevoir des offres par e-mail.</label>',
        'sv' => '<label><input type="checkbox" name="b"> Jag godkänner villkoren och vill få erbjudanden via e-post.</label>',
        'da' => '<label><input type="checkbox" name="b"> Jeg accepterer betingelserne og vil gerne modtage tilbud på e-mail.</label>',
    ])],
    'partners whom nobody names' => ['recipients-named', static fn (Reading $r): bool => $asks($r) && stripos($r->text, 'partner') === false, $saying([
        'en' => '<label><input type="checkbox" name="p"> Your partners may email me their offers.</label>',
        'de' => '<label><input type="checkbox" name="p"> Ihre Partner dürfen mir ihre Angebote per E-Mail schicken.</label>',
        'fr' => '<label><input type="checkbox" name="p"> Vos partenaires commerciaux peuvent m’envoyer leurs offres par e-mail.</label>',
        'sv' => '<label><input type="checkbox" name="p"> Era partner får skicka sina erbjudanden till mig via e-post.</label>',
        'da' => '<label><input type="checkbox" name="p"> Jeres partnere må sende mig deres tilbud på e-mail.</label>',
    ])],
    'what somebody believes' => ['special-data', $asks, $saying([
        'en' => '<label>Religion (optional) <input name="r"></label>', 'de' => '<label>Religion (freiwillig) <input name="r"></label>',
        'fr' => '<label>Religion (facultatif) <input name="r"></label>', 'sv' => '<label>Religion (valfritt) <input name="r"></label>',
        'da' => '<label>Religion (valgfrit) <input name="r"></label>',
    ])],
]);

test('a box for terms, for a notice or for how what comes anyway comes changes nothing', function (array $labels) use ($put): void {
    foreach (formsToSpoil(17) as [$form, $language, $reading]) {
        // A demand that names no box is one of the nearest, and what names a box may be one of several answers; more words in one language tell more
        // of a form that is in two.
        if ($reading->kind->asksForConsent() && preg_match('~not-a-condition|language-offered~', implode(' ', faultsOf($reading))) !== 1) {
            $with = $put("<p><label><input type=\"checkbox\" name=\"zz\"> {$labels[$language]}</label></p>")($form->html);
            expect(faultsOf(HtmlReader::read($with, $form->address)[0]))->toBe(faultsOf($reading), $form->name);
        }
    }
})->with([
    'terms' => [[
        'en' => 'I have read and accept the terms of sale.', 'de' => 'Ich akzeptiere die AGB.', 'fr' => 'J’accepte les conditions générales.',
        'sv' => 'Jag godkänner köpvillkoren.', 'da' => 'Jeg accepterer handelsbetingelserne.',
    ]],
    'a notice' => [[
        'en' => 'I have read the privacy notice.', 'de' => 'Ich habe die Datenschutzerklärung gelesen.', 'fr' => 'J’ai lu la politique de confidentialité.',
        'sv' => 'Jag har läst integritetspolicyn.', 'da' => 'Jeg har læst privatlivspolitikken.',
    ]],
    'plain text' => [[
        'en' => 'Prefer plain text emails', 'de' => 'E-Mails lieber als reiner Text', 'fr' => 'E-mails en texte seul', 'sv' => 'Hellre mejl som ren text',
        'da' => 'Hellere mails som ren tekst',
    ]],
]);

test('who has no password yet opens an account, and who signs in does not', function (string $heading, string $fields, string $kind): void {
    $page = "<!doctype html><html lang=en><body><h1>$heading</h1><form>$fields<label>Password <input type=password name=p></label><button>OK</button></form>"
        .'</body></html>';
    expect(HtmlReader::read($page)[0]->kind->value)->toBe($kind);
})->with([
    ['Your garden', '<label>Email <input type=email name=e></label>', 'login'],
    ['Open an account', '<label>Email <input type=email name=e></label>', 'account'],
    ['Your garden', '<label>Name <input name=n></label><label>Email <input type=email name=e></label>', 'account'],
    ['Your garden', '<label>Email <input type=email name=e></label><label><input type=checkbox name=n> Email me sowing tips</label>', 'account'],
    ['Your garden', '<label>Email <input type=email name=e></label><label><input type=checkbox name=r> Remember me</label>', 'login'],
]);
