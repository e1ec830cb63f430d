<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Channel;
use Juramen\Register\HouseRules;
use Juramen\Register\Language;
use Juramen\Register\LegalBasis;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;

/**
 * The paragraph of a privacy notice about what people are asked for, made from the statements in force. What it covers:
 * GDPR Art. 13(1)(c) to (e), 13(2)(a) and (c); the rest of the notice is not its business.
 */
final readonly class NoticeParagraph
{
    private const WORDS = [
        'en' => [
            'Only with your consent (Art. 6(1)(a) GDPR) do we use your contact details for what follows:',
            'To existing customers we write without consent (Art. 6(1)(f) GDPR) about what follows; you can object at any time, at no cost beyond the '
                .'basic rate:',
            'These get the details for their own use: :names.',
            'You can withdraw each consent at any time, as easily as you gave it; what happened before stays lawful.',
            'We keep the details for :months months after the last consent ended.', 'Opens and clicks of these mails are measured.',
        ],
        'de' => [
            'Nur mit Ihrer Einwilligung (Art. 6 Abs. 1 Buchst. a DSGVO) nutzen wir Ihre Kontaktdaten für Folgendes:',
            'Bestandskunden schreiben wir ohne Einwilligung (Art. 6 Abs. 1 Buchst. f DSGVO) zu Folgendem; Sie können jederzeit widersprechen, es '
                .'kostet höchstens den Basistarif:',
            'Für eigene Zwecke erhalten die Daten: :names.',
            'Jede Einwilligung können Sie jederzeit so einfach widerrufen, wie Sie sie gegeben haben; was vorher geschah, bleibt rechtmäßig.',
            'Wir bewahren die Daten :months Monate nach dem Ende der letzten Einwilligung auf.', 'Öffnungen und Klicks dieser E-Mails werden gemessen.',
        ],
        'fr' => [
            'Avec votre seul consentement (art. 6, par. 1, point a) du RGPD), nous utilisons vos coordonnées pour ce qui suit :',
            'Nous écrivons à nos clients sans consentement (art. 6, par. 1, point f) du RGPD) au sujet de ce qui suit ; vous pouvez vous y opposer à '
                .'tout moment, sans frais :',
            'Les reçoivent pour leur propre usage : :names.',
            'Vous pouvez retirer chaque consentement à tout moment, aussi simplement que vous l’avez donné ; ce qui a été fait auparavant reste licite.',
            'Nous conservons les coordonnées :months mois après la fin du dernier consentement.', 'Les ouvertures et les clics de ces e-mails sont mesurés.',
        ],
        'sv' => [
            'Endast med ditt samtycke (art. 6.1 a GDPR) använder vi dina kontaktuppgifter för följande:',
            'Till befintliga kunder skriver vi utan samtycke (art. 6.1 f GDPR) om följande; du kan invända när som helst, utan extra kostnad:',
            'För egen användning får :names uppgifterna.',
            'Du kan när som helst återkalla varje samtycke, lika enkelt som du gav det; det som hände innan förblir lagligt.',
            'Vi sparar uppgifterna i :months månader efter att det sista samtycket upphörde.', 'Öppningar och klick i dessa mejl mäts.',
        ],
        'da' => [
            'Kun med dit samtykke (art. 6, stk. 1, litra a, GDPR) bruger vi dine kontaktoplysninger til følgende:',
            'Til eksisterende kunder skriver vi uden samtykke (art. 6, stk. 1, litra f, GDPR) om følgende; du kan til enhver tid gøre indsigelse uden '
                .'ekstra omkostning:',
            'Til eget brug får :names oplysningerne.',
            'Du kan til enhver tid trække hvert samtykke tilbage, lige så let som du gav det; det, der skete før, forbliver lovligt.',
            'Vi gemmer oplysningerne i :months måneder efter, at det sidste samtykke ophørte.', 'Åbninger og klik i disse mails måles.',
        ],
    ];

    /**
     * @param  list<string>  $sentences  to be copied into the notice
     * @param  list<string>  $lacks  what could not be said, because the registers do not say it
     */
    private function __construct(public array $sentences, public array $lacks) {}

    /**
     * @param  list<AskedPurpose>  $asked  for which a statement is in force
     * @param  HouseRules  $house  says how long details are kept where a purpose does not
     */
    public static function of(Language $language, array $asked, HouseRules $house): self
    {
        $words = self::WORDS[$language->value];
        $sentences = [];
        $lacks = [];
        foreach ([[LegalBasis::Consent, $words[0]], [LegalBasis::ExistingCustomer, $words[1]]] as [$basis, $begins]) {
            $of = array_values(array_filter($asked, static fn (AskedPurpose $a): bool => $a->purpose->basis === $basis));
            if ($of === []) {
                continue;
            }
            $sentences[] = $begins;
            foreach ($of as $each) {
                array_push($lacks, ...self::lacking($each->purpose, $language));
                $names = array_map(static fn (Processor $p): string => $p->name, $each->recipients);
                $sentences[] = '– '.self::line($each->purpose, $each->channels, $language).'.'
                    .($names === [] ? '' : ' '.strtr($words[2], [':names' => Phrases::listed($language, $names)]))
                    .($each->purpose->measures ? ' '.$words[5] : '');
            }
        }
        if ($sentences !== []) {
            $sentences[] = $words[3];
            $sentences[] = strtr(
                $words[4], [':months' => (string) max([0, ...array_map(static fn (AskedPurpose $a): int => $house->monthsKept($a->purpose), $asked)])]
            );
        }

        return new self($sentences, $lacks);
    }

    /** @param  list<Channel>  $channels */
    private static function line(Purpose $purpose, array $channels, Language $language): string
    {
        $name = $purpose->names->orNothing($language) ?: '…';
        $by = Phrases::listed($language, array_map(static fn (Channel $c): string => Phrases::channel($language, $c), $channels));

        return $name.': '.implode(', ', array_filter([$purpose->contents->orNothing($language), $purpose->rates->orNothing($language), $by]));
    }

    /** @return list<string> */
    private static function lacking(Purpose $purpose, Language $language): array
    {
        return array_values(array_filter([
            $purpose->names->has($language) ? null : "The purpose {$purpose->id} has no name in {$language->endonym()}.",
            $purpose->contents->has($language) ? null : "The purpose {$purpose->id} does not say in {$language->endonym()} what comes.",
        ]));
    }
}
