<?php

declare(strict_types=1);

use Juramen\Audit\Control;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Html\Page;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Wording\HouseName;

/* Words say the same wherever a page puts them, in whatever markup: in columns, rows and cells beside a form, in lines that turn, behind a box. */

/**
 * What is found on a page of a kayak maker's, in the order of the requirements.
 *
 * @return list<string> each with its verdict
 */
function foundOn(string $body): array
{
    $html = "<!doctype html><html lang=en><head><title>Otter Kayaks Ltd</title></head><body>$body<footer>Otter Kayaks Ltd <a href=/terms>Terms</a>"
        .'<a href=/privacy>Privacy notice</a></footer></body></html>';
    $results = Requirements::judge(HtmlReader::read($html, 'https://www.otterkayaks.example/')[0]);
    $found = array_filter($results, static fn (Result $r): bool => $r->verdict->isFinding() && $r->requirement->id() !== 'bots-kept-out');

    return array_values(array_unique(array_map(static fn (Result $r): string => "{$r->requirement->id()} {$r->verdict->value}", $found)));
}

$form = '<form action="/s" method="post"><label for=e>Email (required)</label><input id=e type=email name=e autocomplete=email required><button>Subscribe</button></form>';
$text = '<p>New kayaks and stories from the river, by email once a month. Unsubscribe at any time.</p>';
$over = "<h2>Letters from the river</h2>$text";

test('what a letter is, how often it comes and how it ends is read beside its form, in whatever part of the page it stands', function (string $body): void {
    expect(foundOn($body))->toBe([]);
})->with([
    'right over it' => ["$over$form"],
    'in a column beside it' => ["<section><div>$over</div><div>$form</div></section>"],
    'in a column behind it' => ["<section><div>$form</div><div>$over</div></section>"],
    'each in its own part' => ["<div><div><h2>Letters from the river</h2></div><div>$text</div></div><div><div>$form</div></div>"],
    'in the head of its part' => ["<section><header>$over</header><div>$form</div></section>"],
    'in the head of the page' => ["<header><nav><a href=/shop>Shop</a></nav>$over</header><main><article>$form</article></main>"],
    'in cells' => ["<table><tr><td>$over</td><td>$form</td></tr></table>"],
    'in rows' => ["<table><tr><td><b>Letters from the river</b></td></tr><tr><td>$text</td></tr><tr><td>$form</td></tr></table>"],
    'with a picture between' => ["<div>$over</div><div><img src=k.jpg alt='A kayak'></div><div>$form</div>"],
    'under it, apart' => ["<h2>Letters from the river</h2><div><div>$form</div></div><div>$text</div>"],
    'as it names in several parts' => ['<p id=a>New kayaks and stories from the river, by email.</p><p id=b>Once a month.</p><nav>Home</nav><p id=c>Unsubscribe at any time.</p>'
        .'<nav>Shop</nav>'.str_replace('<form', '<form aria-describedby="a b c"', $form)],
    'as it names' => ["<h2 id=h>Letters from the river</h2><nav>Home</nav><div id=t>$text</div><nav>Shop</nav>"
        .str_replace('<form', '<form aria-labelledby=h aria-describedby=t', $form)],
    'in an element of its own' => [str_replace('<button', "<x-note><template shadowrootmode=open>$text</template></x-note><button", "<h2>Letter</h2>$form")],
    'over the foot of an article in which the form stands' => ["<article><header><h2>Letters from the river</h2></header>$text<footer>$form</footer></article>"],
    'in the foot of an article under the form' => ["<article><h2>Letters from the river</h2>$form<footer>$text</footer></article>"],
    'in an area to be scrolled' => [str_replace('<button', '<textarea readonly>'.strip_tags($text).'</textarea><button', "<h2>Letter</h2>$form")],
]);

test('what stands in the next part of a page is about something else', function (string $body): void {
    expect(foundOn($body))->toContain('rate-said weakness');
})->with([
    'under a heading of its own' => ["<h2>Letters from the river</h2><div>$form</div><div><h2>Club</h2><p>We paddle once a month.</p></div>"],
    'in a column behind one that is named' => [
        "<h1>Letters from the river</h1><div><div>$form</div><div><h3>Club</h3><p>We paddle once a month.</p></div></div>",
    ],
    'beside it' => ["<main><h2>Letters from the river</h2>$form</main><aside><p>We paddle once a month.</p></aside>"],
    'in the foot of the page' => ["<h2>Letters from the river</h2>$form<footer><p>We paddle once a month.</p></footer>"],
    'with a form of its own' => ["<h2>Letters from the river</h2><div>$form</div><div><p>We paddle once a month.</p><form><input name=q></form></div>"],
    'in another dialog' => ["<div><p>We paddle once a month.</p></div><dialog open><button aria-label=Close>x</button><p>Letters from the river</p>$form</dialog>"],
    'in a list of links' => ["<ul><li>Once a month</li><li>$form</li></ul>"],
]);

test('a sentence goes on over turns of its line, and a line that ends it does not', function (string $html, string $words): void {
    $page = Page::read("<body>$html");
    expect($page->text($page->body()))->toBe($words);
})->with([
    'in small letters' => ['You agree that we send<br>offers by email.', 'You agree that we send offers by email.'],
    'behind a little word' => ['Sie stimmen der<br>Zusendung von<br>Angeboten zu.', 'Sie stimmen der Zusendung von Angeboten zu.'],
    'behind a word that leads on' => ['Ja, ich möchte<br>Angebote und unsere<br>Neuheiten', 'Ja, ich möchte Angebote und unsere Neuheiten'],
    'behind one that leads nowhere' => ['Offers for kayaks<br>Unsubscribe at any time', "Offers for kayaks\nUnsubscribe at any time"],
    'behind a comma' => ['Offers,<br>News', 'Offers, News'],
    'after a sentence' => ['We answer.<br>offers come.', "We answer.\noffers come."],
    'an address' => ['Otter Kayaks<br>12 Quay Street<br>Saltmouth', "Otter Kayaks\n12 Quay Street\nSaltmouth"],
    'a paragraph' => ['offers and<br><br>news', "offers and\nnews"],
    'what only looks part' => ['<b>Kayak letter</b><span>Every Monday.</span>', "Kayak letter\nEvery Monday."],
    'a word of two parts' => ['News<b>letter</b> of <i>O</i>tter', 'Newsletter of Otter'],
    'small print' => ['Email <small>We send offers.</small>', "Email\nWe send offers."],
    'where a word may be parted' => ['news&shy;letter off&#8203;ers', 'newsletter offers'],
]);

$box = static fn (string $box): string => '<h1>Checkout</h1><form action="/o" method="post" id=o><p>All fields marked * are needed.</p><label for=n>Name*</label>'
    .'<input id=n name=n autocomplete=name required><label for=a>Address*</label><input id=a name=a autocomplete=street-address required>'
    ."$box<button>Place order</button></form>";
$says = 'Send me offers for kayaks by email once a month. I can end this at any time.';

test('a box that stands on yes is found in whatever markup', function (string $html, string ...$also) use ($box): void {
    expect(foundOn($box($html)))->toEqualCanonicalizing(['no-preset-answer breach', ...$also]);
})->with([
    'beside its label' => ["<input type=checkbox id=c checked><label for=c>$says</label>"],
    'in a cell beside it' => ["<table><tr><td><input type=checkbox name=c checked></td><td>$says</td></tr></table>"],
    'turning lines' => ['<label><input type=checkbox name=c checked> Send me offers<br>for kayaks by email<br>once a month. I can end this at any time.</label>'],
    'parted words' => ['<label><input type=checkbox name=c checked> '.str_replace('offers', 'of&shy;fers', $says).'</label>'],
    '"I agree", explained by what it names' => ["<label><input type=checkbox name=c aria-describedby=d checked> I agree</label><p id=d>$says</p>"],
    '"I agree", explained under it' => ["<div><label><input type=checkbox name=c checked> I agree</label><p>$says</p></div>"],
    'in an element of its own' => ["<x-c><template shadowrootmode=open><label><input type=checkbox name=c checked> $says</label></template></x-c>"],
    'with words that nobody sees' => [
        "<input type=checkbox name=c checked aria-label=\"$says\">", 'legible weakness', 'rate-said weakness', 'withdrawal-said weakness',
    ],
]);

test('how a letter ends, said in its own corner of the page, is not said of another form\'s box', function (): void {
    $order = '<h1>Checkout</h1><form action="/o" method="post"><p>All fields marked * are needed.</p><label for=n>Name*</label><input id=n autocomplete=name required>'
        .'<label for=a>Address*</label><input id=a autocomplete=street-address required><label><input type=checkbox> Email me offers for kayaks once a month</label>'
        .'<button>Place order</button></form>';
    $letter = '<div><h4>Kayak letter</h4><p>Every Friday by email. Unsubscribe at any time.</p></div><div><form action="/l" method="post">'
        .'<label for=l>Email (required)</label><input id=l type=email autocomplete=email required><button>Get it</button></form></div>';
    expect(foundOn("<main>$order</main><section>$letter</section>"))->toBe(['withdrawal-said weakness'])
        ->and(foundOn("<main>$order</main><section>$letter</section><p>Whatever you agreed to, you can end it at any time.</p>"))->toBe([])
        ->and(foundOn("<main>$order</main><p>Unsubscribe at any time.</p>"))->toBe([]);
});

test('what is taken from sending a question is found wherever its form says it', function (string $email, string $send): void {
    expect(foundOn("<h1>Write to us</h1><form action='/m' method=post><p>All fields must be filled in.</p>$email<label>Message <textarea name=m required></textarea>"
        ."</label>$send</form>"))->toContain('no-consent-by-sending breach');
})->with([
    'beside the button' => ['<label>Email <input type=email autocomplete=email required></label>', '<button>Send</button><p>By sending you accept our offers by email.</p>'],
    'on a button that is an input' => [
        '<label>Email <input type=email autocomplete=email required></label>', '<input type=submit value="Send. By sending you accept our offers by email.">',
    ],
    'in the field' => ['<label>Email <input type=email autocomplete=email placeholder="By sending you accept our offers" required></label>', '<button>Send</button>'],
    'in its label' => ['<label>Email (by sending you accept our offers) <input type=email autocomplete=email required></label>', '<button>Send</button>'],
    'in a fold' => [
        '<label>Email <input type=email autocomplete=email required></label>',
        '<details><summary>Small print</summary>By sending you accept our offers.</details><button>Send</button>',
    ],
]);

test('words that explain one box are none of the next', function (): void {
    $html = '<form method=post><h2>Account</h2><label><input type=checkbox aria-describedby=d> I agree</label>'
        .'<p id=d>Otter Kayaks may email me its offers once a month.</p><input type=checkbox aria-label="Call me about offers"><button>Create</button></form>';
    $labels = array_map(static fn (Control $c): string => $c->label, HtmlReader::read($html)[0]->controls);
    expect($labels)->toBe(["Otter Kayaks may email me its offers once a month.\nI agree", 'Call me about offers']);
});

test('a site is called by its title where that names it beside the page', function (string $title, ?string $name): void {
    expect(HouseName::ofTitle("$title\nLetters from the river")?->words)->toBe($name);
})->with([
    ['Letters from the river | Otter Kayaks', 'Otter Kayaks'], ['Gartenlust – Newsletter abonnieren', 'Gartenlust'],
    ['Friends of the River » Join', 'Friends of the River'],
    ['Sign up | Contact us', null], ['Newsletter – Startseite', null], ['Letters from the river', null], ['Win a kayak | read the small print', null],
]);
