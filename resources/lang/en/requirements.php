<?php

declare(strict_types=1);

/*
 * Each requirement for whoever asks what it means: what it is called in a list, what its source says in our words, how it is checked, what cannot
 * be seen, and a form that meets it and one that misses it. Tests run both.
 */
$form = static fn (string $inner, string $kind = 'Newsletter', string $button = 'Subscribe'): string => '<form action="/n" method="post"><h2>'
    .$kind."</h2>\n<label>Email <input type=\"email\" autocomplete=\"email\"></label>\n$inner\n<button>$button</button></form>";
$box = static fn (string $words, string $more = ''): string => "<label><input type=\"checkbox\"$more> $words</label>";
$order = static fn (string $inner): string => $form("<label>Street <input autocomplete=\"street-address\"></label>\n$inner", 'Your order', 'Pay now');
$page = static fn (string $inner, string $head = ''): string => "<html lang=\"en\"><head><title>Tidewick Ferries Ltd</title>$head</head><body>\n$inner\n</body></html>";
$yes = 'Tidewick Ferries may email me new sailings once a month. I can withdraw at any time.';

return [
    'no-preset-answer' => [
        'name' => 'No answer set before',
        'says' => 'Consent is a clear act. A box that is ticked already, a choice that stands on yes, a switch that is on: whoever only leaves it has done nothing.',
        'checks' => 'Every box, choice, list and switch that asks for consent is looked at as the page opens, those made of other elements too.',
        'unseen' => 'A script may set an answer once the page is open.',
        'meets' => $form($box($yes)), 'misses' => $form($box($yes, ' checked')),
    ],
    'no-hidden-consent' => [
        'name' => 'No hidden consent',
        'says' => 'Nobody agrees to what nobody sees.',
        'checks' => 'Hidden fields whose names speak of news, marketing or consent and whose value is a yes. The twin of an empty box, versions and lists are none.',
        'unseen' => 'What the server adds by itself.',
        'meets' => $order('<input type="hidden" name="version" value="1">'), 'misses' => $order('<input type="hidden" name="newsletter" value="1">'),
    ],
    'no-consent-by-sending' => [
        'name' => 'Not by sending',
        'says' => 'Who orders or asks something has not agreed to advertising by it.',
        'checks' => 'Sentences that take sending, registering, ordering or going on for a yes to being written to.',
        'unseen' => 'Words on another page.',
        'meets' => $order($box($yes)), 'misses' => $order('<p>By placing your order you agree to receive our offers by email.</p>'),
    ],
    'asks-yes-not-no' => [
        'name' => 'Asks for a yes',
        'says' => 'A box is ticked to agree, not to refuse. The rule for existing customers is another.',
        'checks' => 'Words beside a box that make a tick a no.',
        'unseen' => 'What the server makes of a tick.',
        'meets' => $form($box($yes)), 'misses' => $form($box('Tick here if you do not want emails about our sailings.')),
    ],
    'consent-asked' => [
        'name' => 'Is asked at all',
        'says' => 'A form that serves something else and leads to advertising asks for it. One that serves only that, and says so, needs no box.',
        'checks' => 'Sentences that announce advertising on a form without a control for it.',
        'unseen' => 'Advertising that is not announced.',
        'meets' => $form(''), 'misses' => $order('<p>You will also receive our offers by email.</p>'),
    ],
    'apart-from-terms' => [
        'name' => 'Apart from terms',
        'says' => 'Consent stands apart from terms, conditions and the notice. A link to the notice within its words is fine.',
        'checks' => 'One control whose words agree to both.',
        'unseen' => 'Terms that ask for consent themselves.',
        'meets' => $order($box($yes)), 'misses' => $order($box('I accept the terms and conditions and agree to receive emails about new sailings.')),
    ],
    'one-purpose-each' => [
        'name' => 'One purpose each',
        'says' => 'Different purposes are agreed to one by one: own news, and passing the address on, are two.',
        'checks' => 'Words of a control that send something and pass details on, or use them in another way.',
        'unseen' => 'Purposes that the words do not name.',
        'meets' => $form($box($yes)),
        'misses' => $form($box('Yes, email me new sailings, and pass my email to your partners so that they can send me their offers.')),
    ],
    'channel-choice' => [
        'name' => 'Choice of channel',
        'says' => 'Who wants mails need not want calls.',
        'checks' => 'Several channels in the words of one control, with no way to choose among them.',
        'unseen' => 'A choice that comes later.',
        'meets' => $form($box($yes)), 'misses' => $form($box('Tidewick Ferries may email, text and phone me about new sailings.')),
    ],
    'notice-not-agreed' => [
        'name' => 'Notice not “accepted”',
        'says' => 'A privacy notice tells; nobody agrees to it. Asking for that makes it look like a contract.',
        'checks' => 'Controls whose words accept, or agree to, the notice.',
        'unseen' => '',
        'meets' => $order($box('I have read the <a href="/privacy">privacy notice</a>')),
        'misses' => $order($box('I agree to the <a href="/privacy">privacy policy</a>', ' required')),
    ],
    'not-a-condition' => [
        'name' => 'Not a condition',
        'says' => 'What one came for does not hang on agreeing to advertising. With prizes and downloads, where the exchange is said openly, courts differ.',
        'checks' => 'Controls that must be ticked, and words that make them so.',
        'unseen' => 'A server that sends the form back.',
        'meets' => $order($box($yes)), 'misses' => $order($box($yes, ' required')),
    ],
    'no-as-easy-as-yes' => [
        'name' => 'No as easy as yes',
        'says' => 'A no costs nothing: no clock, no shaming, no window that cannot be closed.',
        'checks' => 'Words that hurry or shame, clocks that run down, pop-ups around the form in which nothing closes them.',
        'unseen' => 'Pop-ups that a script makes later; that a key closes them.',
        'meets' => $form($box($yes)),
        'misses' => $form("<fieldset><legend>May we email you our offers?</legend>\n<label><input type=\"radio\" name=\"a\"> Yes</label>\n"
            .'<label><input type="radio" name="a"> No, I prefer to pay the full fare</label></fieldset>'),
    ],
    'controller-named' => [
        'name' => 'Controller named',
        'says' => 'Whoever agrees knows to whom.',
        'checks' => 'A name on the form or, where the whole page is known, in its title, head or foot.',
        'unseen' => 'Whether that is who answers for the form.',
        'meets' => $page($form($box($yes))), 'misses' => '<html lang="en"><head><title>welcome</title></head><body>'.$form($box('send me new walking routes')).'</body></html>',
    ],
    'purpose-said' => [
        'name' => 'Purpose said',
        'says' => 'What will be sent or done is said so that one can picture it. In Germany the goods that are advertised are named.',
        'checks' => 'Words that say what comes; “news”, “offers” and “updates” alone say little.',
        'unseen' => 'What is sent in truth.',
        'meets' => $form($box($yes)), 'misses' => $form($box('Yes, I would like to receive marketing communications and updates.'), 'Stay in touch', 'Sign up'),
    ],
    'withdrawal-said' => [
        'name' => 'Withdrawal said',
        'says' => 'Before agreeing one is told that it can be withdrawn at any time.',
        'checks' => 'Sentences that say how it ends. A linked notice may say it too, so its absence on the form is then a weakness.',
        'unseen' => 'The linked notice. A right to return goods is not it.',
        'meets' => $form($box($yes)), 'misses' => $page($form($box('Tidewick Ferries may email me new sailings.'))),
    ],
    'notice-linked' => [
        'name' => 'Notice linked',
        'says' => 'Whoever collects details says what becomes of them, where it collects them.',
        'checks' => 'A link to a notice at the form or on its page that leads somewhere; links to terms alike.',
        'unseen' => 'What stands behind the link.',
        'meets' => $page($form($box($yes)).'<a href="/privacy">Privacy notice</a>'), 'misses' => $page($form($box($yes)).'<a href="#">Privacy notice</a>'),
    ],
    'recipients-named' => [
        'name' => 'Recipients named',
        'says' => 'Whoever relies on the consent for its own use is named, or stands in a list behind a link.',
        'checks' => 'Words that pass details on, and names or a linked list beside them.',
        'unseen' => 'Passing on that is not said.',
        'meets' => $form($box('Tidewick Ferries may pass my email to Seahaven Hotels Ltd, who may email me their offers on rooms.')),
        'misses' => $form($box('You may pass my email to selected partners who may email me their offers.')),
    ],
    'objection-highlighted' => [
        'name' => 'Objection shown',
        'says' => 'Where people are written to without consent, their right to object stands clearly and apart, with the first message at the latest; in Germany'
            .' where the address is collected.',
        'checks' => 'Order forms that offer a no, and a sentence of its own about objecting.',
        'unseen' => 'The first message.',
        'meets' => $order($box('No offers on similar goods, please.')."\n<p>You can object to this at any time at no cost.</p>"),
        'misses' => $order($box('No offers on similar goods, please.')),
    ],
    'rate-said' => [
        'name' => 'How often',
        'says' => 'No law asks for it. Who knows how often something comes stays longer.',
        'checks' => 'Words that say how often, or on what occasion.',
        'unseen' => '',
        'meets' => $form($box($yes)), 'misses' => $form($box('Tidewick Ferries may email me new sailings. I can withdraw at any time.')),
    ],
    'tracking-said' => [
        'name' => 'Measuring said',
        'says' => 'That opens and clicks are measured is said; where it stores or reads on the device, it is asked for by itself.',
        'checks' => 'Of our own points what the register of purposes says; of other forms their words.',
        'unseen' => 'Measuring that nobody says.',
        'meets' => $form($box($yes)."\n".$box('Tidewick Ferries may measure which of its mails I open.')),
        'misses' => $form($box('Tidewick Ferries may email me new sailings and measure which links in its emails I open.')),
    ],
    'notice-matches' => [
        'name' => 'Notice matches',
        'says' => 'What statements ask for stands in the notice too.',
        'checks' => 'Of our own points, where the text of the notice is held here: each purpose and channel.',
        'unseen' => 'Notices that are not held here.',
        'meets' => '', 'misses' => '',
    ],
    'plain-words' => [
        'name' => 'Plain words',
        'says' => 'Consent is asked for in clear and plain words.',
        'checks' => 'Reading ease, length of sentences, double negatives, legalese; by language.',
        'unseen' => 'Whether those who are asked understand it.',
        'meets' => $form($box($yes)),
        'misses' => $form($box('I hereby consent, notwithstanding anything to the contrary hereinafter contained, to the aforementioned party emailing me'
            .' communications pertaining to sailings.')),
    ],
    'language-offered' => [
        'name' => 'Every language',
        'says' => 'Who is addressed in a language reads everything in it.',
        'checks' => 'Of our own points every text in every language offered; of others whether the consent is in its page\'s language.',
        'unseen' => 'Mails and errors of other systems.',
        'meets' => $page($form($box($yes))),
        'misses' => $page($form($box('Ja, ich möchte von der Reederei Tidewick über neue Fahrten per E-Mail informiert werden und kann das jederzeit widerrufen.'))),
    ],
    'legible' => [
        'name' => 'Legible',
        'says' => 'What is agreed to can be read: contrast of 4.5 to 1, not smaller than the rest, labels that stay.',
        'checks' => 'Colours and sizes that stand on elements, and fields whose only label goes when somebody types.',
        'unseen' => 'What style sheets in other files do.',
        'meets' => $form($box($yes)), 'misses' => $form("<label style=\"color:#bbb\"><input type=\"checkbox\"> $yes</label>"),
    ],
    'confirmed-address' => [
        'name' => 'Address confirmed',
        'says' => 'That an address agreed must be provable; a confirmation through it is the accepted proof, and in Germany and Austria expected.',
        'checks' => 'Of our own points the rule of the sheet.',
        'unseen' => 'What other systems do.',
        'meets' => '', 'misses' => '',
    ],
    'wording-approved' => [
        'name' => 'Wording approved',
        'says' => 'Words that bind the house are approved, by somebody else where four eyes are on.',
        'checks' => 'Of our own points the editions of its statements.',
        'unseen' => '',
        'meets' => '', 'misses' => '',
    ],
    'fields-needed' => [
        'name' => 'Fields needed',
        'says' => 'What is asked has a reason, said beside it or plain from what the form is for.',
        'checks' => 'Phone, birthday, gender, postal address and employer without a reason; required, it is a breach.',
        'unseen' => 'Reasons that are not said.',
        'meets' => $form($box($yes)), 'misses' => $form("<label>Phone * <input type=\"tel\" required></label>\n".$box($yes)),
    ],
    'optional-marked' => [
        'name' => 'Optional marked',
        'says' => 'What must be filled in and what need not are told apart.',
        'checks' => 'Required and optional fields side by side with no word or sign that tells them apart.',
        'unseen' => 'Signs that style sheets draw.',
        'meets' => $order('<label>Name (optional) <input autocomplete="name"></label>'),
        'misses' => $page(str_replace('type="email"', 'type="email" required', $order('<label>Name <input autocomplete="name"></label>'))),
    ],
    'special-data' => [
        'name' => 'Special data',
        'says' => 'Health, belief, origin, union, sexual life and the like need a ground of their own.',
        'checks' => 'Fields that ask for such things. Where advertising is the only use it is a breach, else a question.',
        'unseen' => 'What people write by themselves.',
        'meets' => $form($box($yes)), 'misses' => $form("<label>Your religion <input></label>\n".$box($yes)),
    ],
    'no-friends-address' => [
        'name' => 'No friend’s address',
        'says' => 'Whoever has an address agrees by itself, and is told where it came from.',
        'checks' => 'Fields for the address or number of somebody else, and words that say it is written to.',
        'unseen' => '',
        'meets' => $form($box($yes)), 'misses' => $form('<label>Your friend\'s email <input type="email"></label><p>We will send your friend a voucher.</p>', 'Invite', 'Send'),
    ],
    'children' => [
        'name' => 'Children',
        'says' => 'A service offered to children on consent asks their age and, below the country\'s, a parent.',
        'checks' => 'Words that speak to children, and an age or a parent that is asked for.',
        'unseen' => 'Who sits before the screen.',
        'meets' => $page('<h1>Hey young sailors!</h1>'.$form('<label>Date of birth <input autocomplete="bday"></label>'.$box($yes))),
        'misses' => $page($form('<p>Games for children from 7 to 12 years.</p>'.$box($yes))),
    ],
    'nothing-before-sending' => [
        'name' => 'Nothing before sending',
        'says' => 'Nothing is stored on a device or read from it that is not strictly necessary.',
        'checks' => 'Scripts within the page that store or read as it opens.',
        'unseen' => 'What scripts in other files do.',
        'meets' => $page($form($box($yes))), 'misses' => $page($form($box($yes)), '<script>localStorage.setItem("seen", "1")</script>'),
    ],
    'sent-encrypted' => [
        'name' => 'Sent encrypted',
        'says' => 'Personal details go over an encrypted line.',
        'checks' => 'The page\'s address, where it is known, and where the form is sent.',
        'unseen' => 'How the line is encrypted.',
        'meets' => str_replace('action="/n"', 'action="https://tidewick.example/n"', $form($box($yes))),
        'misses' => str_replace('action="/n"', 'action="http://tidewick.example/n"', $form($box($yes))),
    ],
    'not-in-address' => [
        'name' => 'Not in the address',
        'says' => 'Details do not stand in addresses, which are kept in logs and histories.',
        'checks' => 'Whether the form is sent by GET, or by nothing, which is the same.',
        'unseen' => 'Forms that a script sends.',
        'meets' => $form($box($yes)), 'misses' => str_replace('method="post"', 'method="get"', $form($box($yes))),
    ],
    'no-outside-calls' => [
        'name' => 'No outside calls',
        'says' => 'Looking at a form tells nobody else about it.',
        'checks' => 'Scripts, frames, pictures and styles from other sites. What waits for a consent is none.',
        'unseen' => 'What those scripts load in turn.',
        'meets' => $page(str_replace('action="/n"', 'action="https://tidewick.example/n"', $form($box($yes)))),
        'misses' => $page(
            str_replace('action="/n"', 'action="https://tidewick.example/n"', $form($box($yes))), '<script src="https://count.elsewhere.example/t.js"></script>'
        ),
    ],
    'bots-kept-out' => [
        'name' => 'Bots kept out',
        'says' => 'Programs are kept out without keeping people out.',
        'checks' => 'Fields that people do not see, and pictures that are to be read.',
        'unseen' => 'What the server does; so it is a question.',
        'meets' => $form("<div style=\"display:none\"><input name=\"homepage\"></div>\n".$box($yes)),
        'misses' => $form("<img src=\"/captcha.png\" alt=\"\"><label>Code <input></label>\n".$box($yes)),
    ],
    'fill-help' => [
        'name' => 'Help to fill in',
        'says' => 'Browsers can fill in what is personal where a field says what belongs there.',
        'checks' => 'The autocomplete token of fields for names, addresses, numbers.',
        'unseen' => '',
        'meets' => $form($box($yes)), 'misses' => str_replace(' autocomplete="email"', '', $form($box($yes))),
    ],
    'existing-customer' => [
        'name' => 'Existing customers',
        'says' => 'Instead of consent: an address from a sale, own similar goods, a no offered at once and in each mail, at no cost.',
        'checks' => 'Of our own points what the register of purposes says; of others a no that is offered with an order.',
        'unseen' => 'Where addresses come from, and what is advertised.',
        'meets' => '', 'misses' => $order($box('No offers, please.')),
    ],
    'ca-identified' => [
        'name' => 'Canada: who asks',
        'says' => 'Who asks, for whom, a mailing address and one more way to reach them, and that consent can be withdrawn.',
        'checks' => 'Forms that address Canada.',
        'unseen' => 'On whose behalf, where that is not said.',
        'meets' => '', 'misses' => '',
    ],
    'no-penalty' => [
        'name' => 'Nothing lost by a no',
        'says' => 'A no, and a withdrawal, cost nothing: no price, no service, no place.',
        'checks' => 'A person is asked, of each point of ours that asks for consent.', 'unseen' => 'It stands on no form.', 'meets' => '', 'misses' => '',
    ],
    'no-imbalance' => [
        'name' => 'No pressure',
        'says' => 'Employees, pupils and whoever stands before an authority can hardly say no; consent is then seldom the ground that fits.',
        'checks' => 'A person is asked, of each point of ours that asks for consent.', 'unseen' => 'It stands on no form.', 'meets' => '', 'misses' => '',
    ],
    'basis-fits' => [
        'name' => 'Consent fits',
        'says' => 'Consent is asked where the use rests on it. Who would go on without it, on another ground, misleads whoever is asked.',
        'checks' => 'A person is asked, of each point of ours that asks for consent.', 'unseen' => 'It stands on no form.', 'meets' => '', 'misses' => '',
    ],
    'automated-decision' => [
        'name' => 'No machine alone',
        'says' => 'Where a machine alone decides what matters to people, there is a ground for it, it is explained, and a human can be turned to.',
        'checks' => 'A person is asked, of each point of ours that asks for consent.', 'unseen' => 'It stands on no form.', 'meets' => '', 'misses' => '',
    ],
    'joint-arrangement' => [
        'name' => 'Jointly arranged',
        'says' => 'Whoever decides together what details are used for arranges who does what, and lets people read the essence.',
        'checks' => 'A person is asked, of each point of ours that asks for consent.', 'unseen' => 'It stands on no form.', 'meets' => '', 'misses' => '',
    ],
    'call-register' => [
        'name' => 'Call registers',
        'says' => 'Before anybody is called, the registers of those who want no calls are looked up where the country has one.',
        'checks' => 'A person is asked, of each point of ours where people agree to calls.', 'unseen' => 'It stands on no form.', 'meets' => '', 'misses' => '',
    ],
    'confirmation-clean' => [
        'name' => 'Mail clean',
        'says' => 'A confirmation mail repeats what is agreed to, has one thing to press, says what happens to whoever does nothing, and sells nothing. There'
            .' is nothing to unsubscribe from yet; in Canada every commercial message has a way out.',
        'checks' => 'Of our own points nothing is left to check: those parts are locked. Of other forms the mail that they send, where you give it (.eml).',
        'unseen' => 'Whether that is the mail that everybody gets.', 'meets' => '', 'misses' => '',
    ],
    'sender-shown' => [
        'name' => 'Sender shown',
        'says' => 'Who sends a mail is not hidden, and an answer reaches somebody.',
        'checks' => 'Of other forms the mail that they send, where you give it (.eml): a name, and an address for answers that is read.',
        'unseen' => 'Who reads it.', 'meets' => '', 'misses' => '',
    ],
];
