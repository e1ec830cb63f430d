<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Wording\Words\Folded;

/** What companies, clubs, public houses and people in business call themselves, as it stands at the foot of pages in the countries we know. */
final class HouseName
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
        '~\p{Lu}[\p{L}\p{N}&.\'’() -]{1,60}?,?\s(?:L(?:td|TD)\.?|Limited|LIMITED|plc|PLC|LLP|LLC|I(?:nc|NC)\.?|Corp\.?'
            .'|G(?:mb|MB)H(?: & C[oO]\. KG)?|AG|KG|OHG|UG|[eE]\.\s?V\.|gGmbH|GGMBH|SE|'
            .'S\.?A\.?S?\.?|SARL|S\.?à r\.?l\.?|SNC|AB|A/S|A[pP]S|AS|Oy|B\.?V\.?|NV|S\.?p\.?A\.?|S\.?r\.?l\.?|CIO|CIC|KGaA|eG|G[bB]R|[eE]\.\s?K\.|I/S|K/S|HB'
            .'|KB'
            .'|[FA]\.M\.B\.A\.|EURL|EARL|GAEC|SCEA|SCIC|SASU|SELARL|SCOP|ASBL'
            .'|Sàrl|SRL|e\.\s?U\.|PartG(?: mbB)?|IVS|Pty Ltd|Aktiebolag|[Ee]k(?:onomisk|\.) för(?:ening|\.))(?![\p{L}])~u',
        self::TRADES,
        '~\p{Lu}[\p{L}&\'’-]+\s(?:Trust|Foundation|Society|Charity|Cooperative|Stiftung|Stiftelse)(?!\p{L})'
            .'|,\s(?:(?:ideell |ekonomisk )?förening|forening|stiftelse|fonden?|(?:a )?registered charity'
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
        '~\b(?:Mairie|Ville|Commune|Paroisse|Université|Musée|Lycée|Collège|École|Cabinet(?: \p{Ll}+)?)'
            .'\s(?:d[eu]s? |d[\'’]|de la |de l[\'’])?(?:\p{Ll}{4,}\s)?\p{Lu}\p{L}+~u',
        '~\b(?:(?:\p{Lu}\p{L}*(?:club|verein|verband|freunde)|Club|Verein)\s\p{Lu}\p{L}+'
            .'|(?:Club|Amicale|Cercle)\s(?:\p{Ll}+\s){0,2}d(?:e |u |es |[\'’])\p{Lu}\p{L}+'
            .'|\p{L}*(?:klubben|föreningen|foreningen|sällskapet|selskabet)\s(?:i\s)?\p{Lu}\p{L}+'
            .'|\p{Lu}\p{L}+s\s\p{Lu}\p{L}+(?:klub|klubb|förening|forening|lag|laug|gille))(?!\p{L})~u',
        '~\bRegion(?:en)? \p{Lu}\p{L}+|\p{Lu}\p{L}+\s(?:[Kk]ommune?|församling|[Uu]niversitet|högskola|[Bb]ibliotek|[Mm]useum|[Ss]ogn)(?!\p{L})~u',
        '~(?:©|\(c\)|copyright)\s*(?:\d{4}(?:\s?[-–]\s?\d{4})?)?\s*(?:by\s)?\p{Lu}[\p{L}\p{N}&\'’.-]+~ui',
    ];

    /** What parts the page from its site in a title. */
    private const PARTS = '~\s+[|–—·•:»-]\s+|\s*[|»]\s*~u';

    /** Parts of a title that name nobody. */
    private const OF_PAGES = '~^(?:home(?: ?page)?|welcome|start(?:seite)?|startsida|accueil|forside|hem|willkommen|bienvenue|velkommen|välkommen|contact(?: us)?'
        .'|kontakt|about(?: us)?|sign[ -]?up|register|log ?in|account|my account|konto|compte|checkout|basket|cart|kasse|kassa|panier|warenkorb|shop|store'
        .'|boutique|butik|blog|news|newsletter|actualités|nyheder|nyheter|aktuelles|terms|privacy|faq|help|hilfe|aide|hjælp|hjälp|page|seite|sida|side|untitled'
        .'|official (?:web)?site|english|deutsch|français|svenska|dansk|jobs|careers|karriere|events?|order'
        .'|join(?: us)?|subscribe|buy|book(?:ing)?|apply|donate|abonnieren|anmelden|registrieren|buchen|spenden|inscription|tilmelding|anmälan'
        .'|bestellung|commande|free|gratis|thank you)$~iu';

    /** Words of a site's name, all but little ones in capitals: no sentence, and no subject. */
    private const SITE = '~^(?=.*\p{Lu})(?:(?:[\p{Lu}\d][\p{L}\p{N}&.\'’-]*|&|and|of|the|und|et|och|og|de|du|des|la|le|les|i|am|im|von|der|at|by|on|sur|en|på)'
        .'(?:\s+|$)){1,5}$~u';

    /** The first name of somebody in a text. */
    public static function in(string $text): ?Found
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

    /**
     * What the page is called by its title: where a line or sentence begins with it and says more ("St Brannoc's School, Church Lane"), or as titles
     * name the site beside the page ("Letters from the river | Otter Kayaks").
     *
     * @param  string  $page  the title on its first line, then its words
     */
    public static function ofTitle(string $page): ?Found
    {
        [$title, $rest] = explode("\n", $page, 2) + ['', ''];
        $parts = array_values(array_filter(array_map(trim(...), preg_split(self::PARTS, $title) ?: []), static fn (string $part): bool => $part !== ''));
        foreach ($parts as $name) {
            $written = preg_quote($name, '~').'|'.preg_quote(mb_strtoupper($name), '~');
            if (preg_match('~\p{Lu}~u', $name) === 1 && preg_match("~(?:^|[.!?]\s)(?:$written)\s*[,·|–]\s*\S~mu", $rest) === 1) {
                return Found::first($name, $page);
            }
        }
        foreach (count($parts) > 1 ? array_reverse($parts) : [] as $name) {
            if (preg_match(self::SITE, $name) === 1 && preg_match(self::OF_PAGES, $name) !== 1) {
                return Found::first($name, $page);
            }
        }

        return null;
    }
}
