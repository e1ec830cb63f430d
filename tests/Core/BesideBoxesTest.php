<?php

declare(strict_types=1);

use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;

/* A box may be in order, and the words beside it undo it: they demand the tick, shame whoever leaves it, or take sending for a yes to somebody else. */

/** @return list<string> what is found of a form with a sound box and these words beside it */
function foundBeside(string $language, string $words, string $kind = 'contact'): array
{
    $asks = [
        'en' => 'Tidewick Ferries may email me its new sailings once a month. I can withdraw this at any time.',
        'de' => 'Tidewick Ferries darf mir einmal im Monat neue Fahrten per E-Mail schicken. Ich kann das jederzeit widerrufen.',
        'fr' => 'Tidewick Ferries peut m’envoyer ses nouvelles traversées par e-mail une fois par mois. Je peux retirer cet accord à tout moment.',
        'sv' => 'Tidewick Ferries får mejla mig nya turer en gång i månaden. Jag kan återkalla det när som helst.',
        'da' => 'Tidewick Ferries må maile mig nye ture en gang om måneden. Jeg kan trække det tilbage når som helst.',
    ];
    $contact = ['en' => 'Write to us', 'de' => 'Schreiben Sie uns', 'fr' => 'Contactez-nous', 'sv' => 'Kontakta oss', 'da' => 'Skriv til os'];
    $title = $kind === 'contact' ? $contact : ['en' => 'Our newsletter: new sailings once a month'];
    $field = $kind === 'contact' ? '<label>Message <textarea name="m"></textarea></label>' : '';
    $html = "<!doctype html><html lang=\"$language\"><head><title>Tidewick Ferries</title></head><body><h1>{$title[$language]}</h1><p>$words</p>"
        .'<form action="https://tidewick.example/a" method="post"><label>Email <input type="email" name="e" autocomplete="email" required></label>'
        ."$field<label><input type=\"checkbox\" name=\"n\"> {$asks[$language]}</label><a href=\"https://tidewick.example/privacy\">Privacy notice</a>"
        .'<button>Send</button></form><footer>Tidewick Ferries Ltd, Lantern Quay 3</footer></body></html>';
    $found = array_filter(Requirements::judge(HtmlReader::read($html)[0]), static fn (Result $r): bool => $r->verdict->isFinding()
        && ! in_array($r->requirement->id(), ['optional-marked', 'bots-kept-out'], true));

    return array_values(array_map(static fn (Result $r): string => "{$r->requirement->id()} {$r->verdict->value}", $found));
}

test('a tick that is said to be needed is demanded, though the box need not be ticked', function (string $language, string $words): void {
    expect(foundBeside($language, $words))->toBe(['not-a-condition breach']);
})->with([
    ['en', 'We can only answer if you tick the box.'],
    ['en', 'Ticking the box below is required to send this form.'],
    ['en', 'Please tick the box, otherwise we cannot process your request.'],
    ['en', 'Requests without a tick are not answered.'],
    ['en', 'If you leave the box empty, we cannot reply.'],
    ['en', 'You must agree to our newsletter to take part.'],
    ['en', 'Without your consent to our news we cannot answer you.'],
    ['en', 'We only reply to people who have agreed to our sowing tips.'],
    ['en', 'Only messages with the box ticked reach the potter.'],
    ['en', 'Tick the box, please: unticked requests cannot be handled.'],
    ['en', 'We are unable to answer if you do not tick the box.'],
    ['de', 'Wir können nicht antworten, wenn Sie das Häkchen nicht setzen.'],
    ['de', 'Wir können Ihnen nur antworten, wenn Sie das Häkchen setzen.'],
    ['de', 'Nur Nachrichten mit gesetztem Haken erreichen die Töpferin.'],
    ['de', 'Bitte das Häkchen setzen: Anfragen ohne können wir nicht bearbeiten.'],
    ['de', 'Ohne Häkchen wird Ihre Anfrage nicht bearbeitet.'],
    ['de', 'Nur Anfragen mit Häkchen werden beantwortet.'],
    ['de', 'Um Ihre Nachricht zu senden, setzen Sie das Häkchen.'],
    ['fr', 'Cocher la case est obligatoire pour envoyer le formulaire.'],
    ['fr', 'Merci de cocher la case, sinon nous ne pourrons pas traiter votre demande.'],
    ['fr', 'Les demandes sans case cochée ne sont pas traitées.'],
    ['sv', 'Vi kan bara svara om du kryssar i rutan.'],
    ['sv', 'Kryssa i rutan, annars kan vi inte behandla din förfrågan.'],
    ['sv', 'Förfrågningar utan kryss besvaras inte.'],
    ['da', 'Feltet skal afkrydses for at sende formularen.'],
    ['da', 'Sæt kryds i feltet, ellers kan vi ikke behandle din henvendelse.'],
    ['da', 'Henvendelser uden kryds besvares ikke.'],
]);

test('what comes whatever is ticked was agreed to by nobody', function (string $language, string $words): void {
    expect(foundBeside($language, $words))->toBe(['no-consent-by-sending breach']);
})->with([
    ['de', 'Auch ohne Häkchen senden wir Ihnen unsere Angebote per E-Mail.'],
    ['fr', 'Même si vous laissez la case vide, nous vous enverrons nos offres par e-mail.'],
    ['sv', 'Även utan kryss skickar vi våra erbjudanden till dig med e-post.'],
    ['da', 'Selv om du lader feltet stå tomt, mailer vi vores tilbud til dig.'],
]);

test('what only says what the box is for, or that it may stay empty, demands nothing', function (string $language, string $words): void {
    expect(foundBeside($language, $words))->toBe([]);
})->with([
    ['en', 'Tick the box to get our news.'],
    ['en', 'You need not tick the box to send this form.'],
    ['en', 'You can send the form without ticking the box.'],
    ['en', 'Please tick the box to receive our newsletter, otherwise leave it empty.'],
    ['en', 'We answer whether or not you tick the box.'],
    ['en', 'We can only answer you if you agree that we store your details.'],
    ['en', 'We will only use the ways you tick.'],
    ['de', 'Ihre Anfrage beantworten wir auch ohne Häkchen.'],
    ['de', 'Ohne Häkchen bekommen Sie keine Werbung.'],
    ['de', 'Alles außer dem Häkchen ist Pflicht.'],
    ['fr', 'Nous vous répondons, que vous cochiez la case ou non.'],
    ['fr', 'Sans la case, vous ne recevez pas de publicité.'],
    ['sv', 'Vi svarar även utan krysset.'],
    ['da', 'Vi svarer, uanset om du sætter kryds.'],
    ['da', 'Alt undtagen krydset skal udfyldes.'],
]);

test('a yes to others, and haste, are found beside a box that asks for neither', function (string $kind, string $words, array $expected): void {
    expect(foundBeside('en', $words, $kind))->toEqualCanonicalizing($expected);
})->with([
    ['contact', 'By sending this form you agree that our partners may email you.', ['no-consent-by-sending breach', 'recipients-named breach']],
    ['newsletter', 'By subscribing you agree that our partners may call you.', ['consent-asked breach', 'recipients-named breach']],
    ['newsletter', 'Only 5 minutes left!', ['no-as-easy-as-yes weakness']],
    ['contact', 'Only 5 minutes left!', []],
    ['contact', 'Even if you leave the box empty, we will email you our offers.', ['no-consent-by-sending breach']],
    ['contact', 'Even without the tick you get our answer by email.', []],
    ['contact', 'Even without the tick you can read our offers on this page.', []],
    ['contact', 'We will also call you with offers.', ['consent-asked breach']],
    ['contact', 'We will call you about your message.', []],
]);

test('of several boxes the one nearest to the words is meant', function (array $parts, bool $demanded): void {
    $written = [
        'letter' => '<label><input type="checkbox" name="d"> Beaver Roofs may email me its roof letter four times a year. I can unsubscribe at any time.</label>',
        'terms' => '<label><input type="checkbox" name="t" required> I accept the <a href="/terms">terms</a>.</label>',
        'words' => '<p>If you do not tick the box, we cannot answer.</p>',
        'about' => '<fieldset><legend>What is it about?</legend><label><input type=checkbox name=a> A repair</label>'
            .'<label><input type=checkbox name=b> The roof letter</label></fieldset>',
        'reach' => '<fieldset><legend>How may we reach you?</legend><label><input type=radio name=r> By email</label><label><input type=radio name=r> By phone</label>'
            .'</fieldset>',
    ];
    $html = '<html lang=en><title>Beaver Roofs Ltd</title><body><h1>Ask a roofer</h1><form method=post action="https://roofs.example/"><label>Email <input type=email>'
        .'</label><label>Message <textarea></textarea></label>'.implode('', array_map(static fn (string $part): string => $written[$part], $parts))
        .'<button>Ask</button></form><a href="/privacy">Privacy notice</a></body></html>';
    $found = array_map(static fn (Result $r): string => "{$r->requirement->id()} {$r->verdict->value}", Requirements::judge(HtmlReader::read($html)[0]));
    expect(in_array('not-a-condition breach', $found, true))->toBe($demanded);
})->with([
    [['letter', 'words'], true], [['terms', 'letter', 'words'], true], [['letter', 'terms', 'words'], false], [['words', 'terms', 'letter'], false],
    [['words', 'letter', 'terms'], true], [['about', 'letter', 'words'], true], [['letter', 'about', 'words'], false],
    [['reach', 'letter', 'words'], true],
]);
