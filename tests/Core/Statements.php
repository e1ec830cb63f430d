<?php

declare(strict_types=1);

namespace Tests\Core;

/**
 * Consent statements as they are met out there, made up by us: good ones, which no requirement may call a breach, and bad
 * ones with the requirement that must catch each. Written down before the requirements were run on them.
 */
final class Statements
{
    public const GOOD = [
        'en' => [
            'Yes, Tidewick Ferries may email me its new sailings and fares once a month. I can withdraw this at any time with the link in every email.',
            'Please text me when a ferry on my route is late or cancelled. I can stop the texts whenever I like by answering STOP.',
            'I would like the printed summer timetable by post each spring. A word to Tidewick Ferries is enough to end this.',
            'Send me the walking routes of the month by email. You can unsubscribe at any time.',
            'Yes, please ring me about free cabins on the Friday crossing. I may withdraw my consent whenever I wish.',
            'Tidewick Ferries may tell me by email about concerts on board, at most four times a year. I can change my mind at any time.',
            'I agree that Woolpack Ltd may email me knitting patterns twice a year. I can withdraw at any time by writing to Woolpack.',
            'Email me the results of the harbour survey when they are out, and nothing else. I can unsubscribe with one click.',
            'Yes, I want to hear by email about jobs on deck and in the galley. I can withdraw this at any time in every mail.',
            'You may measure which links in your mails I open, so that you send me routes that interest me. I can withdraw this at any time.',
        ],
        'de' => [
            'Ja, Tidewick Ferries darf mir einmal im Monat neue Fahrten und Preise per E-Mail schicken. Ich kann das jederzeit über den Link in jeder E-Mail widerrufen.',
            'Bitte schicken Sie mir eine SMS, wenn meine Fähre Verspätung hat oder ausfällt. Ich kann das jederzeit mit STOPP widerrufen.',
            'Ich möchte den gedruckten Sommerfahrplan jedes Frühjahr per Post erhalten. Ich kann ihn jederzeit abbestellen.',
            'Ja, schicken Sie mir die Wanderrouten des Monats per E-Mail. Abmelden kann ich mich jederzeit.',
            'Ja, rufen Sie mich an, wenn am Freitag Kabinen frei sind. Das kann ich jederzeit widerrufen.',
            'Tidewick Ferries darf mir höchstens viermal im Jahr Konzerte an Bord per E-Mail ankündigen. Ein Widerruf ist jederzeit möglich.',
            'Die Wollwerk GmbH darf mir zweimal im Jahr Strickanleitungen mailen. Ich kann das jederzeit bei ihr widerrufen.',
            'Schicken Sie mir das Ergebnis der Hafenumfrage per E-Mail, sobald es vorliegt. Danach endet alles; widerrufen kann ich vorher jederzeit.',
            'Ja, ich möchte per E-Mail von freien Stellen an Deck und in der Kombüse hören. Ich kann das jederzeit widerrufen.',
            'Sie dürfen messen, welche Links in Ihren E-Mails ich öffne, damit die Routen zu mir passen. Das kann ich jederzeit widerrufen.',
        ],
        'fr' => [
            'Oui, Tidewick Ferries peut m’envoyer chaque mois par e-mail ses nouvelles traversées et ses tarifs. Je peux retirer mon accord à tout moment par le lien de chaque e-mail.',
            'Envoyez-moi un SMS quand mon ferry est en retard ou annulé. Je peux me désinscrire à tout moment en répondant STOP.',
            'Je souhaite recevoir par courrier l’horaire d’été imprimé chaque printemps. Je peux retirer mon accord à tout moment.',
            'Envoyez-moi par e-mail les randonnées du mois. Je peux me désabonner quand je veux.',
            'Oui, appelez-moi quand des cabines sont libres le vendredi. Je peux changer d’avis à tout moment.',
            'Tidewick Ferries peut m’annoncer par e-mail les concerts à bord, au plus quatre fois par an. Je peux me désinscrire à tout moment.',
            'La société Laine du Port SARL peut m’envoyer deux fois par an des modèles de tricot. Je peux retirer mon accord auprès d’elle.',
            'Envoyez-moi par e-mail le résultat de l’enquête du port dès qu’il est prêt. Je peux retirer mon accord avant.',
            'Oui, je veux apprendre par e-mail quels postes se libèrent sur le pont et en cuisine. Je peux me désinscrire à tout moment.',
            'Vous pouvez mesurer quels liens de vos e-mails j’ouvre, pour que les randonnées me conviennent. Je peux retirer mon accord à tout moment.',
        ],
    ];

    /** Statement to the requirement that must catch it. */
    public const BAD = [
        'en' => [
            'I accept the terms and conditions and agree to receive news about sailings by email.' => 'apart-from-terms',
            'By creating an account you agree to the privacy policy and to our weekly offers on cabins.' => 'apart-from-terms',
            'Keep me updated.' => 'purpose-said',
            'We may use your information for marketing purposes.' => 'purpose-said',
            'Untick this box if you don’t want to hear about sailings.' => 'asks-yes-not-no',
            'Please tick here if you would not like to receive our sailings by email.' => 'asks-yes-not-no',
            'Send me new sailings, and share my email address with your partners.' => 'one-purpose-each',
            'I am happy for my details to be passed to selected third parties.' => 'recipients-named',
            'By ordering you will receive our newsletter with recipes and fares.' => 'no-consent-by-sending',
            'The undersigned hereby irrevocably consents to the transmission of sailings.' => 'plain-words',
        ],
        'de' => [
            'Ich akzeptiere die AGB und möchte neue Fahrten per E-Mail erhalten.' => 'apart-from-terms',
            'Ich habe die Teilnahmebedingungen gelesen und bin mit Angeboten zu Reisen einverstanden.' => 'apart-from-terms',
            'Ich möchte auf dem Laufenden bleiben.' => 'purpose-said',
            'Ihre Daten werden zu Werbezwecken verwendet.' => 'purpose-said',
            'Ich möchte keine Informationen über Fahrten erhalten.' => 'asks-yes-not-no',
            'Nein danke, schicken Sie mir keine Fahrpläne.' => 'asks-yes-not-no',
            'Schicken Sie mir Ihre Neuigkeiten, und geben Sie meine Adresse an Ihre Partner.' => 'one-purpose-each',
            'Meine Daten dürfen an ausgewählte Dritte übermittelt werden.' => 'recipients-named',
            'Mit Ihrer Bestellung erhalten Sie auch unseren Newsletter mit Rezepten.' => 'no-consent-by-sending',
            'Hiermit erteile ich unwiderruflich meine Einwilligung bezüglich neuer Fahrten.' => 'plain-words',
        ],
        'fr' => [
            'J’accepte les CGV et je souhaite recevoir les nouvelles traversées.' => 'apart-from-terms',
            'J’ai lu et j’approuve le règlement et les offres de voyages.' => 'apart-from-terms',
            'Je souhaite être tenu informé.' => 'purpose-said',
            'Vos données sont utilisées à des fins commerciales.' => 'purpose-said',
            'Je ne souhaite pas recevoir les traversées par e-mail.' => 'asks-yes-not-no',
            'Cochez si vous ne voulez pas recevoir nos horaires.' => 'asks-yes-not-no',
            'Envoyez-moi vos actualités et transmettez mon adresse à vos partenaires.' => 'one-purpose-each',
            'Mes données peuvent être communiquées à des tiers.' => 'recipients-named',
            'En commandant, vous recevrez aussi notre newsletter de recettes.' => 'no-consent-by-sending',
            'Le soussigné consent par la présente à l’envoi des traversées susmentionnées.' => 'plain-words',
        ],
    ];
}
