<?php

declare(strict_types=1);

use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;

/*
 * What only a page of others tells, met, missed and not applicable, with a lawful twin of every mistake. Written down before the code was run on
 * them: an empty verdict is met.
 */

/** A form on a whole page with nothing wrong, of which one thing at a time is another; in a language, where the words matter. */
function onPage(string $fields, string $form = 'action="https://quay.example/order" method="post"', string $head = '', string $language = 'en'): string
{
    $heading = ['en' => 'Your order', 'de' => 'Ihre Bestellung', 'fr' => 'Votre commande', 'sv' => 'Din beställning', 'da' => 'Din bestilling'][$language];

    return "<!doctype html><html lang=\"$language\"><head><title>Quay Chandlers</title>$head</head><body><form $form><h1>$heading</h1>$fields"
        .'<label>Street <input name="street" autocomplete="street-address"></label><button>Pay now</button></form></body></html>';
}

/** @return list<string> verdicts of a requirement on the only form of a page, findings first; "met" or "not-applicable" where there are none */
function saidOf(string $id, string $html, string $address = 'https://quay.example/'): array
{
    $reading = HtmlReader::read($html, $address)[0];
    $results = Requirements::find($id)?->judge($reading) ?? throw new LogicException($id);

    return array_map(static fn (Result $r): string => $r->verdict->value, $results);
}

$news = '<label><input type="checkbox" id="nl" name="n"> Email me about new sails. I can unsubscribe at any time.</label>';
$over = static fn (string $out): string => '<!doctype html><html lang="en"><head><title>Quay Chandlers</title><style>.first { position: fixed; inset: 0 }'
    ."</style></head><body><div class=first>$out<form method=post action=/n><h2>Rope letter</h2><label>Email <input type=email></label><button>Subscribe</button>"
    .'</form></div></body></html>';
$foot = static fn (string $says, string $language = 'en'): string => "<!doctype html><html lang=\"$language\"><head><title>A letter</title></head><body>"
    ."<form method=post action=/n><h2>Newsletter</h2><label>Email <input type=email></label><button>OK</button></form><footer>$says</footer></body></html>";
$applies = static fn (string $box): string => '<!doctype html><html lang="en"><title>Quay Chandlers</title><form method=post action=/a><h1>Apply: rigger</h1>'
    ."<label>Email <input type=email required></label><label>CV <input type=file name=cv required></label>$box<button>Apply</button></form></html>";
$email = '<label>Email (required) <input type="email" name="e" autocomplete="email" required></label>';

test('a page is judged by how it is sent, what it loads and what nobody sees of it', function (string $id, string $html, string $expected, string $address): void {
    expect(saidOf($id, $html, $address))->toBe([$expected]);
})->with([
    'a notice that a button shows' => ['notice-linked', onPage("$email<button type=button popovertarget=n>Privacy notice</button><div id=n popover>We use your details for your order and keep them for ten years, as the law on accounts demands.</div>"), 'met', ''],
    'a button that nobody saw open' => ['notice-linked', onPage("$email<button type=button class=opens>Privacy notice</button>"), 'open', ''],
    'a notice on the page itself' => ['notice-linked', onPage("$email<a href=\"#n\">Privacy notice</a><section id=n>We use your details for your order and keep them for ten years, as the law on accounts demands.</section>"), 'met', ''],
    'a part of the page that is not there' => ['notice-linked', onPage("$email<a href=\"#n\">Privacy notice</a>"), 'breach', ''],
    'a button that sends it elsewhere' => ['sent-encrypted', onPage("$email<button formaction=\"http://quay.example/o\">Pay</button>"), 'breach', 'https://quay.example/'],
    'another button that shows it first' => ['not-in-address', onPage("$email<button>Order</button><button formmethod=get formaction=\"/preview\">Preview</button>"), 'met', ''],
    'a button that puts it into the address' => ['not-in-address', onPage("$email<button formmethod=get>Pay</button>"), 'weakness', ''],
    // Encrypted.
    'https' => ['sent-encrypted', onPage($email), 'met', 'https://quay.example/'],
    'http on the page' => ['sent-encrypted', onPage($email, 'action="/order" method="post"'), 'breach', 'http://quay.example/'],
    'http in the action' => ['sent-encrypted', onPage($email, 'action="http://quay.example/o" method="post"'), 'breach', 'https://quay.example/'],
    'on loopback' => ['sent-encrypted', onPage($email, 'action="/o" method="post"'), 'not-applicable', 'http://127.0.0.1:8000/'],
    'a host that only begins like loopback' => ['sent-encrypted', onPage($email, 'action="http://localhost.evil.example/" method="post"'), 'breach', ''],
    'nobody knows where' => ['sent-encrypted', onPage($email, 'action="/o" method="post"'), 'not-applicable', ''],
    // Each field has a reason.
    'a number for calls that are agreed to' => ['fields-needed', onPage("$email<label>Mobile <input type=tel name=m></label><label><input type=checkbox name=c> You may text me offers on rope</label>"), 'met', ''],
    'a number for emails that are agreed to' => ['fields-needed', '<form method=post action=/n><h2>Newsletter</h2>'."$email<label>Mobile <input type=tel name=m></label><label><input type=checkbox name=c> You may email me offers on rope</label><button>Subscribe</button></form>", 'weakness', ''],
    'a number that must be given for calls' => ['fields-needed', '<form method=post action=/n><h2>Newsletter</h2>'."$email<label>Mobile <input type=tel name=m required></label><label><input type=checkbox name=c> You may text me offers on rope</label><button>Subscribe</button></form>", 'breach', ''],
    'a birthday where the price hangs on it' => ['fields-needed', '<form method=post action=/q><h2>Car insurance: get a quote</h2>'."$email<label>Date of birth <input type=date name=b autocomplete=bday required></label><button>See my price</button></form>", 'met', ''],
    'a birthday where nothing does' => ['fields-needed', '<form method=post action=/q><h2>Order rope</h2>'."$email<label>Name <input name=n></label><label>Date of birth <input type=date name=b autocomplete=bday required></label><button>Order</button></form>", 'breach', ''],
    // A yes that somebody else has written down, and one that is given.
    'a yes that nobody gives' => ['no-consent-by-sending', onPage("$email<p>I agree that Quay Chandlers may email me offers.</p>"), 'breach', ''],
    'a yes that is to be struck out' => [
        'no-consent-by-sending', onPage("$email<p>Ich bin damit einverstanden, dass Sie mir Angebote mailen. Sonst bitte streichen.</p>", language: 'de'), 'breach', '',
    ],
    'a yes that nobody gives, and how it ends' => [
        'no-consent-by-sending', onPage("$email<p>I agree that you email me offers, which I can withdraw at any time.</p>"), 'breach', '',
    ],
    'how it ends alone' => ['no-consent-by-sending', onPage("$email<p>I can end the newsletter at any time.</p>"), 'met', ''],
    'a yes beside its box' => ['no-consent-by-sending', onPage("$email$news<p>Yes, I would like your offers by email.</p>"), 'met', ''],
    'a yes that two buttons answer' => [
        'no-consent-by-sending', onPage("$email<p>Yes, I would like your offers by email.</p><button>Yes, please</button><button>No, thanks</button>"), 'met', '',
    ],
    'a yes that is still to be given' => ['no-consent-by-sending', onPage("$email<p>We email you offers only if you agree to that.</p>"), 'met', ''],
    'terms that a button agrees to' => [
        'no-consent-by-sending', onPage("$email<p>By clicking \"Get my pass\" you agree to our Terms and Privacy Policy.</p>"), 'met', '',
    ],
    'terms and more that a button agrees to' => [
        'no-consent-by-sending', onPage("$email<p>By clicking \"Get my pass\" you agree to our Terms and to emails with offers.</p>"), 'breach', '',
    ],
    // Signing up for one thing is no consent to another.
    'signing up for a course' => ['no-consent-by-sending', '<form method=post action=/q><h2>Register for the knot course</h2>'."$email<p>By signing up you consent to receiving our newsletter.</p><button>Sign up</button></form>", 'breach', ''],
    'signing up for the letter' => ['no-consent-by-sending', '<form method=post action=/q><h2>Newsletter</h2>'."$email<p>By signing up you consent to receiving our newsletter.</p><button>Sign up</button></form>", 'not-applicable', ''],
    'registering, on a box in one\'s own words' => ['no-consent-by-sending', onPage("$email<label><input type=checkbox name=c> By ordering I agree to get your offers by email</label>"), 'met', ''],
    'registering, on a box that tells' => ['no-consent-by-sending', onPage("$email<label><input type=checkbox name=c> By ordering you agree to get our offers by email</label>"), 'breach', ''],
    'a letter besides what a box asks for' => ['consent-asked', onPage("$email<p>You also get our tea puzzle every Friday.</p><label><input type=checkbox name=c> Email me offers on tea</label>"), 'breach', ''],
    'a gift with what a box asks for' => ['consent-asked', onPage("$email<p>You also get a voucher with our first letter.</p><label><input type=checkbox name=c> Email me offers on tea</label>"), 'met', ''],
    'offers that fit what was bought' => ['one-purpose-each', onPage("$email<label><input type=checkbox name=c> Analyse what I buy to show me offers that fit</label>"), 'met', ''],
    'what was bought, and offers' => ['one-purpose-each', onPage("$email<label><input type=checkbox name=c> You may analyse what I buy and email me offers</label>"), 'breach', ''],
    'a pool of applicants is no letter' => ['rate-said', onPage("$email<label><input type=checkbox name=c> Add me to your talent pool for a year</label>"), 'not-applicable', ''],
    'a no in bold before the boxes' => ['existing-customer', onPage("$email<p>Tick if you would prefer <b>not</b> to get: <label><input type=checkbox name=c>emails</label></p>"), 'open', ''],
    'the same without the no' => ['no-preset-answer', onPage("$email<p>Tick if you would <b>like</b> to get: <label><input type=checkbox name=c checked>emails</label></p>"), 'breach', ''],
    'how an answer is to come' => ['no-preset-answer', '<form method=post action=/q><h2>Contact</h2>'."$email<textarea name=m></textarea><fieldset><legend>How would you like to be contacted?</legend><label><input type=checkbox name=c checked> Email</label></fieldset><button>Send</button></form>", 'not-applicable', ''],
    'how offers are to come' => ['no-preset-answer', '<form method=post action=/q><h2>Contact</h2>'."$email<textarea name=m></textarea><fieldset><legend>How may we contact you with offers?</legend><label><input type=checkbox name=c checked> Email</label></fieldset><button>Send</button></form>", 'breach', ''],
    'may we, and a channel' => ['no-preset-answer', onPage("$email<fieldset><legend>May we show you new rope?</legend><label><input type=checkbox name=c checked> By email</label></fieldset>"), 'breach', ''],
    'what else is sent to whoever reads it' => ['consent-asked', onPage("$email<p>Vi skickar också våra erbjudanden via e-post.</p>", language: 'sv'), 'breach', ''],
    'what else is sent of the order' => ['consent-asked', onPage("$email<p>Vi skickar också kvittot via e-post.</p>", language: 'sv'), 'not-applicable', ''],
    'others named beside' => ['recipients-named', onPage("$email<label><input type=checkbox name=c> Exhibitors may email me</label><p>The exhibitors are Brick and Beam Ltd and Nordlight AB.</p>"), 'met', ''],
    'the page is none of the others' => ['recipients-named', str_replace('Quay Chandlers', 'Quay Chandlers Ltd', onPage("$email<label><input type=checkbox name=c> Exhibitors may email me</label><p>Exhibitors pay Quay Chandlers Ltd for their stands.</p>")), 'breach', ''],
    'who asks is none of the others' => ['recipients-named', onPage("$email<label><input type=checkbox name=c> Exhibitors may email me</label><p>The exhibitors pay for their stands.</p>"), 'breach', ''],
    'an act that is no letter' => ['no-consent-by-sending', '<form method=post action=/q><h2>Find your level</h2><label>Name <input name=n></label>'."$email<p>We email your result once. By taking the test you agree to get our course offers as well.</p><button>Start the test</button></form>", 'breach', ''],
    'a yes, and a channel' => ['no-preset-answer', onPage("$email<p>Can we tell you what new rope costs?</p><label><input type=checkbox name=c checked> Yes, by email</label>"), 'breach', ''],
    'what a yes by a channel is for' => ['purpose-said', onPage("$email<p>Can we tell you what your gift does?</p><label><input type=checkbox name=c> Yes, by email</label>"), 'met', ''],
    'a yes below the question of its group' => ['no-preset-answer', onPage("$email<fieldset><legend>Send me emails:</legend><label><input type=checkbox name=c checked> Yes</label></fieldset>"), 'breach', ''],
    'all boxes ticked by a script' => ['no-preset-answer', onPage("$email$news<script>document.querySelectorAll('input[type=checkbox]').forEach((box) => box.checked = true)</script>"), 'breach', ''],
    'all boxes ticked by a script when somebody asks for it' => ['no-preset-answer', onPage("$email$news<script>document.querySelector('#all').addEventListener('click', () => { document.querySelectorAll('input[type=checkbox]').forEach((box) => box.checked = true) })</script>"), 'met', ''],
    'ticked as a library draws it' => ['no-preset-answer', onPage("$email<label><input type=checkbox name=c :checked=\"true\"> Email me offers on rope</label>"), 'breach', ''],
    'empty as a library draws it' => ['no-preset-answer', onPage("$email<label><input type=checkbox name=c :checked=\"false\"> Email me offers on rope</label>"), 'met', ''],
    'clicked as the page has come' => ['no-preset-answer', onPage("$email$news<script>addEventListener('load', () => { document.getElementById('nl').click() })</script>"), 'breach', ''],
    'clicked when somebody presses' => ['no-preset-answer', onPage("$email$news<script>go.addEventListener('click', () => { document.getElementById('nl').click() })</script>"), 'met', ''],
    'a yes in the address that it is sent to' => ['no-hidden-consent', onPage($email, 'action="/order?newsletter=yes&step=2" method="post"'), 'breach', ''],
    'a no in that address' => ['no-hidden-consent', onPage($email, 'action="/order?newsletter=0&step=2" method="post"'), 'met', ''],
    'a yes among several in one field' => ['no-hidden-consent', onPage($email.'<input type=hidden name=prefs value=\'{"lang":"en","newsletter":true}\'>'), 'breach', ''],
    'a box that is only drawn' => ['no-hidden-consent', onPage("$email<label><i class=ticked></i> Email me offers on rope<input type=hidden name=c value=1></label>"), 'breach', ''],
    'a field of a label that asks for nothing' => ['no-hidden-consent', onPage("$email<label>Gift wrap<input type=hidden name=c value=1></label>"), 'met', ''],
    'a number in two parts, to browsers' => ['fill-help', onPage("$email<label>Phone, country code <input type=tel autocomplete=tel-country-code></label>"), 'met', ''],
    'a date of birth in three lists' => ['legible', onPage("$email$news<fieldset><legend>Date of birth</legend><select aria-label=Day><option>1</select><select aria-label=Month><option>1</select></fieldset>"), 'met', ''],
    'a passport for a letter' => ['fields-needed', '<form method=post action=/n><h2>Newsletter</h2>'."$email<label>Copy of your passport <input type=file></label><button>Subscribe</button></form>", 'weakness', ''],
    'a picture for a contest' => ['fields-needed', '<form method=post action=/g><h2>Photo contest: win a boat</h2>'."$email<label>Your picture <input type=file></label><button>Enter</button></form>", 'met', ''],
    'age for a letter, by a slider' => ['fields-needed', '<form method=post action=/n><h2>Newsletter</h2>'."$email<label>Your age <input type=range></label><button>Subscribe</button></form>", 'weakness', ''],
    'a place for what is near' => ['fields-needed', '<form method=post action=/n><h2>Newsletter</h2>'."$email<label>Postcode, for regattas near you <input name=p autocomplete=postal-code></label><button>Subscribe</button></form>", 'met', ''],
    'a notice behind a part of a picture' => ['notice-linked', onPage("$email<map name=m><area href=/privacy alt=\"Privacy notice\"></map>"), 'met', ''],
    'an address that a program left open' => ['notice-linked', onPage("$email<a href=undefined>Privacy notice</a>"), 'breach', ''],
    'a name that is to be filled in' => ['notice-linked', onPage("$email<a href=\"/%PRIVACY_URL%\">Privacy notice</a>"), 'breach', ''],
    'a house in capitals' => ['controller-named', $foot('<a href=/p>Privacy notice</a> QUAY CHANDLERS LTD'), 'met', ''],
    'put on a list by its name' => ['no-hidden-consent', onPage("$email<input type=hidden name=\"subscribe[]\" value=offers>"), 'breach', ''],
    'put on no list by its number' => ['no-hidden-consent', onPage("$email<input type=hidden name=\"subscribe[]\" value=17>"), 'met', ''],
    'income for a letter' => ['fields-needed', '<form method=post action=/n><h2>Newsletter</h2>'."$email<label>Household income <input name=i></label><button>Subscribe</button></form>", 'weakness', ''],
    'income for a loan' => ['fields-needed', '<form method=post action=/q><h2>How much could you borrow?</h2>'."$email<label>Household income <input name=i required></label><button>Get a quote</button></form>", 'met', ''],
    'family for a prize' => ['fields-needed', '<form method=post action=/g lang=de><h2>Gewinnspiel</h2>'."$email<label>Familienstand <input name=f required></label><button>Am Gewinnspiel teilnehmen</button></form>", 'breach', ''],
    'a number that unlocks bikes' => ['fields-needed', '<form method=post action=/a><h2>Create an account</h2>'."$email<label>Mobile, for unlocking bikes <input type=tel name=t required></label><button>Join</button></form>", 'met', ''],
    'a number that makes all things better' => ['fields-needed', '<form method=post action=/a><h2>Create an account</h2>'."$email<label>Mobile, for improving our service <input type=tel name=t required></label><button>Join</button></form>", 'breach', ''],
    'where the house stands that is valued' => ['fields-needed', '<form method=post action=/q><h2>What is your house worth?</h2>'."$email<label>Postcode of the house <input name=p required></label><button>Value my house</button></form>", 'met', ''],
    'where a reader lives' => ['fields-needed', '<form method=post action=/n><h2>Newsletter</h2>'."$email<label>Postcode <input name=p required></label><button>Subscribe</button></form>", 'breach', ''],
    'a house that is not the visitor, to browsers' => ['fill-help', '<form method=post action=/q><h2>What is your house worth?</h2>'."$email<label>Postcode of the house <input name=p required></label><button>Value my house</button></form>", 'met', ''],
    'a number to be called back' => ['fields-needed', '<form method=post action=/q><h2>Request a call back</h2>'."$email<label>Phone <input type=tel name=t required></label><button>Call me back</button></form>", 'met', ''],
    'a number to be called with offers' => ['fields-needed', '<form method=post action=/q><h2>Contact</h2>'."$email<label>Phone <input type=tel name=t required></label><textarea name=m></textarea><label><input type=checkbox name=c> Call me back about offers</label><button>Send</button></form>", 'breach', ''],
    'a petition with news on a box that must be ticked' => ['not-a-condition', '<form method=post action=/q><h2>Sign: keep the pier open</h2>'."<label>Name <input name=n></label>$email<label><input type=checkbox name=c required> Email me how the campaign goes on</label><button>Sign</button></form>", 'breach', ''],
    'the same with a question above its boxes, and words on marketing' => ['not-a-condition', '<h2>Sign: keep the pier open</h2><form method=post action=/q>'."<label>Name <input name=n></label>$email<fieldset><legend>How would you like to be contacted?</legend><label><input type=checkbox name=d> Email</label></fieldset><label><input type=checkbox name=c required> Email me how the campaign goes on</label><p>We use your details for marketing.</p><button>Sign</button></form>", 'breach', ''],
    'how they heard of us' => ['no-preset-answer', onPage("$email<fieldset><legend>How did you hear about us?</legend><label><input type=checkbox name=c checked> Newsletter</label></fieldset>"), 'not-applicable', ''],
    'what else they would like' => ['no-preset-answer', onPage("$email<fieldset><legend>Would you like any of these?</legend><label><input type=checkbox name=c checked> Newsletter</label></fieldset>"), 'breach', ''],
    'a switch that the page made itself' => ['no-preset-answer', onPage("$email<my-switch checked name=c>Email me offers on rope</my-switch>"), 'breach', ''],
    'an element that is only called like one' => ['no-preset-answer', onPage("$email<switch-board checked>Email me</switch-board>"), 'not-applicable', ''],
    'a field that nobody sees, with a yes in it' => ['no-hidden-consent', onPage($email.'<input type=text name=newsletter value=yes style="display:none">'), 'breach', ''],
    'a trap for programs' => ['no-hidden-consent', onPage($email.'<input type=text name=newsletter style="display:none">'), 'met', ''],
    // Nobody is asked.
    'details given away for advertising' => ['consent-asked', onPage("$email<p>Your details will be passed to our marketing partners.</p>"), 'breach', ''],
    'and nobody says to whom' => ['recipients-named', onPage("$email<p>Your details will be passed to our marketing partners.</p>"), 'breach', ''],
    'what a petition hands over' => ['consent-asked', onPage("$email<p>Your name will be handed to the council with the others.</p>"), 'not-applicable', ''],
    'a voucher for a friend' => ['consent-asked', onPage("$email<p>We send your friend a voucher by email.</p>"), 'not-applicable', ''],
    'customers are told of goods like theirs' => ['consent-asked', onPage("$email<p>We use your address to email you offers of similar goods; you can object at any time.</p>"), 'not-applicable', ''],
    'customers, by their own rule' => ['existing-customer', onPage("$email<p>We use your address to email you offers of similar goods; you can object at any time.</p>"), 'open', ''],
    'the notice agreed to beside no box' => ['notice-not-agreed', onPage("$email<p>By paying you accept our privacy policy.</p>"), 'weakness', ''],
    'the notice made known beside no box' => ['notice-not-agreed', onPage("$email<p>How we use your data stands in our privacy policy.</p>"), 'not-applicable', ''],
    'details given to others, who may write' => ['consent-asked', onPage("$email<p>Your details will be shared with our sponsors, who may contact you by email.</p>"), 'breach', ''],
    'details given to others, who answer' => ['consent-asked', onPage("$email<p>Your message will be shared with the rope makers, who may contact you to answer your question.</p>"), 'not-applicable', ''],
    'what is needed for a letter' => ['consent-asked', onPage("$email<p>We need your email address to write to you about our products and services.</p>"), 'breach', ''],
    'what is needed for the order' => ['consent-asked', onPage("$email<p>We need your email address to send you updates on your order.</p>"), 'not-applicable', ''],
    'mails on a subject, now and then' => ['consent-asked', onPage("$email<p>You will then get occasional emails on knots from us.</p>"), 'breach', ''],
    'mails about what one does there' => ['consent-asked', onPage("$email<p>You will get monthly emails about your account.</p>"), 'not-applicable', ''],
    'customers may be told of goods like theirs' => ['existing-customer', onPage("$email<p>We may send you emails about similar goods; you can opt out at any time.</p>"), 'open', ''],
    'given away beside a box for something else' => ['consent-asked', onPage("$email<label><input type=checkbox name=n> Email me offers on rope</label><p>We share your details with our partners, who may contact you.</p>"), 'breach', ''],
    'given away by a box' => ['consent-asked', onPage("$email<label><input type=checkbox name=n> You may share my details with your partners, who may contact me</label>"), 'met', ''],
    // Demanded without a box.
    'a letter is the price of a draw' => ['not-a-condition', '<form method=post action=/w><h2>Win a rope</h2>'."$email<p>You must subscribe to our newsletter to take part.</p><button>Enter the draw</button></form>", 'weakness', ''],
    'a letter is the price of an order' => ['not-a-condition', onPage("$email<p>You must subscribe to our newsletter to order.</p>"), 'breach', ''],
    'an age is no price' => ['not-a-condition', onPage("$email<p>You must be 18 to order.</p>"), 'not-applicable', ''],
    // What several boxes answer.
    'a channel, ticked, the second of two' => ['no-preset-answer', onPage("$email<p>How may we tell you of new ropes?</p><label><input type=checkbox name=a> Email</label><label><input type=checkbox name=b checked> Text</label>"), 'breach', ''],
    'a channel for the answer, ticked' => ['no-preset-answer', onPage("$email<p>How shall we answer you?</p><label><input type=checkbox name=a> Email</label><label><input type=checkbox name=b checked> Phone</label>"), 'not-applicable', ''],
    'a subject, ticked, the second of two' => ['no-preset-answer', onPage("$email<p>Send me news about:</p><label><input type=checkbox name=a> Ropes</label><label><input type=checkbox name=b checked> Sails</label>"), 'breach', ''],
    'a subject of a named group' => ['no-preset-answer', onPage("$email<fieldset><legend>Newsletter</legend><label><input type=checkbox name=a checked> Ropes</label></fieldset>"), 'breach', ''],
    'subjects of no letter' => ['no-preset-answer', onPage("$email<p>What do you sail?</p><label><input type=checkbox name=a checked> Dinghies</label>"), 'not-applicable', ''],
    'one chosen of several letters' => ['no-preset-answer', onPage("$email<label>Which newsletters would you like? <select multiple name=a><option>Ropes<option selected>Sails</select></label>"), 'breach', ''],
    'none chosen of several letters' => ['no-preset-answer', onPage("$email<label>Which newsletters would you like? <select multiple name=a><option>Ropes<option>Sails</select></label>"), 'met', ''],
    'what a message is about, chosen' => ['no-preset-answer', onPage("$email<label>Topic <select name=a><option value=1>Sales<option value=2>Newsletter<option value=3>Repairs</select></label>"), 'not-applicable', ''],
    'what a message is about, pressed' => ['no-preset-answer', onPage("$email<p>What is it about?</p><label><input type=radio name=a checked> Offers</label><label><input type=radio name=a> Repairs</label>"), 'not-applicable', ''],
    'a list that says yes for the person' => ['no-preset-answer', onPage("$email<select name=a><option value=1>Email me about ropes<option value=0>Do not email me</select>"), 'breach', ''],
    'a question about a newsletter' => ['no-preset-answer', onPage("$email<label>Newsletter <select name=a><option value=1>Send it to me<option value=0>Not now</select></label>"), 'breach', ''],
    'a question about something else, on a form for news' => ['no-preset-answer', '<form method=post action=/n><h2>Newsletter</h2>'."$email<label>Do you smoke? <select name=s><option>Yes<option>No</select></label><button>Subscribe</button></form>", 'not-applicable', ''],
    'a button that stays pressed' => ['no-preset-answer', onPage("$email<button type=button aria-pressed=true>Email me about new ropes</button>"), 'breach', ''],
    'a button that shows a password' => ['no-preset-answer', onPage("$email<button type=button aria-pressed=true>Show password</button>"), 'not-applicable', ''],
    'to being watched one agrees' => ['no-preset-answer', onPage("$email<label><input type=checkbox name=w checked> I agree that my clicks are analysed to build a profile of me</label>"), 'breach', ''],
    'to improve anything' => ['purpose-said', onPage("$email<label><input type=checkbox name=w> You may use my data to improve your services</label>"), 'weakness', ''],
    // What stands beside a field.
    'a sentence over a field is no label' => ['legible', '<form method=post action=/n><p>New ropes and sails by email, twice a month.</p><input type=email placeholder="Your email" autocomplete=email><button>Subscribe</button></form>', 'weakness', ''],
    'a word over a field is one' => ['legible', '<form method=post action=/n><p>Your email</p><input type=email autocomplete=email><button>Subscribe</button></form>', 'met', ''],
    // What is asked by choices.
    'a gender to choose' => ['fields-needed', '<form method=post action=/n><h2>Newsletter</h2>'."$email<p>Gender</p><label><input type=radio name=g required> Female</label><label><input type=radio name=g> Male</label><button>Subscribe</button></form>", 'breach', ''],
    'a belief to choose' => ['special-data', onPage("$email<label>Religion <select name=r><option>None<option>Other</select></label>"), 'open', ''],
    'a union to tick' => ['special-data', onPage("$email<label><input type=checkbox name=u> Trade union member</label>"), 'open', ''],
    'a size to choose' => ['special-data', onPage("$email<label>Size <select name=r><option>10 mm<option>12 mm</select></label>"), 'met', ''],
    // What links are called.
    'a link to what becomes of data' => ['notice-linked', onPage($email.'<a href="/d">How we use your data</a>'), 'met', ''],
    'a link to data, in French' => ['notice-linked', onPage($email.'<a href="/d">Données personnelles</a>', language: 'fr'), 'met', ''],
    'where cookies are set' => ['notice-linked', onPage($email.'<a href="/c">Cookie-Einstellungen</a>', language: 'de'), 'breach', ''],
    'who publishes it, in French' => ['notice-linked', onPage($email.'<a href="/m">Mentions légales</a>', language: 'fr'), 'breach', ''],
    // Not in an address.
    'by POST' => ['not-in-address', onPage($email), 'met', ''],
    'by GET' => ['not-in-address', onPage($email, 'action="/o" method="GET"'), 'weakness', ''],
    'by nothing, which is GET' => ['not-in-address', onPage($email, 'action="/o"'), 'weakness', ''],
    'taken by a script' => ['not-in-address', onPage($email, 'action="/o" onsubmit="return send(this)"'), 'not-applicable', ''],
    'a search by GET' => ['not-in-address', '<form role="search" action="/s" method="get"><input type="search" name="q"><button>Search</button></form>', 'not-applicable', ''],
    // Hidden consent.
    'a hidden yes' => ['no-hidden-consent', onPage("$email<input type=hidden name=newsletter value=1>"), 'breach', ''],
    'a hidden yes in a German form' => ['no-hidden-consent', onPage("$email<input type=hidden name=einwilligung_werbung value=ja>", language: 'de'), 'breach', ''],
    'a hidden yes in camel case' => ['no-hidden-consent', onPage("$email<input type=hidden name=userOptIn value=true>"), 'breach', ''],
    'a box that nobody sees' => ['no-hidden-consent', onPage("$email<input type=checkbox name=agree_marketing style=\"display:none\" checked>"), 'breach', ''],
    'a box that nobody sees, and empty' => ['no-hidden-consent', onPage("$email<input type=checkbox name=agree_marketing style=\"display:none\">"), 'met', ''],
    'a hidden no' => ['no-hidden-consent', onPage("$email<input type=hidden name=newsletter value=0>"), 'met', ''],
    'the twin of an empty box' => ['no-hidden-consent', onPage("$email<input type=hidden name=newsletter value=1><label><input type=checkbox name=newsletter value=1> Email me offers on rope.</label>"), 'met', ''],
    'a version' => ['no-hidden-consent', onPage("$email<input type=hidden name=consent_version value=1>"), 'met', ''],
    'a list' => ['no-hidden-consent', onPage("$email<input type=hidden name=newsletter_list value=1>"), 'met', ''],
    'the one list of a form that is only that' => ['no-hidden-consent', '<form action="/n" method="post"><h2>Newsletter</h2><input type="email"><input type=hidden name=subscribe value=1><button>Subscribe</button></form>', 'met', ''],
    'a login' => ['no-hidden-consent', '<form method="post"><h1>Log in</h1><input type="email"><input type="password"><input type=hidden name=marketing value=1><button>Log in</button></form>', 'not-applicable', ''],
    // Messages about the order itself, and their twins that advertise.
    'word of the parcel, ticked' => ['no-preset-answer', onPage("$email<label><input type=checkbox name=p checked> Text me when my parcel is on its way</label>"), 'not-applicable', ''],
    'the receipt, in German' => ['no-preset-answer', onPage("$email<label><input type=checkbox name=p checked> Rechnung per E-Mail schicken</label>", language: 'de'), 'not-applicable', ''],
    'offers with the parcel, ticked' => ['no-preset-answer', onPage("$email<label><input type=checkbox name=p checked> Text me offers when my parcel is on its way</label>"), 'breach', ''],
    'partners with the receipt, ticked' => ['no-preset-answer', onPage("$email<label><input type=checkbox name=p checked> Email me my receipt and what your partners have to sell</label>"), 'breach', ''],
    // Ways past it.
    'a no that shames, on a button' => ['no-as-easy-as-yes', onPage("$email<label><input type=checkbox name=n> Email me offers on rope</label><button type=button>No, I like paying more</button>"), 'weakness', ''],
    'a no that shames, behind the form' => ['no-as-easy-as-yes', '<form action="/n" method="post"><h2>Newsletter</h2><input type="email"><label><input type=checkbox name=n> Yes</label><button>Subscribe</button></form><p><a href="/">I would rather stay uninformed</a></p>', 'weakness', ''],
    'a plain no' => ['no-as-easy-as-yes', onPage("$email<label><input type=checkbox name=n> Email me offers on rope</label><button type=button>No, thank you</button>"), 'met', ''],
    'what a button offers' => ['no-as-easy-as-yes', onPage("$email<label><input type=checkbox name=n> Email me offers on rope</label><button type=button>Pay the full price now</button>"), 'met', ''],
    // What is taken from an act, and where the words of the form stand beside no control.
    'taken by an act, and no end' => ['withdrawal-said', onPage("$email<p>By donating you agree to get our emails about the lifeboat.</p>"), 'breach', ''],
    'nothing taken' => ['withdrawal-said', onPage("$email<p>By sending you confirm that it is true.</p>"), 'not-applicable', ''],
    'given away by signing up' => ['recipients-named', str_replace(['Your order', 'Pay now'], ['Newsletter', 'Subscribe'], onPage("$email<p>Sign up for our offers. We will share your email with trusted brands so they can contact you.</p>")), 'breach', ''],
    // For whom it is written, and who asks.
    'words for Canada' => ['ca-identified', str_replace('lang="en"', 'lang="en-CA"', onPage("$email<label><input type=checkbox name=n> Email me offers on rope</label>")), 'breach', ''],
    'words for anybody' => ['ca-identified', onPage("$email<label><input type=checkbox name=n> Email me offers on rope</label>"), 'not-applicable', ''],
    // Told apart.
    'needed ones say so' => ['optional-marked', onPage($email), 'met', ''],
    'a star is enough' => ['optional-marked', onPage('<label>Email * <input type="email" required></label>'), 'met', ''],
    'nothing says so' => ['optional-marked', onPage('<label>Email <input type="email" required></label>'), 'weakness', ''],
    'German, a sentence says so' => ['optional-marked', onPage('<p>Mit Stern sind Pflichtfelder.</p><label>E-Mail <input type="email" required></label>', language: 'de'), 'met', ''],
    'French, the others are said to be free' => ['optional-marked', str_replace('Street', 'Rue (facultatif)', onPage('<label>Courriel <input type="email" required></label>', language: 'fr')), 'met', ''],
    'all alike' => ['optional-marked', onPage('<label>Email <input type="email"></label>'), 'not-applicable', ''],
    // Help to fill in.
    'tokens' => ['fill-help', onPage($email), 'met', ''],
    'tokens behind a section' => ['fill-help', onPage('<label>Email <input type="email" autocomplete="section-a billing email"></label>'), 'met', ''],
    'no token' => ['fill-help', onPage('<label>Email <input type="email"></label>'), 'weakness', ''],
    'switched off' => ['fill-help', onPage('<label>Email <input type="email" autocomplete="off"></label>'), 'weakness', ''],
    'nothing that browsers know' => ['fill-help', '<form method="post"><h2>Tell us</h2><label>Your message <textarea></textarea></label><button>Send message</button></form>', 'not-applicable', ''],
    // An application that is kept for other posts.
    'kept for later by a tick that stands' => ['no-preset-answer', $applies('<label><input type=checkbox checked> Keep my CV on file for other jobs</label>'), 'breach', ''],
    'kept for later beside news that is asked for' => [
        'no-preset-answer', $applies("<label><input type=checkbox checked> Keep my CV on file for other jobs</label>$news"), 'breach', '',
    ],
    'kept for later by a tick of one\'s own' => ['no-preset-answer', $applies('<label><input type=checkbox> Add me to your talent pool</label>'), 'not-applicable', ''],
    'something else that stands ticked' => ['no-preset-answer', $applies('<label><input type=checkbox checked> I can start at once</label>'), 'not-applicable', ''],
    // Ticked by a script, at once or only when somebody does something.
    'ticked by a script' => ['no-preset-answer', onPage("$email$news<script>document.getElementById('nl').checked = true;</script>"), 'breach', ''],
    'ticked by name' => ['no-preset-answer', onPage("$email$news<script>document.querySelector('[name=n]').setAttribute('checked', '')</script>"), 'breach', ''],
    'ticked by a variable, once loaded' => ['no-preset-answer', onPage(
        "$email$news<script>window.addEventListener('load', () => { const box = document.getElementById('nl'); box.checked = true; });</script>"
    ), 'breach', ''],
    'ticked as the page is ready' => [
        'no-preset-answer', onPage("$email$news<script>$(function () { $('#nl').prop('checked', true); });</script>"), 'breach', '',
    ],
    'ticked once all is read' => ['no-preset-answer', onPage(
        "$email$news<script>document.addEventListener('DOMContentLoaded', () => { document.getElementById('nl').checked = true; });</script>"
    ), 'breach', ''],
    'ticked when all is chosen' => ['no-preset-answer', onPage(
        "$email$news<script>document.getElementById('all').addEventListener('click', () => { document.getElementById('nl').checked = true; });</script>"
    ), 'met', ''],
    'ticked by a function that somebody may call' => [
        'no-preset-answer', onPage("$email$news<script>function all() { document.getElementById('nl').checked = true }</script>"), 'met', '',
    ],
    'unticked by a script' => ['no-preset-answer', onPage("$email$news<script>document.getElementById('nl').checked = false;</script>"), 'met', ''],
    'another box ticked' => ['no-preset-answer', onPage("$email$news<script>document.getElementById('gift').checked = true;</script>"), 'met', ''],
    // A box that stands elsewhere on the page, and belongs to the form by its name.
    'said beside a box that stands elsewhere' => ['rate-said', '<!doctype html><title>Quay Chandlers</title><form id=f method=post action=/n><h1>Your account</h1>'
        .'<label>Email <input type=email></label><label>Password <input type=password autocomplete=new-password></label><button>Create account</button></form>'
        .'<h2>More</h2><label><input type=checkbox form=f name=n> Email me about new sails once a month.</label>', 'met', ''],
    // Who asks, by a number in a register, by name and place, or by what a club is called; what one may join names nobody.
    'a number of a company' => ['controller-named', $foot('Company no. 01234567, registered in England'), 'met', ''],
    'a number in a trade register' => ['controller-named', $foot('Amtsgericht Moosdorf, HRB 1234', 'de'), 'met', ''],
    'a number of an organisation' => ['controller-named', $foot('Org.nr 556123-4567', 'sv'), 'met', ''],
    'two names and a place' => ['controller-named', $foot('Otter and Reed, 3 Reed Lane, Saltmouth'), 'met', ''],
    'one who trades alone' => ['controller-named', $foot('Jeanne Marais, entrepreneur individuel', 'fr'), 'met', ''],
    'a club of a place' => ['controller-named', $foot('Syklubben i Moss', 'sv'), 'met', ''],
    'a club that one may join' => ['controller-named', $foot('Join our Members Club'), 'breach', ''],
    'a number to call' => ['controller-named', $foot('Call us: 01234 567890'), 'breach', ''],
    // What lies over the page.
    'over the whole page, by its styles' => ['no-as-easy-as-yes', $over(''), 'weakness', ''],
    'over the whole page, with a way out' => ['no-as-easy-as-yes', $over('<button class="shut" aria-label="Close">×</button>'), 'not-applicable', ''],
    'over the whole page, with a way out that comes later' => ['no-as-easy-as-yes', $over('<button aria-label="Close" hidden>×</button>'), 'weakness', ''],
    'at the foot of the page' => ['no-as-easy-as-yes', str_replace('inset: 0', 'bottom: 0', $over('')), 'not-applicable', ''],
    // Programs.
    'a trap' => ['bots-kept-out', onPage("$email<div style=\"display:none\"><input name=homepage></div>"), 'met', ''],
    'a trap that stands outside the screen' => ['bots-kept-out', onPage("$email<div style=\"position:absolute;left:-9999px\"><input name=homepage></div>"), 'met', ''],
    'a trap that the page\'s styles hide' => [
        'bots-kept-out', onPage("$email<p class=\"more hp\"><input name=homepage></p>", head: '<style>/* {} */ .a, form > .hp { left: -9999px }</style>'), 'met', '',
    ],
    'a trap that styles hide by its id' => ['bots-kept-out', onPage("$email<input id=more name=more>", head: '<style>input#more{display:none}</style>'), 'met', ''],
    'a line that no key reaches' => ['bots-kept-out', onPage("$email<input name=more tabindex=-1 autocomplete=off>"), 'met', ''],
    'a line that is called a trap' => ['bots-kept-out', onPage("$email<label>More <input name=order_honeypot></label>"), 'met', ''],
    'a line that styles hide on a narrow screen' => [
        'bots-kept-out', onPage("$email<input class=hp name=more>", head: '<style>@media (max-width: 9em) { .hp { display: none } }</style>'), 'open', '',
    ],
    'a step that comes later' => [
        'bots-kept-out', onPage("$email<div class=step><input name=a><input name=b></div>", head: '<style>.step{display:none}</style>'), 'open', '',
    ],
    'a box that is drawn anew' => [
        'bots-kept-out', onPage("$email<label><input type=checkbox class=own> Gift</label>", head: '<style>.own{opacity:0}</style>'), 'open', '',
    ],
    'a picture to read' => ['bots-kept-out', onPage("$email<img src=\"/captcha.png\" alt=\"\"><label>Code <input name=c></label>"), 'weakness', ''],
    'nothing to be seen' => ['bots-kept-out', onPage($email), 'open', ''],
    // From elsewhere.
    'all from its own site' => ['no-outside-calls', onPage($email, head: '<script src="/a.js"></script><script src="https://static.quay.example/b.js"></script>'), 'met', 'https://www.quay.example/'],
    'a script from elsewhere' => ['no-outside-calls', onPage($email, head: '<script src="https://count.elsewhere.example/t.js"></script>'), 'weakness', 'https://quay.example/'],
    'a picture from elsewhere' => ['no-outside-calls', onPage("$email<img src=\"//pixel.elsewhere.example/1.gif\" alt=\"\">"), 'weakness', 'https://quay.example/'],
    'letters from elsewhere' => ['no-outside-calls', onPage($email, head: '<link rel="stylesheet" href="https://letters.elsewhere.example/a.css">'), 'weakness', ''],
    'a script that waits' => ['no-outside-calls', onPage($email, head: '<script type="text/plain" src="https://count.elsewhere.example/t.js"></script>'), 'met', 'https://quay.example/'],
    'letters that a style brings in' => ['no-outside-calls', onPage($email, head: '<style>@import url("https://letters.elsewhere.example/a.css");</style>'), 'weakness', 'https://quay.example/'],
    'a picture of its own in a style' => ['no-outside-calls', onPage($email, head: '<style>form { background: url(/rope.png) } p { background: url(data:image/png;base64,AA) }</style>'), 'met', 'https://quay.example/'],
    'a script that a script brings in' => ['no-outside-calls', onPage($email, head: '<script>var s = document.createElement("script"); s.src = "//count.elsewhere.example/t.js"; document.head.append(s)</script>'), 'weakness', 'https://quay.example/'],
    'an address in a script, to go to' => ['no-outside-calls', onPage($email, head: '<script>var help = "https://elsewhere.example/help";</script>'), 'met', 'https://quay.example/'],
    'letters from elsewhere behind its own' => ['no-outside-calls', onPage($email, head: '<style>@import "//static.quay.example/a.css"; @import "//letters.elsewhere.example/a.css";</style>'), 'weakness', 'https://quay.example/'],
    'a connection made beforehand' => ['no-outside-calls', onPage($email, head: '<link rel=preconnect href="https://letters.elsewhere.example">'), 'weakness', 'https://quay.example/'],
    'a link is no call' => ['no-outside-calls', onPage("$email<a href=\"https://elsewhere.example/\">us elsewhere</a>", head: '<link rel="canonical" href="https://other.example/">'), 'met', 'https://quay.example/'],
    'another site of the same country' => ['no-outside-calls', onPage($email, head: '<script src="https://count.co.uk/t.js"></script>'), 'weakness', 'https://quay.co.uk/'],
    'nobody knows whose site it is' => ['no-outside-calls', onPage($email, 'action="/o" method="post"', '<script src="https://static.example/t.js"></script>'), 'open', ''],
    // Before sending.
    'nothing stored' => ['nothing-before-sending', onPage($email, head: '<script>var a = 1;</script>'), 'met', ''],
    'something stored' => ['nothing-before-sending', onPage($email, head: '<script>localStorage.setItem("seen", 1)</script>'), 'open', ''],
    'what is typed goes at once' => ['nothing-before-sending', onPage($email, head: '<script>document.querySelector("[name=e]").addEventListener("blur", (e) => fetch("/draft?e=" + e.target.value))</script>'), 'open', ''],
    'a field that sends by itself' => ['nothing-before-sending', onPage('<label>Email <input type=email name=e onblur="fetch(this.value)"></label>'), 'open', ''],
    'a script that sends the form' => ['nothing-before-sending', onPage($email, head: '<script>document.forms[0].addEventListener("submit", (e) => fetch("/o", { body: e.target.e.value }))</script>'), 'met', ''],
    'a script that looks at what is typed' => ['nothing-before-sending', onPage($email, head: '<script>document.querySelector("[name=e]").addEventListener("blur", (e) => { if (!e.target.value) e.target.focus() })</script>'), 'met', ''],
    'a search' => ['nothing-before-sending', '<form role="search" action="/s"><input type="search" name="q"><script>document.cookie="a"</script></form>', 'not-applicable', ''],
    // Somebody else's address.
    'one\'s own' => ['no-friends-address', onPage($email), 'met', ''],
    'a friend\'s' => ['no-friends-address', onPage("$email<label>Your friend’s email <input type=email name=f></label>"), 'weakness', ''],
    'a friend\'s, who is written to' => ['no-friends-address', onPage("<p>We will send your friend an invitation.</p>$email<label>Email of your friend <input type=email name=f></label>"), 'breach', ''],
    'German, a friend\'s' => ['no-friends-address', onPage('<label>Ihre E-Mail <input type=email></label><label>E-Mail Ihrer Freundin <input type=email name=f></label>', language: 'de'), 'weakness', ''],
    'French, a friend\'s' => ['no-friends-address', onPage('<label>Votre courriel <input type=email></label><label>Courriel de votre ami <input type=email name=f></label>', language: 'fr'), 'weakness', ''],
    'Swedish, a friend\'s' => ['no-friends-address', onPage('<label>Din e-post <input type=email></label><label>Din väns e-post <input type=email name=f></label>', language: 'sv'), 'weakness', ''],
    'Danish, a friend\'s' => ['no-friends-address', onPage('<label>Din e-mail <input type=email></label><label>Din vens e-mail <input type=email name=f></label>', language: 'da'), 'weakness', ''],
    'a friend\'s name alone' => ['no-friends-address', onPage("$email<label>Name of the friend who told you <input name=friend></label>"), 'met', ''],
    'no address at all' => ['no-friends-address', '<form method="post"><h2>Tell us</h2><label>Your message <textarea></textarea></label><button>Send message</button></form>', 'not-applicable', ''],
    // To be read.
    'labels that stay' => ['legible', onPage($email), 'met', ''],
    'a placeholder for a label' => ['legible', onPage('<input type="email" placeholder="Email">'), 'weakness', ''],
    'words in faint grey' => ['legible', onPage("$email<label style=\"color:#aaa\"><input type=checkbox> Email me offers on rope.</label>"), 'weakness', ''],
    'light words on a dark ground' => ['legible', onPage("$email<div style=\"background:#123\"><label style=\"color:#eee\"><input type=checkbox> Email me offers on rope.</label></div>"), 'met', ''],
    'words in small print' => ['legible', onPage("$email<small><label><input type=checkbox> Email me offers on rope.</label></small>"), 'weakness', ''],
    'words a little smaller' => ['legible', onPage("$email<label style=\"font-size:0.9em\"><input type=checkbox> Email me offers on rope.</label>"), 'met', ''],
    'words in faint grey by a class' => ['legible', onPage(
        "$email<label class=\"opt fine\"><input type=checkbox> Email me offers on rope.</label>", head: '<style>p, .fine { color: #aaa }</style>'
    ), 'weakness', ''],
    'what is agreed to in pale words without a box' => ['legible', onPage("$email<p style=\"color:#bbb\">By paying you agree that we email you offers.</p>"), 'weakness', ''],
    'what is agreed to in tiny words without a box' => ['legible', onPage("$email<p class=s>By paying you agree that we email you offers.</p>", head: '<style>.s { font-size: 9px }</style>'), 'weakness', ''],
    'what is agreed to, half seen through' => ['legible', onPage("$email<div style=\"opacity: .3\">By paying you agree that we email you offers.</div>"), 'weakness', ''],
    'pale words about something else' => ['legible', onPage("$email<p style=\"color:#bbb\">It takes ten seconds to fill this in.</p>"), 'met', ''],
    'white words on a ground that is said nowhere' => ['legible', onPage("$email<p style=\"color:#fff\">By paying you agree that we email you offers.</p>"), 'met', ''],
    'light words on a picture' => ['legible', onPage("$email<div style=\"background: url(/sea.jpg)\"><p style=\"color:#ccc\">By paying you agree that we email you offers.</p></div>"), 'met', ''],
    'words in small print by a class' => ['legible', onPage(
        "$email<label class=fine><input type=checkbox> Email me offers on rope.</label>", head: '<style>form label.fine{margin:0;font-size:9px}</style>'
    ), 'weakness', ''],
    'a class that is said to be dark later' => ['legible', onPage(
        "$email<label class=fine><input type=checkbox> Email me offers on rope.</label>", head: '<style>.fine{color:#aaa} .fine{color:#222;}</style>'
    ), 'met', ''],
    'light words on a ground that a class darkens' => ['legible', onPage(
        "$email<div class=night><label><input type=checkbox> Email me offers on rope.</label></div>", head: '<style>.night{color:#eee;background:#123}</style>'
    ), 'met', ''],
    'all labels of one size' => ['legible', onPage(
        "$email<label><input type=checkbox> Email me offers on rope.</label>", head: '<style>label{font-size:11px}</style>'
    ), 'met', ''],
    'small on paper only' => ['legible', onPage(
        "$email<label class=fine><input type=checkbox> Email me offers on rope.</label>", head: '<style>@media print{.fine{font-size:8px;color:#aaa}}</style>'
    ), 'met', ''],
    'a class in another part of the page' => ['legible', onPage(
        "$email<label class=fine><input type=checkbox> Email me offers on rope.</label>", head: '<style>.foot .fine{color:#aaa}</style>'
    ), 'met', ''],
    'a login without labels' => ['legible', '<form method="post"><h1>Log in</h1><input type="email" placeholder="Email"><input type="password"><button>Log in</button></form>', 'not-applicable', ''],
]);

test('a page in a language that is not read here is judged on nothing that its words say, and one that only says so is', function (): void {
    $page = static fn (string $form): string => "<!doctype html><html lang=\"nl\"><head><title>Varen BV</title></head><body>$form</body></html>";
    $dutch = $page(
        '<form action="http://varen.example/o" method="post"><h2>Bestelling afronden</h2><label>E-mail <input type="email" name="e"></label>'
        .'<label><input type="checkbox" name="c" checked> Ja, stuur mij aanbiedingen per e-mail</label><button>Bestellen</button></form>Privacybeleid'
    );
    $found = [];
    foreach (Requirements::judge(HtmlReader::read($dutch, 'https://varen.example/')[0]) as $result) {
        $found[$result->requirement->id()] = $result->verdict->value;
    }
    $english = $page(
        '<form method="post"><h2>Checkout</h2><label>Email <input type="email" name="e"></label><label><input type="checkbox" name="c" checked>'
        .' Email me your offers on sails once a month; I can stop that at any time</label><button>Buy</button></form>'
    );
    $read = array_map(static fn (Result $r): string => $r->requirement->id().' '.$r->verdict->value, Requirements::judge(HtmlReader::read($english)[0]));
    expect($found)->toMatchArray(['language-offered' => 'open', 'no-preset-answer' => 'open', 'sent-encrypted' => 'breach', 'fill-help' => 'weakness'])
        ->not->toHaveKeys(['notice-linked', 'controller-named', 'withdrawal-said', 'rate-said'])
        ->and($read)->toContain('no-preset-answer breach')
        ->and(saidOf('language-offered', '<form><h2>Zapisz się do newslettera</h2><p>Raz w miesiącu nowe rośliny.</p><input type="email"></form>'))->toBe(['open'])
        ->and(saidOf('language-offered', '<form><input type="email" name="e"><button>OK</button></form>'))->not->toBe(['open']);
});

test('of a box that a script ticks is said that it is the script, since nothing of it stands in the markup', function () use ($email, $news): void {
    $says = static fn (string $html): string => Requirements::find('no-preset-answer')?->judge(HtmlReader::read($html)[0])[0]->says ?? '';
    $box = str_replace('id="nl"', 'id="nl" checked', $news);
    $script = '<script>document.getElementById(\'nl\').checked = true;</script>';
    expect($says(onPage($email.$news.$script)))->toContain('A script of the page')->and($says(onPage($email.$box.$script)))->not->toContain('script');
});
