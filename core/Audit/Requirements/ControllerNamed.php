<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reach;
use Juramen\Audit\Reading;
use Juramen\Audit\ReadingOf;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Words\Folded;

/** Who asks is named: on the form, or plainly on its page. */
final class ControllerNamed extends FormRequirement
{
    /** A word that may be part of a name: capital, and none that stands before any house. */
    private const WORD = '(?!(?:The|Our|Your|This|An?|My|Any|About|Parent|Contact|Vår|Er|Vores|Jeres|Unser|Ihr|Der|Die|Das|Im|Zum|Notre|Votre|Le|La)\b)'
        .'\p{Lu}[\p{L}\'’-]+';

    /** Houses that are called by their trade, or by who founded them. */
    private const TRADES = '~'.self::WORD.' (?:& |and )(?:Sons?|Daughters?|Brothers|Partners|Company|Co\.?)(?!\p{L})'
        .'|(?:'.self::WORD.' ){1,3}(?:Company|Theatre|Surgery|Gallery|Bakery|Brewery|Bookshop|Nursery|Photography|Studios?|Garage|Inn|Hotel|Farm|Church)(?!\p{L})'
        .'|\b(?:Friends|Society|Company|Guild) of (?:the |St\.? )?\p{Lu}\p{L}+'
        .'|\b(?:Weingut|Bäckerei|Metzgerei|Fleischerei|Gärtnerei|Gasthaus|Gasthof|Hotel|Buchhandlung|Kanzlei|Autohaus|Möbelhaus|Modehaus|Hofladen|Brauerei'
        .'|Schreinerei|Tischlerei|Apotheke|Freiwillige Feuerwehr) (?:am |zum |zur |an der )?(?!Angebot|Gutschein|News|Aktion|Buchung|Termin|Reserv|Team|Shop)'
        .'\p{Lu}\p{L}+|\bDr\. (?:med\. )?(?:dent\. )?\p{Lu}\p{L}+ \p{Lu}\p{L}+|'.self::WORD.' Verlag(?!\p{L})'
        .'|\b(?:Éditions|Maison|Société|Coopérative|Comité|Office de [Tt]ourisme|Département|Région|Boulangerie|Librairie|Restaurant|Hôtel|Domaine|Château'
        .'|Garage|Pharmacie|Clinique|Atelier|Théâtre|Ferme|Brasserie) (?:d[eu]s? |d[\'’]|de la |de l[\'’])?\p{Lu}\p{L}+'
        .'|\p{Lu}\p{L}*(?:förbundet|bageriet|gården|bryggeriet|förlaget|forbund|bageri|forlag|bryggeri)(?!\p{L})'
        .'|'.self::WORD.' (?:[Bb]ageri|[Bb]ryggeri|[Ff]orlag'
            .'|[Pp]astorat|[Tt]eater|[Kk]yrka|[Kk]irke|[Hh]otell?|[Kk]ro|[Bb]okhandel|[Bb]oghandel|[Ff]orening|[Ff]örening)(?!\p{L})~u';

    /** A legal form behind a name, in the countries we know; a copyright line; or "NAME may send me". */
    private const NAMES = [
        '~\p{Lu}[\p{L}\p{N}&.\'’() -]{1,60}?,?\s(?:Ltd\.?|Limited|plc|PLC|LLP|LLC|Inc\.?|Corp\.?|GmbH(?: & Co\. KG)?|AG|KG|OHG|UG|e\.\s?V\.|gGmbH|SE|'
            .'S\.?A\.?S?\.?|SARL|S\.?à r\.?l\.?|SNC|AB|A/S|ApS|AS|Oy|B\.?V\.?|NV|S\.?p\.?A\.?|S\.?r\.?l\.?|CIO|CIC|KGaA|eG|GbR|e\.\s?K\.|I/S|K/S|HB|KB'
            .'|[FA]\.M\.B\.A\.|EURL|EARL|GAEC|SCEA|SCIC|SASU|SELARL|SCOP|ASBL'
            .'|Sàrl|SRL|e\.\s?U\.|PartG(?: mbB)?|IVS|Pty Ltd|Aktiebolag|[Ee]k(?:onomisk|\.) för(?:ening|\.))(?![\p{L}])~u',
        self::TRADES,
        '~\p{Lu}[\p{L}&\'’-]+\s(?:Trust|Foundation|Society|Charity|Cooperative|Stiftung|Stiftelse)(?!\p{L})|,\s(?:ideell förening|(?:a )?registered charity'
            .'|eingetragener Verein|association(?: loi 1901)?(?!\p{L}))~u',
        '~\b(?:Fonden|Stiftelsen|Stiftung|Foreningen|Föreningen|Association|Fondation|Genossenschaft)\s(?:[dl][\'’]|d[ue]s? (?:la |l[\'’])?|for |för |für )?'
            .'\p{Lu}[\p{L}\'’-]+~u',
        '~(?:\bv/|\bInhaber(?:in)?:?|\bInh\.|\b[Ii]nnehavare:?|\b[Ii]ndehaver:?|\btrading as|\bt/a|\b[Pp]ropriétaire\s?:)\s*\p{Lu}[\p{L}\'’-]+~u',
        '~\b(?:[Ee]nskild firma|[Ee]inzelunternehm(?:en|er(?:in)?)|[Ee]nkeltmandsvirksomhed(?:en)?|[Ss]ole trader)\s*:?\s\p{Lu}\p{L}+'
            .'|\p{Lu}\p{L}+ \p{Lu}\p{L}+, entrepreneu(?:re?|se) individuel(?:le)?|\b[Pp]rop\.\s\p{Lu}\p{L}+ \p{Lu}\p{L}+~u',
        // A number in a register leads to one company and to no other.
        '~\b(?:[Cc]ompany|[Cc]harity|VAT) (?:no\.?|number|reg(?:istration)?\.? (?:no\.?|number))\s*:?\s*[A-Z]{0,2}\s?\d{5,}'
            .'|\bUSt-?Id(?:-?Nr)?\.?\s*:?\s*[A-Z]{2}\s?\d|\bHR[AB]\s*\d{2,}|\bSIRE[NT]\s*:?\s*\d{3}|\bRCS\s\p{Lu}\p{L}+\s\w?\s?\d'
            .'|\b[Oo]rg(?:anisations)?\.?-?\s?(?:nr|nummer)\.?\s*:?\s*\d{6}|\bCVR(?:-?\s?(?:nr|nummer))?\.?\s*:?\s*\d{8}~u',
        // Somebody alone is named by name and place, or as who answers for the page.
        '~\p{Lu}\p{L}+(?:(?:[ -]| and | & | und | et | och | og )\p{Lu}\p{L}+){1,3},(?:[^,.\n]{1,40},)?\s(?:\d+[a-z]?\s\p{Lu}\p{L}+(?:\s\p{Lu}\p{L}+)?'
            .'|\p{Lu}[\p{L}. -]*(?:stra(?:ß|ss)e|str\.|weg|gasse|platz|allee|ring|gatan|vägen|gränd|torget|vej|gade|allé|stræde|torv)\s\d+'
            .'|\d+,?\s(?:rue|avenue|boulevard|place|chemin|impasse|quai|route|allée)\s)~u',
        '~\b(?:[Rr]un|[Pp]ublished|[Oo]perated|[Kk]ept) by \p{Lu}\p{L}+ \p{Lu}\p{L}+'
            .'|\b(?:Verantwortlich(?:er)?|Herausgeber(?:in)?|Betreiber(?:in)?|Anbieter(?:in)?|Éditeur|Éditrice|Responsable(?: du traitement)?|Ansvarig(?: utgivare)?'
            .'|Utgivare|Ansvarlig|Udgiver|Controller|Publisher)\s*:\s*\p{Lu}\p{L}+[ -]\p{Lu}\p{L}+~u',
        // Public houses are called what they are, and have no legal form behind their names.
        '~(?:\p{Lu}[\p{L}\'’.-]+\s){1,4}(?:Council|College|School|University|Museum|Library|Libraries|Hospital|Parish|Party|Practice|Association'
            .'|Federation|Institute|Academy)(?!\p{L})|(?:\p{Lu}[\p{L}\'’.-]+\s){2,4}(?:Club|Society|Trust|Foundation|Guild|Choir)(?!\p{L})'
            .'|\b(?:University|Museum|Church|Diocese|City|Parish) of \p{Lu}\p{L}+~u',
        '~\b(?:(?:Kirchen|Pfarr)?[Gg]emeinde|Pfarrei|(?:Grund|Haupt|Real|Ober|Gesamt|Berufs|Musik)schule|Gymnasium|Kita|Kindergarten'
            .'|Stadt|Landkreis|Universität|Hochschule|Volkshochschule|Stadtbücherei|Stadtbibliothek|Stadtwerke'
            .'|Handwerkskammer|Museum|Theater|(?:\p{L}+)?[Pp]raxis)\s(?:am |an der |in |im |für |St\.\s|Dr\.\s)?\p{Lu}\p{L}+~u',
        '~\b(?:Mairie|Ville|Commune|Paroisse|Université|Musée|Lycée|Collège|École|Cabinet)\s(?:d[eu]s? |d[\'’]|de la |de l[\'’])?\p{Lu}\p{L}+~u',
        '~\b(?:(?:\p{Lu}\p{L}*(?:club|verein|verband|freunde)|Club|Verein)\s\p{Lu}\p{L}+'
            .'|(?:Club|Amicale|Cercle)\s(?:\p{Ll}+\s){0,2}d(?:e |u |es |[\'’])\p{Lu}\p{L}+'
            .'|\p{L}*(?:klubben|föreningen|foreningen|sällskapet|selskabet)\s(?:i\s)?\p{Lu}\p{L}+'
            .'|\p{Lu}\p{L}+s\s\p{Lu}\p{L}+(?:klub|klubb|förening|forening|lag|laug|gille))(?!\p{L})~u',
        '~\bRegion(?:en)? \p{Lu}\p{L}+|\p{Lu}\p{L}+\s(?:[Kk]ommune?|församling|[Uu]niversitet|högskola|[Bb]ibliotek|[Mm]useum|[Ss]ogn)(?!\p{L})~u',
        '~(?:©|\(c\)|copyright)\s*(?:\d{4}(?:\s?[-–]\s?\d{4})?)?\s*(?:by\s)?\p{Lu}[\p{L}\p{N}&\'’.-]+~ui',
    ];

    public function id(): string
    {
        return 'controller-named';
    }

    public function title(): string
    {
        return 'Who asks is named.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 13(1)(a), Recital 42', SourceKind::Law);
    }

    public function reach(): Reach
    {
        return Reach::Words;
    }

    public function hears(): array
    {
        return [Meaning::AskerNamed];
    }

    public function judge(Reading $reading): array
    {
        if (! $reading->isAboutConsent()) {
            return $this->notApplicable('This form does not ask for consent.');
        }
        if ($reading->of === ReadingOf::Statement) {
            return $this->met('Every form names the controller at its foot.', $reading->where);
        }
        if ($reading->sheet !== null) {
            return str_contains($reading->text.$reading->around->text, $reading->sheet->controller->name)
                ? $this->met('The controller is named on the form.', null, Found::all($reading->sheet->controller->name))
                : [
                    $this->finding(
                        Verdict::Breach, 'The controller is not named on the form.', $reading->where, null,
                        "Name {$reading->sheet->controller->name} on the form."
                    ),
                ];
        }
        $name = $reading->listener()->first($reading->text, Meaning::AskerNamed)->words ?? self::nameIn($reading->text)
            ?? $reading->around->once('name', static fn (): ?Found => self::nameIn($reading->around->text) ?? self::ofTitle($reading->around->text));
        if ($name !== null) {
            return $this->met('Somebody is named; whether that is who answers for the form, only a person can say.', $reading->where, $name);
        }

        return $reading->around->whole
            ? [
                $this->finding(
                    Verdict::Breach, 'Neither the form nor its page says who asks.', $reading->where, null,
                    'Name the company in the words of the consent, with its legal form.'
                ),
            ]
            : [
                $this->finding(
                    Verdict::Open, 'The form does not say who asks; the page around it may.', $reading->where, null,
                    'Does the page name the controller plainly? Better: name it in the words of the consent.'
                ),
            ];
    }

    /** "St Brannoc's School, Church Lane": what the page is called by its title, where a line or sentence begins with it and says more. */
    private static function ofTitle(string $page): ?Found
    {
        [$title, $rest] = explode("\n", $page, 2) + ['', ''];
        foreach (preg_split('~\s+[|–—·:-]\s+~u', $title) ?: [] as $name) {
            if (preg_match('~\p{Lu}~u', $name) === 1 && preg_match('~(?:^|[.!?]\s)'.preg_quote($name, '~').'\s*[,·|–]\s*\S~mu', $rest) === 1) {
                return Found::first($name, $page);
            }
        }

        return null;
    }

    /** What the page's title calls who asks, without the legal form; empty where it names nobody by one. */
    public static function calledOn(Reading $reading): string
    {
        $found = $reading->around->whole ? self::nameIn(explode("\n", $reading->around->text, 2)[0]) : null;

        return $found === null ? '' : (string) preg_replace('~\s\S+$~u', '', $found->words);
    }

    /** Who asks, as the page's title and its words name them; empty where they name nobody. */
    public static function titleAndName(Reading $reading): string
    {
        return explode("\n", $reading->around->text, 2)[0]."\n".(self::nameIn($reading->around->text)->words ?? '');
    }

    private static function nameIn(string $text): ?Found
    {
        $folded = Folded::of($text);
        foreach (self::NAMES as $pattern) {
            if (preg_match($pattern, $folded->text, $m, PREG_OFFSET_CAPTURE) === 1) {
                [$words, $from] = $m[0];

                return $folded->found($from + strlen($words) - strlen(ltrim($words)), $from + strlen(rtrim($words)));
            }
        }

        return null;
    }
}
