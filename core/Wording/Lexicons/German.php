<?php

declare(strict_types=1);

namespace Juramen\Wording\Lexicons;

/** German. Patterns are our own, from wording seen in common practice. */
final class German
{
    public const COMMON = 'aber alle allem allen aller alles als also am an ander andere anderen auch auf aus bei bin bis bitte da damit dann darf darum das dass dazu dein deine dem den der des dich die dies diese diesem diesen dieser dieses dir doch dort du durch ein eine einem einen einer eines einmal er es etwas euch euer für gegen habe haben hat hatte hier hiermit ich ihm ihn ihnen ihr ihre ihrem ihren ihrer im immer in ins ist ja jede jedem jeden jeder jederzeit jetzt kann kein keine können könnte man mehr mein meine meinem meinen meiner mich mir mit möchte mögen nach nein nicht noch nun nur ob oder ohne per regelmäßig schicken schickt sehr sein seine selbst senden sich sie sind so sobald soll sollen sondern sonst über um und uns unser unsere unserem unseren unserer unter viel vom von vor wann war warum was weil weiter welche wenn wer werde werden wie wieder will wir wird wo wollen wünsche zu zum zur zusenden erhalten bekommen einverstanden stimme zustimmen willige ein einwilligen einwilligung mail mails email emails brief post telefon sms adresse monat monatlich woche wöchentlich tag täglich jahr mal gelegentlich kontaktieren kontaktiert zugesandt zugeschickt anmelden abonnieren informieren informiert gerne gern angaben daten nutzen genutzt verwenden verwendet ihrer darüber';

    public const PATTERNS = [
        'marketing' => ['news ?letters?', 'rundbriefe?', 'werb(?:ung|e\w+|lich\w*)', '(?:\w+)?angebote?n?(?!\w)', 'aktionen', 'neuigkeiten', 'neuheiten', 'neues (?:von|aus|über|rund)', 'aktuelle(?:s|n)? (?:informationen|infos|themen)', 'marketing\w*', 'gutscheine?', 'rabatt\w*', 'auf dem laufenden', 'abonnier\w*', 'produktinformation\w*', '(?:möchte|will|würde gern\w*|wünsche)[^.]{0,60}(?:informiert werden|erhalten|bekommen|zugeschickt|zugesandt)', '(?:darf|dürfen) (?:mir|mich)', '(?:darf|dürfen) mich[^.]{0,60}(?:informieren|kontaktieren|anrufen|anschreiben)', 'infomails?', 'infopost', 'verteiler', 'tipps'],
        'vague' => ['news ?letters?', 'rundbriefe?', 'neuigkeiten', 'news', 'infos?', 'informationen', 'angebote?n?', 'werbung', 'werbe\w*', 'werblich\w*', 'marketing\w*', 'aktionen', 'interessante\w*', 'exklusive\w*', 'aktuelle\w*', 'spannende\w*', 'produkte?n?', 'dienste?', 'dienstleistungen?', 'leistungen', 'verbesser\w*', 'neuheiten', 'tipps', 'themen', 'inhalte', 'sonder\w*', 'besondere\w*', 'partnern?', 'dritte\w*', 'zwecken?', 'verteiler', 'unternehmens?', 'aktuell', 'weitere\w*', 'relevante\w*', 'gelegentlich\w*', 'regelmäßig\w*', 'unternehmen', 'laufenden', 'rund'],
        'accepts-terms' => ['(?:akzeptier\w*|stimme[^.]{0,40}|einverstanden mit|erkenne[^.]{0,30}|gelesen und[^.]{0,30}|bestätige[^.]{0,20}|mit)[^.]{0,60}?(?:agb(?!\w)|(?:nutzungs|geschäfts|teilnahme)bedingungen)[^.]{0,60}(?:zu(?!\w)|einverstanden|an(?!\w)|akzept\w*|gelesen)?', '(?:agb|(?:nutzungs|geschäfts|teilnahme)bedingungen)[^.]{0,40}(?:akzeptier\w*|einverstanden|gelesen|zustimm\w*|stimme|anerkannt|erkenne)'],
        'accepts-notice' => ['(?:akzeptier\w*|stimme)[^.]{0,40}?(?:datenschutz\w*)', '(?:datenschutz(?:erklärung|hinweise\w*|bestimmungen|richtlinie))[^.]{0,40}(?:akzeptier\w*|einverstanden|zu(?:stimm\w*|\.|,| und))', 'einverstanden mit[^.]{0,20}datenschutz\w*'],
        'terms' => ['agb(?!\w)', '\w*(?:nutzungs|geschäfts|teilnahme)bedingungen', 'bedingungen'],
        'notice' => ['datenschutz\w*', 'privatsphäre', 'hinweise zum datenschutz'],
        'withdrawal' => ['widerruf\w*', 'widerrufen', 'abbestell\w*', 'abmeld\w*', 'wieder austragen', 'jederzeit[^.]{0,40}(?:beenden|aufhören|kündigen|abmelden|ändern)', 'kündbar'],
        'refuses' => ['kein(?:e|en)? (?:werbung|newsletter|angebote|infos|informationen|mails|e-mails)', 'möchte[^.]{0,30}(?:nicht|keine)', 'nein,? danke', 'nicht (?:informiert|kontaktiert|angeschrieben)', 'verzichte', 'ich widerspreche', 'lieber nicht'],
        'yes' => ['ja(?!\w)', 'ich (?:stimme zu|willige ein|möchte|bin einverstanden)', 'einverstanden', 'gerne'],
        'technical' => ['angemeldet bleiben', 'eingeloggt bleiben', 'passwort (?:merken|anzeigen)', 'daten merken', 'rechnungs(?:adresse|anschrift)', 'lieferadresse (?:ist )?gleich', '(?:abweichende|gleiche) (?:liefer|rechnungs)\w+', 'kein roboter', 'geschenkverpackung', 'wie oft', 'täglich|wöchentlich|monatlich', 'sprache', 'kopie (?:an mich|dieser)'],
        'reason' => ['damit wir', 'um (?:sie|dich|ihnen|den|die|das|ihre|zu)[^.]{0,60}zu ', 'weil', 'wir (?:brauchen|benötigen|nutzen|fragen)', 'nur (?:für|um|zur|falls)', 'falls', 'für rückfragen', 'zur (?:zustellung|lieferung|anrede)'],
        'by-email' => ['e-?mails?', 'newsletter', 'mailverteiler'],
        'by-sms' => ['sms', 'kurznachricht\w*'],
        'by-phone' => ['telefon\w*', 'anruf\w*', 'anrufen'],
        'by-post' => ['per post', 'postalisch\w*', 'brieflich', 'per brief', 'postweg'],
        'by-messaging' => ['messenger\w*', 'chatnachricht\w*'],
        'partners' => ['(?:unsere[nr]? |ausgewählte[nr]? |kooperations|geschäfts|werbe)?partnern?', 'dritte[nr]?(?!\w)', 'sponsoren', 'konzern\w*', 'verbundene\w* unternehmen'],
        'legalese' => ['hiermit', 'vorstehend\w*', 'nachstehend\w*', 'vorgenannt\w*', 'obig\w*', 'gemäß den bestimmungen', 'im sinne des', 'unbeschadet', 'der unterzeichnende', 'unwiderruflich\w*', 'ausdrücklich ein', 'zwecks', 'seitens', 'bezüglich der verarbeitung', 'gilt als erteilt', 'betroffene person'],
        'double-negative' => ['nicht un(?:erwünscht|gern|wahrscheinlich)\w*', '(?:nicht|kein\w*)[^.,;]{0,40}(?:nicht(?!s)|kein\w*|niemals)', 'nicht,? (?:dass|wenn)[^.;]{0,40}(?:nicht|kein\w*)'],
        'passes-on' => ['(?:weitergeb\w*|weitergegeben|weitergeleitet|übermittel\w*|gibt|geben|teilen|verkauf\w*|überlass\w*)[^.]{0,60}?(?:partner\w*|dritte[nr]?(?!\w)|sponsoren|unternehmen|konzern\w*)', '(?:partner\w*|dritte[nr]?|sponsoren|unternehmen)[^.]{0,40}?(?:weitergeb\w*|weitergegeben|übermittel\w*|überlass\w*)', '(?:partner\w*|dritte|sponsoren)[^.]{0,30}?(?:dürfen|darf|können) (?:mich|mir)'],
        'rate' => ['(?:ein|zwei|drei|vier|fünf|sechs|zehn|zwölf|\d+)\s?mal[^.]{0,15}?(?:im|pro|die|in der|am) (?:tag|woche|monat|quartal|jahr)', '(?:täg|wöchent|monat|vierteljähr|halbjähr|jähr)lich\w*', 'jede[nrs]? (?:tag|woche|monat|quartal|jahr)', 'gelegentlich\w*', 'ab und zu', 'höchstens', 'nicht öfter', 'nur wenn', 'zweimonatlich'],
        'by-sending' => ['(?:mit|durch) (?:dem |das |der |die |ihrer |ihre |deiner )?(?:absenden|absendung|klick\w*|registrierung|anmeldung|teilnahme|bestellung|buchung|weiter\w*|nutzung|download|eingabe)', 'wenn sie (?:absenden|bestellen|teilnehmen|weiter\w*)[^.]{0,40}(?:stimmen|willigen|erklären|sind sie)', 'indem sie'],
        'similar' => ['ähnliche\w* (?:waren|produkte?n?|dienstleistungen|angebote)', '(?:eigene\w*|unsere\w*) ähnliche\w*', 'wie die gekauften'],
        'objects' => ['widersprechen', 'widerspruch\w*', 'übermittlungskosten', 'basistarif\w*'],
        'login' => ['anmelden (?:mit|bei)', 'log ?in', 'einloggen', 'passwort vergessen'],
        'search' => ['suche\w*', 'finden sie'],
        'contact' => ['kontakt\w*', 'ihre (?:nachricht|anfrage|frage)', 'nachricht', 'anfrage\w*', 'schreiben sie uns', 'angebot anfordern', 'rückruf\w*'],
        'order' => ['bestell\w*', 'warenkorb', 'kasse', 'zahlung\w*', 'kaufen', 'kostenpflichtig', 'buch(?:en|ung)\w*', 'lieferanschrift', 'lieferadresse', 'rechnungs\w*'],
        'account' => ['konto (?:anlegen|erstellen|eröffnen)', 'kundenkonto', 'registrier\w*', 'benutzerkonto', 'mitglied\w*'],
        'draw' => ['gewinnspiel\w*', 'verlos\w*', 'gewinnen', 'preisausschreiben', 'teilnahme', 'tombola'],
        'download' => ['download\w*', 'herunterladen', 'leitfaden', 'broschüre', 'whitepaper', 'e-?book', 'als pdf'],
        'preferences' => ['abmelden', 'abbestellen', 'einstellungen', 'newsletter-abmeldung', 'werbewiderspruch'],
        'rights' => ['auskunft\w*', 'löschung', 'daten löschen', 'betroffenen\w*'],
        'job' => ['bewerb\w*', 'lebenslauf', 'anschreiben', 'stellenangebot\w*'],
        'field-email' => ['e-?mail(?:-?adresse)?', 'mailadresse'],
        'field-name' => ['(?:vor|nach|familien|vollständiger )?name', 'ihr name'],
        'field-phone' => ['telefon(?:nummer)?', 'handy(?:nummer)?', 'mobil(?:nummer)?', 'rufnummer', 'mobiltelefon'],
        'field-birthday' => ['geburts(?:datum|tag|jahr)', 'geboren', 'alter(?!\w)'],
        'field-gender' => ['geschlecht', 'anrede'],
        'field-postal' => ['anschrift', 'adresse(?!n)', 'stra(?:ß|ss)e', 'plz', 'postleitzahl', '(?:wohn)?ort(?!\w)', 'hausnummer'],
        'field-employer' => ['firma', 'unternehmen', 'arbeitgeber', 'position', 'beruf', 'branche'],
    ];
}
