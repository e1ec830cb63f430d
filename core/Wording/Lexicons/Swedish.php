<?php

declare(strict_types=1);

namespace Juramen\Wording\Lexicons;

/** Swedish. Patterns are our own, from wording seen in common practice. */
final class Swedish
{
    public const COMMON = 'jag du han hon vi ni de dem mig dig oss er min mitt mina din ditt dina sin sitt sina vår vårt våra ert era en ett den det dessa denna detta och eller men att som för till från av på i med om vid hos utan över under efter innan mellan genom är var vara har hade ha får få fick kan kunde ska skulle vill ville blir bli blev gör inte ingen inget inga även också så då när där här hur vad vem vilken vilket vilka varför nu ännu alltid aldrig bara endast mer mest mycket alla allt varje någon något några annan annat andra ja nej tack gärna gå skicka skickar skickas ta emot få mejl mejla mail e-post epost brev sms telefon ringa ringer adress månad månaden månadsvis vecka veckan dag dagen år året gång gånger ibland kontakta kontaktas informera informeras information anmäla prenumerera uppgifter använda används samtycker samtycke godkänner via per';

    public const PATTERNS = [
        'marketing' => ['nyhetsbrev\w*', 'reklam\w*', '\w*erbjudande\w*', 'kampanj\w*', 'marknadsför\w*', 'rabatt\w*', 'nyheter', 'senaste nytt', 'specialpris\w*', 'tips', 'inspiration', 'prenumerera\w*', '(?:får|kan) (?:gärna )?(?:mejla|ringa|kontakta|skriva till|skicka)', 'skicka(?:r)? [^.]{0,40}(?:till )?(?:mig|dig|er)', '(?:vill|önskar)[^.]{0,40}(?:få|ta emot|ha|bli)', 'få[^.]{0,30}(?:mejl|e-?post|sms)\w*', 'hålla? (?:mig|dig|kontakten|dig) (?:uppdaterad|informerad|med)', 'uppdatering\w*'],
        'vague' => ['nyhetsbrev\w*', 'nyheter', 'erbjudande\w*', 'information\w*', 'info', 'reklam\w*', 'marknadsföring\w*', 'kampanjer', 'spännande', 'intressant\w*', 'exklusiv\w*', 'tjänster', 'produkter', 'förbättra\w*', 'upplevelse\w*', 'aktuell\w*', 'partner\w*', 'tredje ?part\w*', 'innehåll', 'ändamål', 'syften', 'kontakt\w*', 'håll\w*', 'uppdatering\w*', 'företag\w*', 'allt', 'relevant\w*'],
        'accepts-terms' => ['(?:godkänn\w*|accepter\w*|läst|samtyck\w* till|går med på)[^.]{0,60}?\w*villkor\w*'],
        'accepts-notice' => ['(?:godkänn\w*|accepter\w*|samtyck\w* till|går med på)[^.]{0,50}?(?:integritets\w*|personuppgiftspolicy\w*|sekretesspolicy\w*|dataskydds\w*)'],
        'terms' => ['\w*villkor\w*', 'tävlingsregler\w*'],
        'notice' => ['integritets\w*', 'personuppgifts\w*', 'dataskydd\w*', 'så (?:behandlar|hanterar) vi'],
        'withdrawal' => ['återkall\w*', 'avregistrer\w*', 'avsluta\w*', 'säga? (?:upp|stopp|nej)[^.]{0,30}(?:när|igen)', 'när som helst', 'ta(?:r)? tillbaka', 'ångra\w*', 'slipp\w*', 'säga till', 'när jag vill'],
        'refuses' => ['(?:inte|ej) (?:vill|önskar)(?! längre)', '(?:vill|önskar) (?:inte|ej)(?! längre)', 'nej,? tack', 'avstå\w*', 'lämna rutan (?:tom|omarkerad)', '(?:ta bort|avmarkera|bocka ur)\w*', 'inga erbjudanden', 'slippa (?:få|ta emot)', '(?:om|såvida) (?:jag|du|ni) inte', 'jag avstår', 'jag avböjer'],
        'yes' => ['ja(?!\w)', 'jag (?:samtycker|vill|godkänner)', 'gärna'],
        'technical' => ['kom ihåg mig', 'förbli inloggad', 'visa lösenord', 'samma (?:leverans|faktura)\w*', 'inte en robot', 'presentinslagning', 'hur ofta', 'dagligen|varje vecka|månadsvis', 'språk', 'kopia till mig'],
        'reason' => ['så att', 'för att (?:vi|kunna|nå|skicka|ringa|varna|hälsa)', 'eftersom', 'vi (?:behöver|använder|frågar)', 'endast (?:för|om)', 'ifall'],
        'by-email' => ['e-?post\w*', 'mejl\w*', 'mail\w*', 'nyhetsbrev\w*'],
        'by-sms' => ['sms\w*', 'textmeddelande\w*'],
        'by-phone' => ['telefon\w*', 'ring\w*', 'samtal\w*'],
        'by-post' => ['med post\w*', 'per post', 'brev(?!låda)(?!\w)', 'i brevlådan'],
        'by-messaging' => ['meddelandeapp\w*', 'chatt\w*'],
        'partners' => ['(?:våra |utvalda |noga utvalda )?(?:samarbets)?partner\w*', 'tredje ?part\w*', 'sponsor\w*', 'andra (?:företag|bolag)', 'koncernbolag\w*'],
        'passes-on' => ['(?:lämn|del|sälj|överför|vidarebefordr|ge|skick|lån|hyr)\w*[^.]{0,60}?(?:till|med|vidare)[^.]{0,50}?(?:partner\w*|tredje ?part\w*|företag|bolag|sponsor\w*|annonsör\w*|organisationer)', '(?:partner\w*|tredje ?part\w*|andra företag|sponsor\w*)[^.]{0,30}?(?:får|kan|ska) (?:kontakta|mejla|ringa|skriva|skicka|använda)', '(?:partner\w*|sponsor\w*|företag|bolag)[^.]{0,20}?(?:får|kommer att få|tar emot)[^.]{0,30}(?:adress|mejl|nummer|uppgifter|namn)'],
        'rate' => ['(?:en|två|tre|fyra|fem|sex|tio|tolv|\d+) gång\w*[^.]{0,20}?(?:om|i|per|varje)(?: \w+)?', '(?:daglig|vecko|månads|kvartals|års)\w*vis', 'varje (?:dag|vecka|månad|kvartal|år|vår|höst|sommar|vinter|fredag|måndag)', 'ibland', 'då och då', 'högst', 'endast när', 'när min', 'när (?:min|mitt|en|ett|nya|det)', '(?:vid|efter|med) varje'],
        'tracking' => ['(?:mät|spår|följ|registrer|analyser|räkn)\w*[^.]{0,60}(?:öppn|klick|läs|länk)\w*', 'vilka (?:länkar|mejl)[^.]{0,30}(?:öppn|klick|läs)\w*'],
        'by-sending' => ['genom att (?!svara|skriva|ringa|klicka på länken)\w+', 'när (?:du|ni) (?:skickar|beställer|bokar|klickar|registrerar|fortsätter|deltar|köper)', '(?:din|ditt|er) (?:bokning|beställning|anmälan|köp) innebär', 'i och med (?:att|din)', '(?:att )?(?:slutföra|fullfölja|skicka|lämna)[^.]{0,30}(?:räknas som|innebär|betyder)'],
        'similar' => ['liknande (?:varor|produkter|tjänster|erbjudanden|resor)', 'motsvarande (?:varor|produkter|tjänster)'],
        'objects' => ['invända\w*', 'invändning\w*', 'motsätta\w*', 'rätt att (?:säga nej|invända)'],
        'exchange' => ['i utbyte', 'i gengäld', 'som motprestation', 'betala\w* med (?:mina|dina)'],
        'legalese' => ['härmed', 'härigenom', 'ovannämnd\w*', 'nedanstående', 'i enlighet med bestämmelserna', 'undertecknad\w*', 'jämlikt', 'oåterkallelig\w*', 'med avseende på', 'den registrerade', 'anses vara', 'vederbörande', 'avseende behandlingen'],
        'double-negative' => ['inte o(?:vanlig|trolig|villig|önskad)\w*', '(?:inte|ej|ingen)[^.,;]{0,40}(?:inte|ej|aldrig|ingen)'],
        'login' => ['logga in', 'inloggning\w*', 'glömt lösenord\w*'],
        'search' => ['sök\w*', 'hitta(?!\w)'],
        'contact' => ['kontakta oss', 'ditt (?:meddelande|ärende)', 'din fråga', 'skicka (?:ett )?meddelande', 'offert', 'bli uppringd'],
        'order' => ['beställ\w*', 'varukorg\w*', 'kassa\w*', 'betal\w*', 'köp(?:a|er)?(?!\w)', 'boka\w*', 'leveransadress', 'faktura\w*'],
        'account' => ['skapa (?:ett )?konto', 'registrera (?:dig|konto)', 'bli medlem', 'nytt konto', 'medlemskap'],
        'draw' => ['tävling\w*', 'utlottning\w*', 'lotteri\w*', 'vinn(?:a|er)?(?!\w)', 'vinst\w*'],
        'download' => ['ladda ner', 'nedladdning\w*', 'hämta guiden', 'gratis guide', 'e-?bok'],
        'preferences' => ['avregistrera\w*', 'avanmäl\w*', 'inställningar', 'hantera prenumeration\w*'],
        'rights' => ['registerutdrag', 'radera mina uppgifter', 'rätt till tillgång', 'utöva dina rättigheter'],
        'job' => ['ansök\w*', 'cv(?!\w)', 'personligt brev', 'lediga jobb', 'tjänsten'],
        'field-email' => ['e-?post(?:adress)?', 'mejladress', 'mail'],
        'field-name' => ['(?:för|efter)?namn', 'ditt namn'],
        'field-phone' => ['telefon(?:nummer)?', 'mobil(?:nummer)?'],
        'field-birthday' => ['födelse(?:datum|dag|år)', 'personnummer', 'ålder'],
        'field-gender' => ['kön', 'titel'],
        'field-postal' => ['(?:post)?adress(?!en)', 'gata\w*', 'postnummer', 'ort(?!\w)', 'stad(?!\w)'],
        'field-employer' => ['företag(?:snamn)?', 'arbetsgivare', 'yrke', 'befattning', 'bransch'],
    ];
}
