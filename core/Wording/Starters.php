<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Channel;
use Juramen\Register\Language;
use Juramen\Register\LegalBasis;

/** Texts of our own to begin from, in English, German and French; each is judged by the same requirements as any other. */
final class Starters
{
    /** @return list<Starter> */
    public static function all(): array
    {
        return [
            new Starter('newsletter', 'Newsletter',
                'One purpose, and what comes is named: change routes and fares to what you really send.', [Channel::Email], [
                    new StarterWords(Language::English, 'newsletter', 'new routes, timetables and fares', 'once a month',
                        'Yes, {controller} may email me new routes, timetables and fares {rate}. {withdrawal}'),
                    new StarterWords(Language::German, 'Newsletter', 'neue Strecken, Fahrpläne und Preise', 'einmal im Monat',
                        'Ja, {controller} darf mir {rate} neue Strecken, Fahrpläne und Preise per E-Mail schicken. {withdrawal}'),
                    new StarterWords(Language::French, 'lettre d’information', 'nouvelles lignes, horaires et tarifs', 'une fois par mois',
                        'Oui, {controller} peut m’envoyer {rate} par e-mail ses nouvelles lignes, ses horaires et ses tarifs. {withdrawal}'),
                ]),
            new Starter('partner-tips', 'Partners\' goods in our own mails',
                'The address is not passed on, and the words say so. Whoever wants to pass it on needs the starter for that.', [Channel::Email], [
                    new StarterWords(Language::English, 'hotel and table tips', 'rooms and tables at the hotels and restaurants in our harbours', 'four times a year',
                        'Yes, {controller} may email me rooms and tables at hotels and restaurants in its harbours {rate}. My address stays with '
                            .'{controller}. {withdrawal}'),
                    new StarterWords(Language::German, 'Hotel- und Tischtipps', 'Zimmer und Tische der Hotels und Restaurants in unseren Häfen', 'viermal im Jahr',
                        'Ja, {controller} darf mir {rate} Zimmer und Tische in Hotels und Restaurants der angelaufenen Häfen per E-Mail empfehlen. Meine Adresse '
                            .'bleibt bei {controller}. {withdrawal}'),
                    new StarterWords(Language::French, 'bonnes adresses du port', 'chambres et tables des hôtels et restaurants de nos ports', 'quatre fois par an',
                        'Oui, {controller} peut me recommander {rate} par e-mail des chambres et des tables dans les hôtels et restaurants de ses ports. '
                            .'Mon adresse reste chez {controller}. {withdrawal}'),
                ]),
            new Starter('sms-alerts', 'SMS alerts', 'Asked for by the person, by the channel they name. Confirm the number through itself.', [Channel::Sms], [
                new StarterWords(Language::English, 'delay alerts', 'late and cancelled departures', 'only when a departure changes',
                    'Please text me when my departure is late or cancelled. {withdrawal}'),
                new StarterWords(Language::German, 'Verspätungsmeldungen', 'verspätete und ausgefallene Abfahrten', 'nur wenn sich eine Abfahrt ändert',
                    'Bitte schicken Sie mir eine SMS, wenn meine Abfahrt sich verspätet oder ausfällt. {withdrawal}'),
                new StarterWords(Language::French, 'alertes de retard', 'départs retardés ou annulés', 'uniquement quand un départ change',
                    'Envoyez-moi un SMS quand mon départ est retardé ou annulé. {withdrawal}'),
            ]),
            new Starter('phone-advice', 'Phone',
                'Calls need their own yes. Germany wants it documented for five years; the United Kingdom wants registers '
                    .'checked.', [Channel::Phone], [
                        new StarterWords(Language::English, 'calls about available cabins', 'available cabins and group prices', 'at most twice a year',
                            'Yes, {controller} may ring me about available cabins and group prices, {rate}. {withdrawal}'),
                        new StarterWords(Language::German, 'Anrufe zu freien Kabinen', 'freie Kabinen und Gruppenpreise', 'höchstens zweimal im Jahr',
                            'Ja, {controller} darf mich {rate} zu freien Kabinen und Gruppenpreisen anrufen. {withdrawal}'),
                        new StarterWords(Language::French, 'appels sur les cabines libres', 'cabines libres et tarifs de groupe', 'au plus deux fois par an',
                            'Oui, {controller} peut m’appeler {rate} au sujet des cabines libres et des tarifs de groupe. {withdrawal}'),
                    ], retentionMonths: 60),
            new Starter('post-timetable', 'Post', 'Post seldom needs consent (Rec. 47: legitimate interest, with a right to object).', [Channel::Post], [
                new StarterWords(Language::English, 'printed timetable', 'the printed summer timetable', 'once a year',
                    'Yes, {controller} may post me the printed summer timetable {rate}. {withdrawal}'),
                new StarterWords(Language::German, 'gedruckter Fahrplan', 'der gedruckte Sommerfahrplan', 'einmal im Jahr',
                    'Ja, {controller} darf mir {rate} den gedruckten Sommerfahrplan per Post schicken. {withdrawal}'),
                new StarterWords(Language::French, 'horaires imprimés', 'les horaires d’été imprimés', 'une fois par an',
                    'Oui, {controller} peut m’envoyer {rate} par la poste les horaires d’été imprimés. {withdrawal}'),
            ]),
            new Starter('ad-audiences', 'Advertising audiences',
                'Matching with an advertising platform is a purpose of its own, with named recipients; enter them under '
                    .'processors and recipients first.', [Channel::Email], [
                        new StarterWords(Language::English, 'advertising elsewhere', 'new sailings on advertising platforms, by the email address', 'at most once a week',
                            'Yes, {controller} may send my email address to {recipients}, {rate}, to find me among its members and show me new sailings there. '
                                .'I can withdraw this at any time; a message to {contact} is enough.'),
                        new StarterWords(Language::German, 'Werbung anderswo', 'Abgleich der E-Mail-Adresse mit Werbeplattformen', 'höchstens einmal in der Woche',
                            'Ja, {controller} darf meine E-Mail-Adresse {rate} an {recipients} übermitteln, um mich unter deren Mitgliedern zu finden und mir '
                                .'dort Fahrten zu zeigen. Ich kann meine Einwilligung jederzeit widerrufen; eine Nachricht an {contact} genügt.'),
                        new StarterWords(Language::French, 'publicité ailleurs', 'rapprochement de l’adresse e-mail avec des plateformes publicitaires',
                            'au plus une fois par semaine',
                            'Oui, {controller} peut transmettre mon adresse e-mail, {rate}, à {recipients} pour me retrouver parmi ses membres et m’y montrer '
                                .'ses traversées. Je peux retirer mon accord à tout moment ; un message à {contact} suffit.'),
                    ]),
            new Starter('draw-news', 'News beside a prize draw', 'The entry counts without it: never make it required, and say so.', [Channel::Email], [
                new StarterWords(Language::English, 'cabin and fare news', 'cabins and fares on our night routes', 'once a month',
                    'Yes, {controller} may also email me cabins and fares on its night routes {rate}. My entry counts without this too. {withdrawal}'),
                new StarterWords(Language::German, 'Neues zu Kabinen und Preisen', 'Kabinen und Preise unserer Nachtrouten', 'einmal im Monat',
                    'Ja, {controller} darf mir auch {rate} Kabinen und Preise der Nachtrouten per E-Mail schicken. Meine Teilnahme gilt auch ohne '
                        .'das. {withdrawal}'),
                new StarterWords(Language::French, 'nouvelles des cabines et des tarifs', 'cabines et tarifs de nos lignes de nuit', 'une fois par mois',
                    'Oui, {controller} peut aussi m’envoyer {rate} par e-mail les cabines et tarifs de ses lignes de nuit. Ma participation compte '
                        .'aussi sans cela. {withdrawal}'),
            ]),
            new Starter('young-sailors', 'Children, with a parent\'s agreement',
                'Below the country\'s age the parent agrees; in France, under 15, child and parent together. Ask for the age first, and check the parent\'s agreement '
                    .'through the parent\'s own address.', [Channel::Email], [
                        new StarterWords(Language::English, 'young sailors\' club', 'knots, games and club days for children', 'once a month',
                            'My child and I agree: {controller} may email my child knots, games and club days {rate}. I hold parental responsibility. '
                                .'Either of us can withdraw this at any time, with the link in every email or by a message to {contact}.'),
                        new StarterWords(Language::German, 'Club der jungen Seeleute', 'Knoten, Spiele und Clubtage für Kinder', 'einmal im Monat',
                            'Ich bin sorgeberechtigt. {controller} darf meinem Kind {rate} Knoten, Spiele und Clubtage per E-Mail schicken. Mein Kind oder '
                                .'ich können das jederzeit widerrufen: über den Link in jeder E-Mail oder mit einer Nachricht an {contact}.'),
                        new StarterWords(Language::French, 'club des jeunes marins', 'nœuds, jeux et journées du club pour enfants', 'une fois par mois',
                            'Mon enfant et moi acceptons que {controller} envoie {rate} à mon enfant, par e-mail, des nœuds, des jeux et les journées du '
                                .'club. J’exerce l’autorité parentale. Chacun de nous peut retirer son accord à tout moment, par le lien de chaque e-mail ou '
                                .'par un message à {contact}.'),
                    ]),
            new Starter('mail-measuring', 'Opens and clicks',
                'A purpose of its own beside the newsletter: whoever says no gets the mails all the same, not measured.', [Channel::Email], [
                    new StarterWords(Language::English, 'measuring of our mails', 'which mails and links are opened', 'with every mail',
                        '{controller} may measure, with every mail, which of its mails and links I open, to choose its routes for me. I get its mails '
                            .'without this too. {withdrawal}'),
                    new StarterWords(Language::German, 'Messung unserer E-Mails', 'welche E-Mails und Links geöffnet werden', 'bei jeder E-Mail',
                        '{controller} darf bei jeder E-Mail messen, ob ich sie öffne und welche Links ich anklicke, um die Routenauswahl zu verbessern. '
                            .'Die E-Mails bekomme ich auch ohne das. {withdrawal}'),
                    new StarterWords(Language::French, 'mesure de nos e-mails', 'quels e-mails et liens sont ouverts', 'à chaque e-mail',
                        '{controller} peut mesurer à chaque e-mail si je l’ouvre et sur quels liens je clique, pour mieux choisir ses lignes. Je reçois '
                            .'ses e-mails même sans cela. {withdrawal}'),
                ], measures: true),
            new Starter('research-panel', 'Research panel',
                'Questions about your own services can count as advertising: ask first.', [Channel::Email], [
                    new StarterWords(Language::English, 'passenger panel', 'questions about crossings and harbours', 'four times a year',
                        'Yes, {controller} may email me questions about crossings and harbours {rate}. I answer only when I like. {withdrawal}'),
                    new StarterWords(Language::German, 'Fahrgastbefragung', 'Fragen zu Überfahrten und Häfen', 'viermal im Jahr',
                        'Ja, {controller} darf mir {rate} Fragen zu Überfahrten und Häfen per E-Mail stellen. Ich antworte nur, wenn ich mag. {withdrawal}'),
                    new StarterWords(Language::French, 'panel des passagers', 'questions sur les traversées et les ports', 'quatre fois par an',
                        'Oui, {controller} peut m’envoyer {rate} par e-mail des questions sur les traversées et les ports. Je réponds seulement si je le '
                            .'souhaite. {withdrawal}'),
                ]),
            new Starter('harbour-events', 'Events', 'Say which events and where; "events" alone is vague.', [Channel::Email], [
                new StarterWords(Language::English, 'harbour days', 'concerts and open days in the harbours', 'at most three times a year',
                    'Yes, {controller} may invite me by email to concerts and open days in its harbours, {rate}. {withdrawal}'),
                new StarterWords(Language::German, 'Hafentage', 'Konzerte und Hafentage', 'höchstens dreimal im Jahr',
                    'Ja, {controller} darf mich {rate} per E-Mail zu Konzerten und Hafentagen einladen. {withdrawal}'),
                new StarterWords(Language::French, 'journées du port', 'concerts et journées portes ouvertes dans les ports', 'au plus trois fois par an',
                    'Oui, {controller} peut m’inviter {rate} par e-mail aux concerts et aux journées portes ouvertes de ses ports. {withdrawal}'),
            ]),
            new Starter('existing-customers', 'Existing customers: the objection line',
                'No consent, but the rule for existing customers: only own similar goods, to people who bought, with this no '
                    .'offered at the purchase and in every mail. It stands beside the order, not on a form of ours, which asks for consent only.', [Channel::Email], [
                        new StarterWords(Language::English, 'similar crossings', 'crossings similar to those booked', 'four times a year',
                            'No, please do not email me about crossings and services similar to those I booked ({rate}). *You can object to this at any time, '
                                .'at no cost beyond the basic rate.*'),
                        new StarterWords(Language::German, 'ähnliche Überfahrten', 'Überfahrten, die den gebuchten ähnlich sind', 'viermal im Jahr',
                            'Nein, bitte keine E-Mails zu ähnlichen Dienstleistungen wie den gebuchten Überfahrten ({rate}). *Sie können dem jederzeit '
                                .'widersprechen; das kostet höchstens den Basistarif.*'),
                        new StarterWords(Language::French, 'traversées similaires', 'traversées semblables à celles réservées', 'quatre fois par an',
                            'Non, ne m’écrivez pas par e-mail au sujet de traversées et de services similaires à ceux que j’ai réservés ({rate}). *Vous '
                                .'pouvez vous opposer à cet usage à tout moment, sans frais.*'),
                    ], LegalBasis::ExistingCustomer),
            new Starter('tell-me-once', 'One message, then silence',
                'For "tell me when it is there": a single mail, after which the permission has done its work.', [Channel::Email], [
                    new StarterWords(Language::English, 'word of free places', 'one mail when a place is free', 'once only',
                        'Yes, email me once when a cabin on this crossing is free again, and nothing after that; no more than one mail. '
                            .'I can withdraw this at any time; a message to {contact} is enough.'),
                    new StarterWords(Language::German, 'Nachricht bei freien Plätzen', 'eine E-Mail, wenn ein Platz frei ist', 'nur ein einziges Mal',
                        'Ja, schicken Sie mir höchstens eine E-Mail, sobald auf dieser Überfahrt wieder eine Kabine frei ist, und danach nichts mehr. '
                            .'Ich kann meine Einwilligung jederzeit widerrufen; eine Nachricht an {contact} genügt.'),
                    new StarterWords(Language::French, 'avis de place libre', 'un e-mail quand une place se libère', 'une seule fois',
                        'Oui, envoyez-moi au plus un e-mail quand une cabine se libère sur cette traversée, puis plus rien. '
                            .'Je peux retirer mon accord à tout moment ; un message à {contact} suffit.'),
                ]),
            new Starter('trip-survey', 'A question after the crossing',
                'Courts in some countries take such questions for advertising: ask first.', [Channel::Email], [
                    new StarterWords(Language::English, 'question after the crossing', 'one question about the crossing', 'once after each crossing',
                        'Yes, {controller} may email me one question about my crossing after each journey, no more than that. {withdrawal}'),
                    new StarterWords(Language::German, 'Frage nach der Überfahrt', 'eine Frage zur Überfahrt', 'einmal nach jeder Überfahrt',
                        'Ja, {controller} darf mir nach jeder Reise höchstens eine Frage zu meiner Überfahrt per E-Mail stellen. {withdrawal}'),
                    new StarterWords(Language::French, 'question après la traversée', 'une question sur la traversée', 'une fois après chaque traversée',
                        'Oui, {controller} peut me poser par e-mail au plus une question sur ma traversée après chaque voyage. {withdrawal}'),
                ]),
            new Starter('passing-on', 'Passing the address on',
                'A purpose of its own, apart from being written to by you. The recipients are named; they answer for what '
                    .'they do with it.', [Channel::Email], [
                        new StarterWords(Language::English, 'passing on to others', 'passing on of the email address to hotels and tours', 'once',
                            'Yes, {controller} may pass my email address, once, to these companies: {recipients}, for mails about their hotels and island '
                                .'tours. I can withdraw this at any time; a message to {contact} is enough.'),
                        new StarterWords(Language::German, 'Weitergabe an andere', 'Weitergabe der E-Mail-Adresse an Hotels und Veranstalter', 'einmalig',
                            'Ja, {controller} darf meine E-Mail-Adresse einmalig an diese Firmen geben: {recipients}. Es geht um E-Mails zu ihren Hotels '
                                .'und Inseltouren. Ich kann meine Einwilligung jederzeit widerrufen; eine Nachricht an {contact} genügt.'),
                        new StarterWords(Language::French, 'transmission à d’autres', 'transmission de l’adresse e-mail à des hôtels et excursionnistes',
                            'une seule fois',
                            'Oui, {controller} peut transmettre une seule fois mon adresse e-mail à ces sociétés : {recipients}, pour des e-mails sur leurs '
                                .'hôtels et excursions. Je peux retirer mon accord à tout moment ; un message à {contact} suffit.'),
                    ]),
        ];
    }

    public static function find(string $id): ?Starter
    {
        return array_values(array_filter(self::all(), static fn (Starter $s): bool => $s->id === $id))[0] ?? null;
    }
}
