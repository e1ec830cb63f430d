<?php

declare(strict_types=1);

namespace Juramen\Wording\Lexicons;

/** Danish. Patterns are our own, from wording seen in common practice. */
final class Danish
{
    public const COMMON = 'jeg du han hun vi i de dem mig dig os jer min mit mine din dit dine sin sit sine vores jeres en et den det disse denne dette og eller men at som for til fra af på med om ved hos uden over under efter før mellem gennem er var være har havde have får få fik kan kunne skal skulle vil ville bliver blive blev gør ikke ingen intet også så da når hvor her der hvordan hvad hvem hvilken hvilket hvilke hvorfor nu endnu altid aldrig kun mere mest meget alle alt hver hvert nogen noget nogle anden andet andre ja nej tak gerne må måtte gå sende sender sendes modtage få mail mails e-mail email brev sms telefon ringe ringer adresse måned måneden månedligt uge ugen dag dagen år året gang gange indimellem kontakte kontaktes informere informeres information tilmelde abonnere oplysninger bruge bruges samtykker samtykke accepterer via per';

    public const PATTERNS = [
        'marketing' => ['nyhedsbrev\w*', 'reklame\w*', '\w*tilbud(?!\w)', 'kampagne\w*', 'markedsfør\w*', 'rabat\w*', 'nyheder', 'seneste nyt', 'særlige priser', 'tips', 'inspiration', 'abonner\w*', '(?:må|kan) (?:gerne )?(?:maile|ringe|kontakte|skrive til|sende)', 'send(?:er|e)? [^.]{0,40}(?:til )?(?:mig|dig|jer)', '(?:vil|ønsker)[^.]{0,40}(?:have|modtage|få|høre)', 'få[^.]{0,30}(?:mails?|e-?mails?|sms)(?!\w)', 'hold\w* (?:mig|dig|kontakten) (?:opdateret|orienteret|ved)', 'opdatering\w*'],
        'vague' => ['nyhedsbrev\w*', 'nyheder', 'nyt', 'tilbud', 'information\w*', 'info', 'reklame\w*', 'markedsføring\w*', 'kampagner', 'spændende', 'interessant\w*', 'eksklusiv\w*', 'tjenester', 'ydelser', 'produkter', 'forbedr\w*', 'oplevelse\w*', 'aktuel\w*', 'partner\w*', 'tredje ?part\w*', 'indhold', 'formål', 'kontakt\w*', 'hold\w*', 'opdatering\w*', 'virksomhed\w*', 'relevant\w*', 'alt'],
        'accepts-terms' => ['(?:accepter\w*|godkend\w*|læst|samtykk\w* til|indforstået med)[^.]{0,60}?\w*(?:betingelser|vilkår)\w*'],
        'accepts-notice' => ['(?:accepter\w*|godkend\w*|samtykk\w* til|indforstået med)[^.]{0,50}?(?:privatlivs\w*|persondata\w*|databeskyttelse\w*|cookiepolitik\w*)'],
        'terms' => ['\w*(?:betingelser|vilkår)\w*', 'konkurrenceregler'],
        'notice' => ['privatlivs\w*', 'persondata\w*', 'databeskyttelse\w*', 'sådan (?:behandler|bruger) vi'],
        'withdrawal' => ['træk\w*[^.]{0,30}tilbage', 'tilbagekald\w*', 'afmeld\w*', 'framelde?\w*', '(?:kan|til enhver tid|altid)[^.]{0,30}(?:stoppe|fortryde|slippe|afmelde|framelde)', 'fortryd\w*', 'stopper? (?:det|den)[^.]{0,20}når', 'sige? nej (?:igen|tak igen)', 'til enhver tid'],
        'refuses' => ['ikke (?:ønsker|vil)(?! længere)', '(?:ønsker|vil) ikke(?! længere)', 'nej,? tak', 'undlade\w*', 'lad feltet (?:stå )?(?:tomt|blankt)', '(?:fjern|slet)\w* (?:krydset|fluebenet|markeringen)', 'fravælg\w*', 'ingen tilbud', 'frabed\w*', 'medmindre (?:jeg|du|i)', 'hvis (?:jeg|du|i) ikke', 'jeg afstår', 'jeg giver afkald'],
        'yes' => ['ja(?!\w)', 'jeg (?:samtykker|vil|accepterer)', 'gerne'],
        'technical' => ['husk mig', 'forbliv logget ind', 'vis adgangskode', 'samme (?:leverings|faktura)\w*', 'ikke en robot', 'gaveindpakning', 'hvor ofte', 'dagligt|ugentligt|månedligt', 'sprog', 'kopi til mig'],
        'reason' => ['så (?:at )?vi', 'for at (?:vi|kunne|nå|sende|ringe|advare|hilse)', 'fordi', 'vi (?:har brug for|bruger|spørger)', 'kun (?:for|hvis|til)', 'i tilfælde af'],
        'by-email' => ['e-?mails?', 'mails?(?!\w)', 'nyhedsbrev\w*', 'maile'],
        'by-sms' => ['sms\w*', 'tekstbesked\w*'],
        'by-phone' => ['telefon\w*', 'ring\w*', 'opkald\w*'],
        'by-post' => ['med posten', 'pr\.? post', 'brev(?!kasse)(?!\w)', 'postvæsen\w*'],
        'by-messaging' => ['beskedapp\w*', 'chat\w*'],
        'partners' => ['(?:vores |udvalgte )?(?:samarbejds)?partner\w*', 'tredje ?part\w*', 'sponsor\w*', 'andre (?:virksomheder|firmaer|selskaber)', 'koncernselskab\w*'],
        'passes-on' => ['(?:giv|del|sælg|overfør|videregiv|videresend|udlever|send|udlej)\w*[^.]{0,60}?(?:til|med|videre)[^.]{0,50}?(?:partner\w*|tredje ?part\w*|virksomheder|firmaer|selskaber|sponsor\w*|annoncør\w*)', '(?:partner\w*|tredje ?part\w*|andre virksomheder|sponsor\w*)[^.]{0,30}?(?:må|kan|vil) (?:kontakte|maile|ringe|skrive|sende|bruge)', '(?:partner\w*|sponsor\w*|virksomheder|firmaer)[^.]{0,20}?(?:får|modtager|vil få)[^.]{0,30}(?:adresse|mail|nummer|oplysninger|navn)'],
        'rate' => ['(?:en|to|tre|fire|fem|seks|ti|tolv|\d+) gang\w*[^.]{0,20}?(?:om|i|pr\.?|hver)(?: \w+)?', '(?:dag|uge|måned|kvartal|år)(?:ent)?ligt?', 'hver(?:t)? (?:dag|uge|måned|kvartal|år|forår|efterår|sommer|vinter|fredag|mandag)', 'indimellem', 'af og til', 'højst', 'kun når', 'når min', 'når (?:min|mit|en|et|nye|der)', '(?:ved|efter|med) hver'],
        'tracking' => ['(?:mål|spor|følg|registrer|analyser|tæl)\w*[^.]{0,60}(?:åbn|klik|læs|links?)\w*', 'hvilke (?:links|mails)[^.]{0,30}(?:åbn|klik|læs)\w*'],
        'by-sending' => ['ved at (?!svare|skrive|ringe|klikke på linket)\w+', 'når (?:du|i) (?:sender|bestiller|booker|klikker|registrerer|fortsætter|deltager|køber)', '(?:din|dit|jeres) (?:booking|bestilling|tilmelding|køb) (?:betyder|indebærer)', '(?:at )?(?:gennemføre|afslutte|sende|indsende)[^.]{0,30}(?:gælder som|betyder|indebærer|regnes som)'],
        'similar' => ['(?:lignende|tilsvarende) (?:varer|produkter|ydelser|tjenester|tilbud|rejser)'],
        'objects' => ['gøre indsigelse\w*', 'indsigelse\w*', 'modsætte\w*', 'ret til at sige nej'],
        'exchange' => ['til gengæld', 'i bytte', 'som modydelse', 'betal\w* med (?:mine|dine)'],
        'legalese' => ['hermed', 'herved', 'ovennævnte', 'nedenstående', 'i henhold til', 'i overensstemmelse med bestemmelserne', 'undertegnede', 'uigenkaldelig\w*', 'for så vidt angår', 'den registrerede', 'anses for', 'vedrørende behandlingen', 'førnævnte'],
        'double-negative' => ['ikke u(?:sandsynlig|almindelig|villig|ønsket)\w*', '(?:ikke|ingen)[^.,;]{0,40}(?:ikke|aldrig|ingen)'],
        'login' => ['log ?ind', 'glemt adgangskode'],
        'search' => ['søg\w*', 'find(?!\w)'],
        'contact' => ['kontakt os', 'din (?:besked|henvendelse)', 'dit spørgsmål', 'send (?:en )?besked', 'tilbud på', 'bliv ringet op'],
        'order' => ['bestil\w*', 'indkøbskurv\w*', 'kassen', 'betal\w*', 'køb(?:e|er)?(?!\w)', 'book\w*', 'leveringsadresse', 'faktura\w*'],
        'account' => ['opret (?:en )?(?:konto|bruger|profil)', 'registrer (?:dig|konto)', 'bliv medlem', 'ny konto', 'medlemskab'],
        'draw' => ['konkurrence\w*', 'lodtrækning\w*', 'vind(?:e|er)?(?!\w)', 'gevinst\w*', 'præmie\w*'],
        'download' => ['download\w*', 'hent guiden', 'gratis guide', 'e-?bog'],
        'preferences' => ['afmeld\w*', 'framelde?\w*', 'indstillinger', 'administrer abonnement\w*'],
        'rights' => ['indsigtsret', 'slet mine oplysninger', 'ret til indsigt', 'udøve dine rettigheder'],
        'job' => ['ansøg\w*', 'cv(?!\w)', 'motiveret ansøgning', 'ledige stillinger'],
        'field-email' => ['e-?mail(?:adresse)?', 'mailadresse'],
        'field-name' => ['(?:for|efter)?navn', 'dit navn'],
        'field-phone' => ['telefon(?:nummer)?', 'mobil(?:nummer)?'],
        'field-birthday' => ['fødsels(?:dato|dag|år)', 'cpr\w*', 'alder(?!\w)'],
        'field-gender' => ['køn', 'titel'],
        'field-postal' => ['(?:post)?adresse(?!n)', 'vej(?!\w)', 'gade\w*', 'postnummer', 'by(?!\w)'],
        'field-employer' => ['virksomhed(?:snavn)?', 'firma', 'arbejdsgiver', 'stilling', 'branche'],
    ];
}
