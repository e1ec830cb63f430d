<?php

declare(strict_types=1);

/*
 * Of each requirement that a form of others can meet or miss: one that does, and one that does not. Tests run both.
 */
$form = static fn (string $inner, string $kind = 'Newsletter', string $button = 'Subscribe'): string => '<form action="/n" method="post"><h2>'
    .$kind."</h2>\n<label>Email <input type=\"email\" autocomplete=\"email\"></label>\n$inner\n<button>$button</button></form>";
$box = static fn (string $words, string $more = ''): string => "<label><input type=\"checkbox\"$more> $words</label>";
$order = static fn (string $inner): string => $form("<label>Street <input autocomplete=\"street-address\"></label>\n$inner", 'Your order', 'Pay now');
$page = static fn (string $inner, string $head = ''): string => "<html lang=\"en\"><head><title>Tidewick Ferries Ltd</title>$head</head><body>\n$inner\n</body></html>";
$yes = 'Tidewick Ferries may email me new sailings once a month. I can withdraw at any time.';

return [
    'no-preset-answer' => [
        'meets' => $form($box($yes)), 'misses' => $form($box($yes, ' checked')),
    ],
    'no-hidden-consent' => [
        'meets' => $order('<input type="hidden" name="version" value="1">'), 'misses' => $order('<input type="hidden" name="newsletter" value="1">'),
    ],
    'no-consent-by-sending' => [
        'meets' => $order($box($yes)), 'misses' => $order('<p>By placing your order you agree to receive our offers by email.</p>'),
    ],
    'asks-yes-not-no' => [
        'meets' => $form($box($yes)), 'misses' => $form($box('Tick here if you do not want emails about our sailings.')),
    ],
    'consent-asked' => [
        'meets' => $form(''), 'misses' => $order('<p>You will also receive our offers by email.</p>'),
    ],
    'apart-from-terms' => [
        'meets' => $order($box($yes)), 'misses' => $order($box('I accept the terms and conditions and agree to receive emails about new sailings.')),
    ],
    'one-purpose-each' => [
        'meets' => $form($box($yes)),
        'misses' => $form($box('Yes, email me new sailings, and pass my email to your partners so that they can send me their offers.')),
    ],
    'channel-choice' => [
        'meets' => $form($box($yes)), 'misses' => $form($box('Tidewick Ferries may email, text and phone me about new sailings.')),
    ],
    'notice-not-agreed' => [
        'meets' => $order($box('I have read the <a href="/privacy">privacy notice</a>')),
        'misses' => $order($box('I agree to the <a href="/privacy">privacy policy</a>', ' required')),
    ],
    'not-a-condition' => [
        'meets' => $order($box($yes)), 'misses' => $order($box($yes, ' required')),
    ],
    'no-as-easy-as-yes' => [
        'meets' => $form($box($yes)),
        'misses' => $form("<fieldset><legend>May we email you our offers?</legend>\n<label><input type=\"radio\" name=\"a\"> Yes</label>\n"
            .'<label><input type="radio" name="a"> No, I prefer to pay the full fare</label></fieldset>'),
    ],
    'controller-named' => [
        'meets' => $page($form($box($yes))), 'misses' => '<html lang="en"><head><title>welcome</title></head><body>'.$form($box('send me new walking routes')).'</body></html>',
    ],
    'purpose-said' => [
        'meets' => $form($box($yes)), 'misses' => $form($box('Yes, I would like to receive marketing communications and updates.'), 'Stay in touch', 'Sign up'),
    ],
    'withdrawal-said' => [
        'meets' => $form($box($yes)), 'misses' => $page($form($box('Tidewick Ferries may email me new sailings.'))),
    ],
    'notice-linked' => [
        'meets' => $page($form($box($yes)).'<a href="/privacy">Privacy notice</a>'), 'misses' => $page($form($box($yes)).'<a href="#">Privacy notice</a>'),
    ],
    'recipients-named' => [
        'meets' => $form($box('Tidewick Ferries may pass my email to Seahaven Hotels Ltd, who may email me their offers on rooms.')),
        'misses' => $form($box('You may pass my email to selected partners who may email me their offers.')),
    ],
    'objection-highlighted' => [
        'meets' => $order($box('No offers on similar goods, please.')."\n<p>You can object to this at any time at no cost.</p>"),
        'misses' => $order($box('No offers on similar goods, please.')),
    ],
    'rate-said' => [
        'meets' => $form($box($yes)), 'misses' => $form($box('Tidewick Ferries may email me new sailings. I can withdraw at any time.')),
    ],
    'tracking-said' => [
        'meets' => $form($box($yes)."\n".$box('Tidewick Ferries may measure which of its mails I open.')),
        'misses' => $form($box('Tidewick Ferries may email me new sailings and measure which links in its emails I open.')),
    ],
    'plain-words' => [
        'meets' => $form($box($yes)),
        'misses' => $form($box('I hereby consent, notwithstanding anything to the contrary hereinafter contained, to the aforementioned party emailing me'
            .' communications pertaining to sailings.')),
    ],
    'language-offered' => [
        'meets' => $page($form($box($yes))),
        'misses' => $page($form($box('Ja, ich möchte von der Reederei Tidewick über neue Fahrten per E-Mail informiert werden und kann das jederzeit widerrufen.'))),
    ],
    'legible' => [
        'meets' => $form($box($yes)), 'misses' => $form("<label style=\"color:#bbb\"><input type=\"checkbox\"> $yes</label>"),
    ],
    'fields-needed' => [
        'meets' => $form($box($yes)), 'misses' => $form("<label>Phone * <input type=\"tel\" required></label>\n".$box($yes)),
    ],
    'optional-marked' => [
        'meets' => $order('<label>Name (optional) <input autocomplete="name"></label>'),
        'misses' => $page(str_replace('type="email"', 'type="email" required', $order('<label>Name <input autocomplete="name"></label>'))),
    ],
    'special-data' => [
        'meets' => $form($box($yes)), 'misses' => $form("<label>Your religion <input></label>\n".$box($yes)),
    ],
    'no-friends-address' => [
        'meets' => $form($box($yes)), 'misses' => $form('<label>Your friend\'s email <input type="email"></label><p>We will send your friend a voucher.</p>', 'Invite', 'Send'),
    ],
    'children' => [
        'meets' => $page('<h1>Hey young sailors!</h1>'.$form('<label>Date of birth <input autocomplete="bday"></label>'.$box($yes))),
        'misses' => $page($form('<p>Games for children from 7 to 12 years.</p>'.$box($yes))),
    ],
    'nothing-before-sending' => [
        'meets' => $page($form($box($yes))), 'misses' => $page($form($box($yes)), '<script>localStorage.setItem("seen", "1")</script>'),
    ],
    'sent-encrypted' => [
        'meets' => str_replace('action="/n"', 'action="https://tidewick.example/n"', $form($box($yes))),
        'misses' => str_replace('action="/n"', 'action="http://tidewick.example/n"', $form($box($yes))),
    ],
    'not-in-address' => [
        'meets' => $form($box($yes)), 'misses' => str_replace('method="post"', 'method="get"', $form($box($yes))),
    ],
    'no-outside-calls' => [
        'meets' => $page(str_replace('action="/n"', 'action="https://tidewick.example/n"', $form($box($yes)))),
        'misses' => $page(
            str_replace('action="/n"', 'action="https://tidewick.example/n"', $form($box($yes))), '<script src="https://count.elsewhere.example/t.js"></script>'
        ),
    ],
    'bots-kept-out' => [
        'meets' => $form("<div style=\"display:none\"><input name=\"homepage\"></div>\n".$box($yes)),
        'misses' => $form("<img src=\"/captcha.png\" alt=\"\"><label>Code <input></label>\n".$box($yes)),
    ],
    'fill-help' => [
        'meets' => $form($box($yes)), 'misses' => str_replace(' autocomplete="email"', '', $form($box($yes))),
    ],
    'existing-customer' => [
        'misses' => $order($box('No offers, please.')),
    ],
];
