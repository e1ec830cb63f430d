<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Channel;
use Juramen\Register\Country;
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
            'Only with your consent:cite-a do we use your contact details for what follows:',
            'To existing customers we write without consent:cite-f about what follows; our interest is advertising our own similar services. You can '
                .'object at any time, at no cost beyond the basic rate:',
            'These get the details for their own use: :names.',
            'You can withdraw each consent at any time, as easily as you gave it; withdrawal does not affect the lawfulness of what was done '
                .'before.',
            'We keep proof of your consent for :months months after it ended:cite-f, to defend legal claims.', 'Opens and clicks of these mails are measured.',
            'These work for us under a contract: :names.',
            'We count how often our forms, and the pages behind the links of our confirmation mails, are opened. Whether yours was is noted of your sign-up until that ends, without when.',
            'To keep programs out we look at how a form is sent, at its address and words, and at how many alike came lately:cite-f; our interest is that nobody is written to who did not ask. What is doubted a person decides; what is plainly a program’s is not taken.',
        ],
        'de' => [
            'Nur mit Ihrer Einwilligung:cite-a nutzen wir Ihre Kontaktdaten für Folgendes:',
            'Bestandskunden schreiben wir ohne Einwilligung:cite-f zu Folgendem; unser Interesse ist die Werbung für eigene ähnliche Leistungen. Sie '
                .'können jederzeit widersprechen, es kostet höchstens den Basistarif:',
            'Für eigene Zwecke erhalten die Daten: :names.',
            'Jede Einwilligung können Sie jederzeit so einfach widerrufen, wie Sie sie gegeben haben; der Widerruf berührt nicht die '
                .'Rechtmäßigkeit dessen, was vorher geschah.',
            'Den Nachweis Ihrer Einwilligung bewahren wir :months Monate nach ihrem Ende auf:cite-f, um Rechtsansprüche abzuwehren.',
            'Öffnungen und Klicks dieser E-Mails werden gemessen.', 'Für uns arbeiten unter Vertrag: :names.',
            'Wir zählen, wie oft unsere Formulare und die Seiten hinter den Links unserer Bestätigungsmails geöffnet werden. Ob Ihre geöffnet wurde, ist bis zum Ende Ihrer Anmeldung vermerkt, ohne Zeitpunkt.',
            'Damit keine Programme durchkommen, prüfen wir, wie ein Formular gesendet wird, seine Adresse und seine Worte und wie viele ähnliche zuletzt kamen:cite-f; unser Interesse ist, dass niemand angeschrieben wird, der nicht darum gebeten hat. Über Zweifelhaftes entscheidet ein Mensch; was offensichtlich von einem Programm kommt, wird nicht angenommen.',
        ],
        'fr' => [
            'Avec votre seul consentement:cite-a, nous utilisons vos coordonnées pour ce qui suit :',
            'Nous écrivons à nos clients sans consentement:cite-f au sujet de ce qui suit ; notre intérêt est de faire connaître nos propres services '
                .'similaires. Vous pouvez vous y opposer à tout moment, sans frais :',
            'Les reçoivent pour leur propre usage : :names.',
            'Vous pouvez retirer chaque consentement à tout moment, aussi simplement que vous l’avez donné ; le retrait ne compromet '
                .'pas la licéité de ce qui a été fait auparavant.',
            'Nous conservons la preuve de votre consentement :months mois après sa fin:cite-f, pour nous défendre en justice.',
            'Les ouvertures et les clics de ces e-mails sont mesurés.', 'Travaillent pour nous sous contrat : :names.',
            'Nous comptons combien de fois nos formulaires, et les pages derrière les liens de nos e-mails de confirmation, sont ouverts. Si la vôtre l’a été, nous le notons jusqu’à la fin de votre inscription, sans l’heure.',
            'Pour écarter les programmes, nous regardons comment un formulaire est envoyé, son adresse et ses mots, et combien d’envois semblables sont arrivés récemment:cite-f ; notre intérêt est que personne ne reçoive ce qu’il n’a pas demandé. Dans le doute, une personne décide ; ce qui vient manifestement d’un programme n’est pas pris.',
        ],
        'sv' => [
            'Endast med ditt samtycke:cite-a använder vi dina kontaktuppgifter för följande:',
            'Till befintliga kunder skriver vi utan samtycke:cite-f om följande; vårt intresse är att göra reklam för egna liknande tjänster. Du kan '
                .'invända när som helst, utan extra kostnad:',
            'För egen användning får :names uppgifterna.',
            'Du kan när som helst återkalla varje samtycke, lika enkelt som du gav det; återkallelsen påverkar inte lagligheten av det '
                .'som skedde innan.',
            'Vi sparar beviset på ditt samtycke i :months månader efter att det upphörde:cite-f, för att kunna bemöta rättsliga anspråk.',
            'Öppningar och klick i dessa mejl mäts.', 'För oss arbetar enligt avtal: :names.',
            'Vi räknar hur ofta våra formulär, och sidorna bakom länkarna i våra bekräftelsemejl, öppnas. Om din har öppnats är noterat tills din anmälan är avslutad, utan tidpunkt.',
            'För att hålla program ute ser vi på hur ett formulär skickas, på dess adress och ord och på hur många liknande som nyligen har kommit:cite-f; vårt intresse är att ingen får mejl som inte har bett om det. Det tveksamma avgör en människa; det som uppenbart kommer från ett program tas inte emot.',
        ],
        'da' => [
            'Kun med dit samtykke:cite-a bruger vi dine kontaktoplysninger til følgende:',
            'Til eksisterende kunder skriver vi uden samtykke:cite-f om følgende; vores interesse er at reklamere for egne lignende ydelser. Du kan til '
                .'enhver tid gøre indsigelse uden ekstra omkostning:',
            'Til eget brug får :names oplysningerne.',
            'Du kan til enhver tid trække hvert samtykke tilbage, lige så let som du gav det; det berører ikke lovligheden af det, '
                .'der skete før.',
            'Vi gemmer beviset for dit samtykke i :months måneder efter, at det ophørte:cite-f, for at kunne imødegå retskrav.',
            'Åbninger og klik i disse mails måles.', 'For os arbejder efter aftale: :names.',
            'Vi tæller, hvor ofte vores formularer, og siderne bag linkene i vores bekræftelsesmails, åbnes. Om din er åbnet, er noteret, indtil din tilmelding er afsluttet, uden tidspunkt.',
            'For at holde programmer ude ser vi på, hvordan en formular sendes, på dens adresse og ord og på, hvor mange lignende der er kommet for nylig:cite-f; vores interesse er, at ingen får mails uden at have bedt om det. Det tvivlsomme afgør et menneske; det, der åbenlyst kommer fra et program, tages ikke imod.',
        ],
    ];

    /** How the ground is cited where the GDPR holds; its article's letter stands for ":letter". */
    private const CITES = [
        'en' => ' (Art. 6(1)(:letter) :law)', 'de' => ' (Art. 6 Abs. 1 Buchst. :letter :law)', 'fr' => ' (art. 6, par. 1, point :letter), du :law)',
        'sv' => ' (art. 6.1 :letter :law)', 'da' => ' (art. 6, stk. 1, litra :letter, :law)',
    ];

    private const LAWS = ['en' => 'GDPR', 'de' => 'DSGVO', 'fr' => 'RGPD', 'sv' => 'GDPR', 'da' => 'GDPR'];

    /**
     * @param  list<string>  $sentences  to be copied into the notice
     * @param  list<string>  $lacks  what could not be said, because the registers do not say it
     */
    private function __construct(public array $sentences, public array $lacks) {}

    /**
     * @param  list<AskedPurpose>  $asked  for which a statement is in force
     * @param  HouseRules  $house  says how long details are kept where a purpose does not
     * @param  Country|null  $seat  of the controller: elsewhere than under the GDPR nothing of it is cited
     * @param  list<Processor>  $processors  that get the details and work for the controller (Art. 13(1)(e))
     */
    public static function of(Language $language, array $asked, HouseRules $house, ?Country $seat = null, array $processors = []): self
    {
        $words = array_map(static fn (string $sentence): string => strtr($sentence, self::cites($language, $seat)), self::WORDS[$language->value]);
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
        if ($processors !== [] && $sentences !== []) {
            $sentences[] = strtr($words[6], [':names' => Phrases::listed($language, array_map(static fn (Processor $p): string => $p->name, $processors))]);
        }
        // Who only writes to existing customers has no consent to speak of.
        if (array_filter($asked, static fn (AskedPurpose $a): bool => $a->purpose->basis === LegalBasis::Consent) !== []) {
            $sentences[] = $words[3];
            $sentences[] = $words[7];
            if ($house->points->screening) {
                $sentences[] = $words[8];
            }
            $sentences[] = strtr(
                $words[4], [':months' => (string) max([0, ...array_map(static fn (AskedPurpose $a): int => $house->monthsKept($a->purpose), $asked)])]
            );
        }

        return new self($sentences, $lacks);
    }

    /** @return array<string, string> what stands for the grounds, by where the controller sits */
    private static function cites(Language $language, ?Country $seat): array
    {
        $law = match (true) {
            $seat === null, $seat->isInEea() => self::LAWS[$language->value],
            $seat->code === 'GB' => 'UK GDPR',
            default => null,
        };
        $cite = static fn (string $letter): string => $law === null ? '' : strtr(self::CITES[$language->value], [':letter' => $letter, ':law' => $law]);

        return [':cite-a' => $cite('a'), ':cite-f' => $cite('f')];
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
