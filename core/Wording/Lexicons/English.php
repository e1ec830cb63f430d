<?php

declare(strict_types=1);

namespace Juramen\Wording\Lexicons;

/** English. Patterns are our own, from wording seen in common practice. */
final class English
{
    public const COMMON = 'a about above accept after again agree all also am an and any anything are as ask at be because been before being below between both box but by can click confirm consent could did do does each email emails enter every everything few for form from get give given go had has have he her here hereby him his how i if in into is it its join just know let like mail mails may me more most my never no not now of off on once only or other our ours out over own please post read receive register same see send sending sent she should sign so some stay submit subscribe such tell text than that the their them then there these they this those through tick time to too under until up use us very via want was we were what when where which while who will wish with would yes you your yours month monthly week weekly day daily year times per regularly occasionally about latest keep kept informed contact contacted information address phone telephone sms message messages know';

    public const PATTERNS = [
        'marketing' => ['news ?letters?', 'e-?news', 'mailing[- ]?list', '(?:special|exclusive|latest|our|great|partner|promotional|discount)? ?offers', 'promotions?(?!\w)', 'promotional', 'marketing', 'advert\w*', '(?:product|company|occasional|regular|latest|email) (?:news|updates)', '(?:email|send|text|message|contact|call|write to) me (?!back)', 'keep me (?:posted|informed|updated|up to date)', 'stay (?:informed|in touch|up to date)', 'hear (?:about|from)', 'updates(?: about| on| from|\b)', 'subscribe', 'news(?: from| about| and| by|\b)', '(?:would like|want|happy|wish|like) to (?:receive|hear|be contacted)', 'may (?:e-?mail|text|call|contact|phone|write to|send) me', 'tell me about', 'deals', 'vouchers?', 'inspiration'],
        'vague' => ['news ?letters?', 'e-?news', 'news', 'updates?', 'offers?', 'information', 'marketing(?: communications?| messages?| purposes?| e-?mails?| materials?)?', 'promotions?', 'promotional(?: \w+)?', 'communications?', 'advert\w*', 'special', 'exclusive', 'latest', 'interesting', 'services?', 'products?', 'improve', 'experience', 'things', 'stuff', 'great', 'deals', 'content', 'relevant', 'exciting', 'selected', 'partners?', 'third part(?:y|ies)', 'mailing ?list', 'occasional', 'regular', 'purposes?', 'newsletter', 'subscription', 'company', 'group', 'website'],
        'accepts-terms' => ['(?:accept|agree(?:d)?(?: to| with)?|consent to|have read(?: and (?:accept|agree|understood)\w*)?|comply with|bound by)[^.]{0,60}?(?:terms(?: (?:and|&) conditions| of (?:use|service|sale))?|conditions|rules of|t&cs?|competition rules)'],
        'accepts-notice' => ['(?:accept|agree(?:d)?(?: to| with)?|consent to)[^.]{0,50}?(?:privacy|data protection|cookie) (?:policy|notice|statement)'],
        'terms' => ['terms', 'conditions', 't&cs?', '(?:competition|prize draw) rules'],
        'notice' => ['privacy(?: policy| notice| statement)?', 'data protection(?: notice| policy| statement)?', 'how we (?:use|handle|treat) your (?:data|details|information)'],
        'withdrawal' => ['withdraw\w*', 'unsubscrib\w*', 'opt(?:ing)?[- ]?out(?: at any time| any time| whenever)', 'change (?:my|your) mind', 'stop (?:at any time|any time|these|the mails|whenever|it)', '(?:cancel|leave|stop)[^.]{0,40}(?:at any ?time|any ?time|whenever)', 'at any time[^.]{0,40}(?:stop|cancel|leave|end|revoke)', 'revoke'],
        'refuses' => ['(?:do|would) (?:not|n\'t) (?:want|wish|like)', 'don\'t (?:want|send|email|contact)', 'no,? thank', 'no thanks', 'please do not', 'prefer not', 'rather not', 'no offers', 'no news', 'untick'],
        'yes' => ['yes', 'i (?:agree|accept|consent|want|would like)', 'ok(?:ay)?', 'sign me up', 'subscribe', 'count me in', 'true', 'on'],
        'technical' => ['remember (?:me|my|this)', 'keep me (?:signed|logged) in', 'stay (?:signed|logged) in', 'same (?:as )?(?:billing|shipping|delivery|postal)', '(?:billing|shipping|delivery) (?:address )?(?:is )?(?:the )?same', 'show password', 'not a robot', 'i am human', 'gift ?wrap', 'how often', 'frequency', 'daily|weekly|monthly', 'language', 'save (?:my|this) (?:name|card|basket)', 'copy (?:of|to) (?:my|me|this)', 'send me a copy'],
        'reason' => ['so (?:that )?we', 'to (?:call|reach|ring|text|tell|name|greet|deliver|send you|wish|check|make sure|notify|warn|confirm)', 'because', 'we (?:need|use|ask) (?:this|it|your)', 'only (?:to|for|if|used)', 'in case', 'needed (?:for|to)', 'for (?:delivery|your ticket|the delivery)'],
        'by-email' => ['e-?mails?', 'newsletter', 'inbox', 'electronic mail'],
        'by-sms' => ['sms', 'text (?:me|message)s?', 'by text', 'text alerts?'],
        'by-phone' => ['(?:by |tele)?phone', 'call me', 'by telephone', 'phone calls?', 'ring me'],
        'by-post' => ['by post', 'by (?:letter|mail)(?!\w)', 'postal mail', 'brochure by post', 'post,'],
        'by-messaging' => ['messenger', 'messaging app', 'chat message'],
        'partners' => ['(?:our |selected |carefully chosen |trusted )?(?:business )?partners', 'third part(?:y|ies)', 'sponsors?', 'affiliates', 'other companies', 'group companies'],
        'legalese' => ['notwithstanding', 'hereby', 'herein\w*', 'hereto', 'heretofore', 'thereof', 'thereto', 'aforementioned', 'aforesaid', 'pursuant to', 'in accordance with the provisions', 'hereinafter', 'the undersigned', 'inter alia', 'irrevocabl\w*', 'with regard to the processing', 'data subject', 'shall be deemed', 'expressly consent'],
        'double-negative' => ['not un(?:likely|willing|wanted|reasonable)\w*', '(?:do|does|did|will|would|can|could) not[^.,;]{0,40}(?:not|no longer|never)', '(?:don|won|can)[\'’]t[^.,;]{0,40}(?:not|never)', 'untick[^.,;]{0,40}(?:not|don[\'’]t)'],
        'passes-on' => ['(?:pass|share|giv|sell|transfer|disclos|forward|hand)\w*[^.]{0,60}?(?:to|with|on to)[^.]{0,40}?(?:partners|third part(?:y|ies)|sponsors?|affiliates|other companies|group companies|advertisers)', '(?:partners|third part(?:y|ies)|sponsors?|affiliates|other companies)[^.]{0,30}?(?:may|can|to|will) (?:contact|e-?mail|call|text|write|send|use)'],
        'rate' => ['(?:once|twice|(?:two|three|four|five|six|ten|twelve|\d+) times|one|two|three|four|\d+)[^.]{0,25}?(?:a|an|per|each|every) (?:day|week|fortnight|month|quarter|season|year)', '(?:dai|week|month|quarter|year|fortnight)ly', 'every (?:day|week|fortnight|month|quarter|season|year|other)', 'occasional\w*', 'from time to time', 'at most', 'no more than', 'now and then', 'only when', 'whenever a'],
        'by-sending' => ['by (?:sending|submitting|clicking|registering|signing up|continuing|placing|entering|completing|using|downloading|pressing|participating|booking|ordering)', '(?:sending|submitting) (?:this|the) form (?:means|is|counts)', 'when you (?:send|submit|order|register|enter|book)[^.]{0,30}you (?:agree|consent|accept|will|also)'],
        'similar' => ['similar (?:goods|products|services|offers|items)', '(?:goods|products|services|items) (?:like|similar)', 'like (?:those|what) you (?:bought|ordered)'],
        'objects' => ['object(?: to| at| any)', 'tell us to stop', 'say no at any time'],
        'login' => ['log ?in', 'sign ?in', 'forgot(?:ten)? (?:your )?password'],
        'search' => ['search', 'find a'],
        'contact' => ['contact us', 'your (?:message|question|enquiry|inquiry)', 'get in touch', 'send (?:us )?(?:a )?message', 'enquir\w*', 'inquir\w*', 'how can we help', 'request a (?:quote|call)', 'quote'],
        'order' => ['order', 'check ?out', 'basket', 'cart', 'payment', 'pay now', 'buy', 'book (?:now|a|your|tickets)', 'booking(?! page)', 'delivery address', 'billing', 'card number'],
        'account' => ['create (?:an |your |my )?account', 'register(?:ation)?', 'sign up for an account', 'choose a password', 'new account', 'membership'],
        'draw' => ['prize', 'draw(?!er)', 'win (?:a|an|one|the|two)', 'competition', 'raffle', 'sweepstake', 'giveaway'],
        'download' => ['download', 'get the (?:guide|pdf|e-?book|report|paper)', 'white ?paper', 'e-?book', 'free guide'],
        'preferences' => ['unsubscribe(?: me| from| now|$)', 'preferences', 'manage (?:your|my) subscriptions?', 'opt out of', 'object to (?:direct )?marketing'],
        'rights' => ['access request', 'right (?:of access|to erasure|to be forgotten)', 'delete my (?:data|details|account)', 'copy of my data', 'data subject'],
        'job' => ['apply (?:now|for)', 'application', 'cv(?!\w)', 'r[eé]sum[eé]', 'cover letter', 'vacanc\w*'],
        'field-email' => ['e-?mail(?: address)?'],
        'field-name' => ['(?:first|last|full|your|family|given|sur)? ?name'],
        'field-phone' => ['(?:tele|mobile )?phone(?: number)?', 'mobile(?: number)?', 'cell', 'tel(?:\.|$)'],
        'field-birthday' => ['birth ?day', 'date of birth', 'birth ?date', 'dob', 'year of birth', 'age(?!\w)'],
        'field-gender' => ['gender', 'sex(?!\w)', 'mr\W+mrs', 'title \(mr', 'salutation'],
        'field-postal' => ['(?:postal |street |home |delivery |billing )address', 'street', 'post ?code', 'zip', 'town', 'city', 'address line'],
        'field-employer' => ['company(?: name)?', 'employer', 'organisation', 'organization', 'job title', 'profession', 'occupation', 'industry'],
    ];
}
