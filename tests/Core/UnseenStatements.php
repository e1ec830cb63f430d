<?php

declare(strict_types=1);

namespace Tests\Core;

/**
 * A second set of consent statements, written in one sitting without the word lists and patterns at hand (those of English,
 * German and French existed then and were not opened; those of Swedish and Danish did not exist yet). They measure the
 * patterns rather than guide them; docs/wording.md says how many were right at the first run. The later entries of English,
 * German and French were written after the patterns had been widened for the first ones, again without opening them.
 */
final class UnseenStatements
{
    public const GOOD = [
        'en' => [
            'Tidewick Ferries can write to me by email when new winter crossings go on sale, about twice a season. I am free to stop this whenever I want.',
            'Yes please: post me the deck plan calendar every December. I can cancel it at any time with a postcard to Tidewick Ferries.',
            'You may phone me once a year to ask how my crossing was. If I no longer want that, I tell you and it ends at once.',
            'I want the Friday email with last cabins at a lower price. Each email has a link to unsubscribe.',
            'Tidewick Ferries may invite me by email to open days in its harbours, three times a year at most. I can take back my agreement at any time.',
            'I want the ferry\'s weekly weather letter by email. Every letter tells me how to leave.',
            'Tell me by SMS when the harbour car park is full; I reply STOP when I have had enough.',
            'Yes, send my household the island atlas by post, once. I can call it off at any time.',
            'Let the crew ask me by email after each crossing how the food was; a click ends it.',
            'I would be glad of an email when seals are sighted from deck four. I can sign off whenever I wish.',
        ],
        'de' => [
            'Tidewick Ferries darf mir schreiben, sobald die Winterfahrten buchbar sind, etwa zweimal je Saison per E-Mail. Ich kann das jederzeit beenden.',
            'Gern: Schicken Sie mir jeden Dezember den Kalender mit den Deckplänen per Post. Ein Wort genügt, und Sie hören damit auf.',
            'Einmal im Jahr dürfen Sie mich anrufen und fragen, wie meine Überfahrt war. Möchte ich das nicht mehr, sage ich es, und damit ist Schluss.',
            'Ich will freitags die E-Mail mit den letzten günstigen Kabinen. In jeder Mail steht ein Link zum Abbestellen.',
            'Tidewick Ferries darf mich bis zu dreimal im Jahr per E-Mail zu Hafentagen einladen. Meine Zustimmung kann ich jederzeit zurücknehmen.',
            'Ich möchte den wöchentlichen Wetterbrief der Fähre per E-Mail. In jedem Brief steht, wie ich ihn abbestelle.',
            'Sagen Sie mir per SMS Bescheid, wenn der Hafenparkplatz voll ist; mit STOPP ist Schluss.',
            'Ja, schicken Sie uns einmal den Inselatlas per Post. Das kann ich jederzeit zurücknehmen.',
            'Die Mannschaft darf mich nach jeder Überfahrt per E-Mail fragen, wie das Essen war; ein Klick beendet das.',
            'Gern eine E-Mail, wenn von Deck vier Robben zu sehen sind. Austragen kann ich mich, wann ich will.',
        ],
        'fr' => [
            'Tidewick Ferries peut m’écrire par e-mail à l’ouverture des traversées d’hiver, environ deux fois par saison. Je peux arrêter cela quand je veux.',
            'Oui, envoyez-moi chaque mois de décembre le calendrier par la poste. Je peux l’annuler à tout moment par une simple carte.',
            'Vous pouvez m’appeler une fois par an pour savoir comment s’est passée ma traversée. Si je ne le souhaite plus, je le dis et cela s’arrête.',
            'Je veux le vendredi l’e-mail des dernières cabines à prix réduit. Chaque e-mail contient un lien de désinscription.',
            'Tidewick Ferries peut m’inviter par e-mail à ses journées portes ouvertes, au plus trois fois par an. Je peux revenir sur mon accord à tout moment.',
            'Je veux chaque semaine par e-mail la lettre météo du ferry. Chaque lettre dit comment la quitter.',
            'Prévenez-moi par SMS quand le parking du port est plein ; je réponds STOP quand cela suffit.',
            'Oui, envoyez-nous une fois l’atlas des îles par la poste. Je peux y renoncer à tout moment.',
            'L’équipage peut me demander par e-mail, après chaque traversée, si le repas était bon ; un clic y met fin.',
            'Volontiers un e-mail quand on voit des phoques du pont quatre. Je me désinscris quand je veux.',
        ],
        'sv' => [
            'Ja, Tidewick Ferries får mejla mig nya turer och priser en gång i månaden. Jag kan när som helst återkalla mitt samtycke via länken i varje mejl.',
            'Skicka gärna ett sms när min färja är försenad eller inställd. Jag avslutar tjänsten när jag vill genom att svara STOPP.',
            'Jag vill ha den tryckta sommartidtabellen med posten varje vår. Det räcker att säga till för att slippa den.',
            'Tidewick Ferries får bjuda in mig till hamndagar med e-post, högst tre gånger om året. Jag kan ta tillbaka mitt ja när som helst.',
            'Ni får ringa mig en gång om året och fråga hur överfarten var. Jag kan när som helst säga nej igen.',
        ],
        'da' => [
            'Ja tak, Tidewick Ferries må sende mig nye afgange og priser på e-mail en gang om måneden. Jeg kan altid trække mit samtykke tilbage via linket i hver mail.',
            'Send mig gerne en sms, når min færge er forsinket eller aflyst. Jeg stopper det, når jeg vil, ved at svare STOP.',
            'Jeg vil gerne have den trykte sommerkøreplan med posten hvert forår. Jeg kan til enhver tid framelde mig igen.',
            'Tidewick Ferries må invitere mig til havnedage på e-mail, højst tre gange om året. Jeg kan når som helst fortryde.',
            'I må ringe til mig en gang om året og spørge, hvordan overfarten var. Jeg kan altid sige nej igen.',
        ],
    ];

    /** @var array<string, list<array{string, string}>> words, requirement that must catch them */
    public const BAD = [
        'en' => [
            ['Leave this box empty if you would like Tidewick Ferries to email you its cabin offers. You can unsubscribe at any time.', 'asks-yes-not-no'],
            ['By booking your crossing you are happy for Tidewick Ferries to text you special fares. You can stop the texts at any time.', 'no-consent-by-sending'],
            ['I have read the conditions of carriage and I am glad to receive the Friday email with free cabins from Tidewick Ferries. I can stop it at any time.', 'apart-from-terms'],
            ['Tidewick Ferries may keep in touch with me by email. I can withdraw this at any time.', 'purpose-said'],
            ['Tidewick Ferries may hand my address to carefully chosen companies so that they can write to me about holidays. I can withdraw this at any time.', 'recipients-named'],
            ['Yes, Tidewick Ferries may email me its new sailings and fares once a month.', 'withdrawal-said'],
            ['I do not mind missing the cabin offers, so please leave me out. I can change my mind at any time.', 'asks-yes-not-no'],
            ['Unless I cross this out, Tidewick Ferries emails me its cabin offers. I can unsubscribe at any time.', 'asks-yes-not-no'],
            ['Completing the booking is taken as a wish to receive our fares by email. You can unsubscribe at any time.', 'no-consent-by-sending'],
            ['Agreeing to the carriage rules, I also sign up for the timetable letter by email. I can stop it at any time.', 'apart-from-terms'],
            ['Yes, send me interesting things by email. I can unsubscribe at any time.', 'purpose-said'],
            ['Our sponsors will receive my address and may offer me holidays. I can withdraw this at any time.', 'recipients-named'],
            ['I hereby grant my irrevocable consent to the receipt of communications regarding sailings. I can withdraw at any time.', 'plain-words'],
            ['I consent to the privacy policy and want new sailings by email once a month. I can unsubscribe at any time.', 'notice-not-agreed'],
        ],
        'de' => [
            ['Haken entfernen, falls keine Kabinenangebote von Tidewick Ferries per E-Mail gewünscht sind. Abmelden ist jederzeit möglich.', 'asks-yes-not-no'],
            ['Wenn Sie auf „Buchen“ klicken, erklären Sie sich bereit, Sonderpreise von Tidewick Ferries per SMS zu bekommen. Das können Sie jederzeit beenden.', 'no-consent-by-sending'],
            ['Die Beförderungsbedingungen habe ich gelesen, und ich freue mich auf die Freitagsmail mit freien Kabinen von Tidewick Ferries. Ich kann sie jederzeit abbestellen.', 'apart-from-terms'],
            ['Tidewick Ferries darf mit mir per E-Mail in Kontakt bleiben. Ich kann das jederzeit widerrufen.', 'purpose-said'],
            ['Tidewick Ferries darf meine Adresse an sorgfältig ausgesuchte Firmen weiterreichen, damit sie mir Reisen anbieten. Ich kann das jederzeit widerrufen.', 'recipients-named'],
            ['Ja, Tidewick Ferries darf mir monatlich neue Fahrten und Preise per E-Mail schicken.', 'withdrawal-said'],
            ['Ich verzichte darauf, Kabinenangebote per E-Mail zu bekommen. Das kann ich jederzeit ändern.', 'asks-yes-not-no'],
            ['Sofern ich nichts durchstreiche, schickt mir Tidewick Ferries Kabinenangebote per E-Mail. Abmelden geht jederzeit.', 'asks-yes-not-no'],
            ['Der Abschluss der Buchung gilt als Wunsch, unsere Preise per E-Mail zu erhalten. Abmelden ist jederzeit möglich.', 'no-consent-by-sending'],
            ['Mit den Beförderungsbedingungen bin ich einverstanden und bestelle zugleich den Fahrplanbrief per E-Mail. Ich kann ihn jederzeit abbestellen.', 'apart-from-terms'],
            ['Ja, schicken Sie mir Interessantes per E-Mail. Abmelden kann ich mich jederzeit.', 'purpose-said'],
            ['Unsere Sponsoren bekommen meine Adresse und dürfen mir Reisen anbieten. Das kann ich jederzeit widerrufen.', 'recipients-named'],
            ['Hiermit erteile ich unwiderruflich meine Einwilligung in den Erhalt von Fahrplänen per E-Mail. Widerruf jederzeit.', 'plain-words'],
            ['Ich stimme der Datenschutzerklärung zu und möchte monatlich neue Fahrten per E-Mail. Abmelden jederzeit.', 'notice-not-agreed'],
        ],
        'fr' => [
            ['Laissez cette case vide si vous souhaitez recevoir par e-mail les offres de cabines de Tidewick Ferries. Désinscription possible à tout moment.', 'asks-yes-not-no'],
            ['En réservant votre traversée, vous autorisez Tidewick Ferries à vous envoyer des tarifs spéciaux par SMS. Vous pouvez y mettre fin à tout moment.', 'no-consent-by-sending'],
            ['J’ai lu les conditions de transport et je recevrai avec plaisir l’e-mail du vendredi de Tidewick Ferries sur les cabines libres. Je peux l’arrêter à tout moment.', 'apart-from-terms'],
            ['Tidewick Ferries peut garder le contact avec moi par e-mail. Je peux retirer mon accord à tout moment.', 'purpose-said'],
            ['Tidewick Ferries peut remettre mon adresse à des sociétés choisies avec soin pour qu’elles m’écrivent au sujet de vacances. Je peux retirer mon accord à tout moment.', 'recipients-named'],
            ['Oui, Tidewick Ferries peut m’envoyer chaque mois par e-mail ses nouvelles traversées et ses tarifs.', 'withdrawal-said'],
            ['Je renonce à recevoir les offres de cabines par e-mail. Je peux changer d’avis à tout moment.', 'asks-yes-not-no'],
            ['Sauf si je raye cette ligne, Tidewick Ferries m’envoie ses offres de cabines par e-mail. Désinscription à tout moment.', 'asks-yes-not-no'],
            ['La finalisation de la réservation vaut demande de recevoir nos tarifs par e-mail. Désinscription possible à tout moment.', 'no-consent-by-sending'],
            ['En acceptant les conditions de transport, je m’abonne aussi à la lettre des horaires. Je peux l’arrêter à tout moment.', 'apart-from-terms'],
            ['Oui, envoyez-moi des choses intéressantes par e-mail. Je peux me désinscrire à tout moment.', 'purpose-said'],
            ['Nos sponsors recevront mon adresse et pourront me proposer des vacances. Je peux retirer mon accord à tout moment.', 'recipients-named'],
            ['Par la présente, le soussigné consent à la réception des horaires susmentionnés. Retrait à tout moment.', 'plain-words'],
            ['J’accepte la politique de confidentialité et souhaite les nouvelles traversées chaque mois par e-mail. Désinscription à tout moment.', 'notice-not-agreed'],
        ],
        'sv' => [
            ['Kryssa i rutan om du inte vill få erbjudanden om hytter från Tidewick Ferries med e-post. Du kan avregistrera dig när som helst.', 'asks-yes-not-no'],
            ['Genom att boka samtycker du till att Tidewick Ferries skickar specialpriser med sms. Du kan säga stopp när som helst.', 'no-consent-by-sending'],
            ['Jag har läst resevillkoren och vill ha fredagsmejlet om lediga hytter från Tidewick Ferries. Jag kan avsluta det när som helst.', 'apart-from-terms'],
            ['Tidewick Ferries får hålla kontakten med mig via e-post. Jag kan återkalla det när som helst.', 'purpose-said'],
            ['Tidewick Ferries får lämna min adress till noga utvalda företag så att de kan skriva till mig om resor. Jag kan återkalla det när som helst.', 'recipients-named'],
            ['Ja, Tidewick Ferries får mejla mig nya turer och priser en gång i månaden.', 'withdrawal-said'],
            ['Jag godkänner integritetspolicyn. Tidewick Ferries får mejla mig nya turer varje månad, och jag kan återkalla det när som helst.', 'notice-not-agreed'],
        ],
        'da' => [
            ['Sæt kryds, hvis du ikke ønsker tilbud på kahytter fra Tidewick Ferries på e-mail. Du kan altid framelde dig.', 'asks-yes-not-no'],
            ['Ved at bestille accepterer du, at Tidewick Ferries sender dig særlige priser på sms. Du kan altid stoppe det igen.', 'no-consent-by-sending'],
            ['Jeg har læst rejsebetingelserne og vil gerne have fredagsmailen om ledige kahytter fra Tidewick Ferries. Jeg kan altid stoppe den.', 'apart-from-terms'],
            ['Tidewick Ferries må holde kontakten med mig på e-mail. Jeg kan altid trække det tilbage.', 'purpose-said'],
            ['Tidewick Ferries må give min adresse videre til udvalgte virksomheder, så de kan skrive til mig om rejser. Jeg kan altid trække det tilbage.', 'recipients-named'],
            ['Ja, Tidewick Ferries må sende mig nye afgange og priser på e-mail en gang om måneden.', 'withdrawal-said'],
            ['Jeg accepterer privatlivspolitikken. Tidewick Ferries må sende mig nye afgange hver måned på e-mail, og jeg kan altid trække det tilbage.', 'notice-not-agreed'],
        ],
    ];
}
