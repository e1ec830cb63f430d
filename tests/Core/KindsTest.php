<?php

declare(strict_types=1);

use Juramen\Audit\Html\HtmlReader;
use Juramen\Points\FormKind;

/* What a form is for, by its fields, heading and button, as they stand out there; a mistake here judges a form by what does not concern it. */

/** @param  string  $fields  by letters: email, name, message, password, new password (w), address, card, file, telephone, search (q) */
function formOf(string $language, string $fields, string $heading, string $button): string
{
    $labels = [
        'en' => ['Email', 'Name', 'Message', 'Password', 'Address', 'Card number', 'CV', 'Phone'],
        'de' => ['E-Mail', 'Name', 'Nachricht', 'Passwort', 'Adresse', 'Kartennummer', 'Lebenslauf', 'Telefon'],
        'fr' => ['E-mail', 'Nom', 'Message', 'Mot de passe', 'Adresse', 'Numéro de carte', 'CV', 'Téléphone'],
        'sv' => ['E-post', 'Namn', 'Meddelande', 'Lösenord', 'Adress', 'Kortnummer', 'CV', 'Telefon'],
        'da' => ['E-mail', 'Navn', 'Besked', 'Adgangskode', 'Adresse', 'Kortnummer', 'CV', 'Telefon'],
    ][$language];
    $made = [
        'e' => "<label>$labels[0] <input type=email name=email></label>", 'n' => "<label>$labels[1] <input name=name></label>",
        'm' => "<label>$labels[2] <textarea name=m></textarea></label>", 'p' => "<label>$labels[3] <input type=password name=p></label>",
        'w' => "<label>$labels[3] <input type=password autocomplete=new-password name=p></label>",
        'a' => "<label>$labels[4] <input name=a autocomplete=street-address></label>",
        'c' => "<label>$labels[5] <input name=c autocomplete=cc-number></label>", 'f' => "<label>$labels[6] <input type=file name=f></label>",
        't' => "<label>$labels[7] <input type=tel name=t></label>", 'q' => '<input type=search name=q>',
    ];
    $html = implode('', array_map(static fn (string $letter): string => $made[$letter], str_split($fields)));

    return "<!doctype html><html lang=$language><title>Tidewick Ferries Ltd</title><body><h1>$heading</h1>"
        ."<form method=post action=/x>$html<button>$button</button></form></body></html>";
}

test('a form is taken for what it is for', function (string $language, string $fields, string $heading, string $button, string $kind): void {
    $reading = HtmlReader::read(formOf($language, $fields, $heading, $button))[0];
    expect($reading->kind->value)->toBe($kind, $reading->kindReason);
})->with([
    ['en', 'e', 'Join our mailing list', 'Join', 'newsletter'],
    ['en', 'e', 'Never miss an update', 'Sign me up', 'newsletter'],
    ['en', 'en', 'Get the latest from us', 'Subscribe', 'newsletter'],
    ['de', 'en', 'Gutschein bestellen', 'Kaufen', 'order'],
    ['en', 'e', 'Get 10% off your first order', 'Unlock my discount', 'newsletter'],
    ['de', 'e', 'Newsletter bestellen', 'Bestellen', 'newsletter'],
    ['de', 'e', 'Angebote per E-Mail', 'Bestellen', 'newsletter'],
    ['fr', 'e', 'La gazette du théâtre', 'Recevoir la gazette', 'newsletter'],
    ['sv', 'en', 'Anmäl dig till loppet', 'Anmäl mig', 'other'],
    ['sv', 'e', 'Anmäl dig till nyhetsbrevet', 'Anmäl mig', 'newsletter'],
    ['da', 'en', 'Tilmeld dig dansekurset', 'Tilmeld', 'other'],
    ['da', 'e', 'Tilmeld dig nyhedsbrevet', 'Tilmeld', 'newsletter'],
    ['sv', 'en', 'Anmälan till simkurs', 'Anmäl', 'other'],
    ['en', 'e', 'Monthly digest', 'Get it', 'newsletter'],
    ['en', 'em', 'Get in touch', 'Send', 'contact'],
    ['en', 'enm', 'Request a quote', 'Request quote', 'contact'],
    ['en', 'ent', 'Request a callback', 'Call me back', 'contact'],
    ['en', 'enm', 'Customer support', 'Submit ticket', 'contact'],
    ['en', 'ep', 'Sign in to your account', 'Sign in', 'login'],
    ['en', 'ew', 'Register', 'Register', 'account'],
    ['en', 'enw', 'Create a profile', 'Continue', 'account'],
    ['en', 'ena', 'Delivery details', 'Place order', 'order'],
    ['en', 'enc', 'Payment', 'Pay £20', 'order'],
    ['en', 'en', 'Enter our giveaway', 'Enter', 'prize-draw'],
    ['en', 'en', 'Win tickets', 'Take part', 'prize-draw'],
    ['en', 'e', 'Download the white paper', 'Download now', 'download'],
    ['en', 'en', 'Get your free e-book', 'Send me the e-book', 'download'],
    ['en', 'en', 'Free checklist', 'Send it to me', 'download'],
    ['sv', 'en', 'Gratis checklista', 'Skicka till mig', 'download'],
    ['en', 'e', 'Unsubscribe from our emails', 'Unsubscribe', 'preferences'],
    ['en', 'e', 'Manage your email preferences', 'Save', 'preferences'],
    ['en', 'em', 'Request a copy of your data', 'Send request', 'rights-request'],
    ['en', 'enf', 'Apply now', 'Submit application', 'job-application'],
    ['en', 'en', 'Register for the webinar', 'Register', 'other'],
    ['en', 'q', 'Search', 'Go', 'search'],
    ['de', 'e', 'Newsletter abonnieren', 'Abonnieren', 'newsletter'],
    ['de', 'e', 'Nichts mehr verpassen', 'Jetzt eintragen', 'newsletter'],
    ['de', 'em', 'Schreiben Sie uns', 'Absenden', 'contact'],
    ['de', 'enm', 'Angebot anfordern', 'Anfrage senden', 'contact'],
    ['de', 'ent', 'Rückruf anfordern', 'Rückruf anfordern', 'contact'],
    ['de', 'ep', 'Anmelden', 'Anmelden', 'login'],
    ['de', 'ew', 'Registrieren', 'Konto erstellen', 'account'],
    ['de', 'enc', 'Bezahlung', 'Zahlungspflichtig bestellen', 'order'],
    ['de', 'ena', 'Lieferadresse', 'Weiter zur Zahlung', 'order'],
    ['de', 'en', 'Gewinnspiel', 'Jetzt mitmachen', 'prize-draw'],
    ['de', 'e', 'Whitepaper herunterladen', 'Herunterladen', 'download'],
    ['de', 'e', 'Newsletter abbestellen', 'Abbestellen', 'preferences'],
    ['de', 'em', 'Auskunft nach Art. 15 DSGVO', 'Anfrage senden', 'rights-request'],
    ['de', 'enf', 'Initiativbewerbung', 'Bewerbung absenden', 'job-application'],
    ['fr', 'e', 'Abonnez-vous à notre lettre', 'Je m\'abonne', 'newsletter'],
    ['fr', 'e', 'Restez informé', 'S\'inscrire', 'newsletter'],
    ['fr', 'em', 'Contactez-nous', 'Envoyer', 'contact'],
    ['fr', 'enm', 'Demande de devis', 'Envoyer la demande', 'contact'],
    ['fr', 'ep', 'Connexion', 'Se connecter', 'login'],
    ['fr', 'ew', 'Créer un compte', 'Créer mon compte', 'account'],
    ['fr', 'enc', 'Paiement', 'Payer', 'order'],
    ['fr', 'en', 'Jeu-concours', 'Je participe', 'prize-draw'],
    ['fr', 'e', 'Télécharger le livre blanc', 'Télécharger', 'download'],
    ['fr', 'e', 'Se désabonner', 'Se désabonner', 'preferences'],
    ['fr', 'em', 'Exercer mes droits', 'Envoyer ma demande', 'rights-request'],
    ['fr', 'enf', 'Postuler', 'Envoyer ma candidature', 'job-application'],
    ['sv', 'e', 'Prenumerera på nyhetsbrevet', 'Prenumerera', 'newsletter'],
    ['sv', 'em', 'Kontakta oss', 'Skicka', 'contact'],
    ['sv', 'enm', 'Begär offert', 'Skicka', 'contact'],
    ['sv', 'ep', 'Logga in', 'Logga in', 'login'],
    ['sv', 'ew', 'Skapa konto', 'Skapa konto', 'account'],
    ['sv', 'enc', 'Betalning', 'Betala', 'order'],
    ['sv', 'en', 'Tävling', 'Delta', 'prize-draw'],
    ['sv', 'e', 'Ladda ner guiden', 'Ladda ner', 'download'],
    ['sv', 'e', 'Avsluta prenumerationen', 'Avsluta', 'preferences'],
    ['sv', 'enf', 'Ansök', 'Skicka ansökan', 'job-application'],
    ['da', 'e', 'Tilmeld nyhedsbrev', 'Tilmeld', 'newsletter'],
    ['da', 'em', 'Kontakt', 'Send', 'contact'],
    ['da', 'enm', 'Indhent tilbud', 'Send', 'contact'],
    ['da', 'ep', 'Log ind', 'Log ind', 'login'],
    ['da', 'ew', 'Opret bruger', 'Opret', 'account'],
    ['da', 'enc', 'Betaling', 'Betal', 'order'],
    ['da', 'en', 'Konkurrence', 'Deltag', 'prize-draw'],
    ['da', 'e', 'Hent guiden', 'Hent', 'download'],
    ['da', 'e', 'Afmeld nyhedsbrev', 'Afmeld', 'preferences'],
    ['da', 'enf', 'Ansøg', 'Send ansøgning', 'job-application'],
    ['en', 'en', 'Webinar: closing the books', 'Save my seat', 'other'],
    ['de', 'ne', 'Petition: Rettet die Fähre', 'Unterschreiben', 'other'],
    ['fr', 'ne', 'Inscription à la course du port', 'Je m’inscris', 'other'],
    ['sv', 'ne', 'Anmälan till hamnloppet', 'Anmäl mig', 'other'],
    ['da', 'ne', 'Tilmelding til havneløbet', 'Tilmeld mig', 'other'],
    ['en', 'e', 'Free wifi', 'Connect', 'other'],
    ['fr', 'e', 'Inscription à la newsletter', 'OK', 'newsletter'],
    ['de', 'e', 'Anmeldung zum Newsletter', 'OK', 'newsletter'],
    ['sv', 'e', 'Anmälan till nyhetsbrevet', 'OK', 'newsletter'],
    ['da', 'e', 'Tilmelding til nyhedsbrevet', 'OK', 'newsletter'],
    ['en', 't', 'Request a call back', 'Call me back', 'contact'],
    ['en', 'ne', 'Help the lifeboat', 'Give now', 'order'],
    ['fr', 'ne', 'Soutenez le phare', 'Je donne', 'order'],
    ['sv', 'ne', 'Hjälp fyren', 'Ge nu', 'order'],
    ['da', 'ne', 'Hjælp fyret', 'Giv et bidrag', 'order'],
]);

test('who chooses a sum gives or pays, whatever news there are beside; prices of something else are no sums', function (): void {
    $kind = static fn (string $one, string $other): FormKind => HtmlReader::read('<form><h2>Help the lifeboat</h2><label>Email <input type=email name=e></label>'
        ."<label><input type=radio name=s> $one</label><label><input type=radio name=s> $other</label>"
        .'<label><input type=checkbox name=c> Email me news of the boat once a month</label><button>Send</button></form>')[0]->kind;
    expect([$kind('£10', '£ 25.50'), $kind('100 kr', '250 kr.'), $kind('10 €', '25 EUR')])->toBe([FormKind::Order, FormKind::Order, FormKind::Order])
        ->and($kind('Once a month', 'Twice a month'))->toBe(FormKind::Newsletter)->and($kind('News worth £10', 'All news'))->toBe(FormKind::Newsletter);
});
