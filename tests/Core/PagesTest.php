<?php

declare(strict_types=1);

use Juramen\Audit\Control;
use Juramen\Audit\DrawnPart;
use Juramen\Audit\FoundWords;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Html\LanguageTag;
use Juramen\Audit\Html\Lines;
use Juramen\Audit\Html\Nearby;
use Juramen\Audit\Html\Page;
use Juramen\Audit\OtherInput;
use Juramen\Audit\PageButton;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Canon\Document;
use Juramen\Register\Audience;
use Juramen\Register\Language;
use Juramen\Register\Regime;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Frames\Understanding;
use Juramen\Wording\Words\LanguageFiles;
use Juramen\Wording\Words\Passage;
use Juramen\Wording\Words\Vocabulary;
use Tests\Core\FoundFormCase;
use Tests\Core\FoundForms;

/* What a page is asked for is looked up in what one walk wrote down. Here it is walked anew for each question, as one would who had no such walk. */

/** The words that are seen in a node, by walking it: the oracle. */
function wordsSeen(DOMNode $node): string
{
    $walk = static function (DOMNode $node) use (&$walk): string {
        if ($node instanceof DOMText) {
            return str_replace("\n", ' ', $node->data);
        }
        if (! $node instanceof DOMElement) {
            return '';
        }
        $hidden = $node->hasAttribute('hidden') || $node->getAttribute('aria-hidden') === 'true'
            || preg_match('~display: ?none~', $node->getAttribute('style')) === 1;
        if ($hidden || in_array($node->nodeName, ['script', 'style', 'select', 'option', 'textarea', 'template'], true)) {
            return '';
        }
        if ($node->nodeName === 'img') {
            return ' '.$node->getAttribute('alt').' ';
        }
        $turn = in_array($node->nodeName, ['br', 'small'], true) ? "\x1e" : '';
        $line = $turn !== '' || in_array($node->nodeName, ['a', 'b', 'em', 'span', 'input'], true) ? "\x1f" : "\n";

        return ($turn ?: $line).implode('', array_map($walk, iterator_to_array($node->childNodes))).$line;
    };

    return Lines::tidy($walk($node));
}

/** A tree of elements, texts and comments, some of them hidden, by the dice. */
function madeTree(int $depth): string
{
    if ($depth === 0 || random_int(0, 4) === 0) {
        return ['Email ', ' <!-- nothing -->', "two\nlines ", 'caf&eacute;&nbsp;', '<img alt="a boat">', '<br>', '<input type=email>', '  '][random_int(0, 7)];
    }
    $inside = implode('', array_map(static fn (): string => madeTree($depth - 1), range(1, random_int(1, 4))));
    $name = ['div', 'p', 'span', 'b', 'section', 'label', 'small', 'a'][random_int(0, 7)];
    $says = ['', ' hidden', ' aria-hidden=true', ' style="display: none"', ' id=x'.random_int(0, 9), ' role=checkbox', '', ''][random_int(0, 7)];

    return $name === 'p' ? "<div$says>$inside</div>" : "<$name$says>$inside</$name>";
}

test('what is seen in an element is what a walk through it sees, wherever it stands', function (): void {
    for ($i = 0; $i < 60; $i++) {
        $html = '<!doctype html><html><body>'.madeTree(5).'</body></html>';
        $page = Page::read($html);
        foreach ($page->document->getElementsByTagName('*') as $element) {
            if (! in_array($element->nodeName, ['html', 'head'], true)) {
                expect($page->text($element))->toBe(wordsSeen($element), "$html\n{$element->nodeName}");
            }
        }
    }
});

test('what is named, counted and held within an element is what stands in it, in the order of the page', function (): void {
    for ($i = 0; $i < 40; $i++) {
        $html = '<!doctype html><html><body>'.madeTree(5).'</body></html>';
        $page = Page::read($html);
        $names = ['span', 'div', 'nothing', 'img'];
        foreach (iterator_to_array($page->document->getElementsByTagName('*'), false) as $element) {
            if (in_array($element->nodeName, ['html', 'head'], true)) {
                continue;
            }
            $within = array_values(array_filter(
                iterator_to_array($element->getElementsByTagName('*'), false), static fn (DOMElement $e): bool => in_array($e->nodeName, $names, true)
            ));
            expect($page->named($names, $element))->toBe($within)->and($page->count($names, $element))->toBe(count($within));
            foreach ($within as $inner) {
                expect($page->holds($element, $inner))->toBeTrue()->and($page->holds($inner, $element))->toBeFalse()
                    ->and($page->find($page->selector($inner)))->toBe($inner);
            }
        }
    }
});

test('what stands near an element is read with it up to its heading, and nothing that is about something else', function (string $around, string $near): void {
    $page = Page::read("<!doctype html><html><body><main>$around</main></body></html>");
    expect((new Nearby($page))->words($page->named(['form'])[0]))->toBe($near);
})->with([
    'over it' => ['<h2>News</h2><p>By email.</p><form>x</form>', "News\nBy email."],
    'under it' => ['<form>x</form><p>Stop at any time.</p><h2>Jobs</h2><p>We hire.</p>', 'Stop at any time.'],
    'past its heading' => ['<p>About us.</p><h2>News</h2><form>x</form>', 'News'],
    'a menu ends it' => ['<nav>Home</nav><p>By email.</p><form>x</form><footer>Tidewick</footer>', 'By email.'],
    'another form ends it' => ['<form>y</form>', ''],
    'what is to be filled in ends it' => ['<p>Search <input></p><p>By email.</p><form>x</form>', 'By email.'],
    'what is very long is an article' => ['<p>'.str_repeat('The harbour in the morning. ', 40).'</p><form>x</form>', ''],
]);

test('the language and the country of words are what is said nearest to them', function (string $html, ?Language $language, string $region): void {
    $page = Page::read("<!doctype html>$html");
    $tag = LanguageTag::of($page->named(['form'])[0]);
    expect($tag->language())->toBe($language)->and($tag->region())->toBe($region);
})->with([
    ['<html lang=en-CA><body><form>x</form></body></html>', Language::English, 'CA'],
    ['<html lang=en-CA><body><div lang=fr><form>x</form></div></body></html>', Language::French, ''],
    ['<html lang=DE-at><body><form>x</form></body></html>', Language::German, 'AT'],
    ['<html lang=zh-Hans-CN><body><form>x</form></body></html>', null, ''],
    ['<html><body><form>x</form></body></html>', null, ''],
]);

test('an address tells the country before the words do, and what is told neither way binds nobody', function (): void {
    $under = static fn (string $address, string $region): array => array_map(
        static fn (Regime $r): string => $r->value, Audience::ofAddress($address)->orSpokenTo($region)->regimes()
    );
    expect($under('https://quay.example', 'CA'))->toBe($under('https://quay.ca', ''))->not->toBe([])
        ->and($under('https://quay.de', 'CA'))->toBe($under('https://quay.de', ''))
        ->and($under('https://quay.example', 'US'))->toBe([])->and($under('https://quay.example', ''))->toBe([])
        // An address that only ends like one of a country is none of it.
        ->and($under('https://quayde', ''))->toBe([]);
});

test('a seat in a country tells it where neither address nor words do', function (string $imprint, ?string $country): void {
    $seated = Audience::ofAddress('https://quay.example')->orSpokenTo('')->orSeatedAt($imprint)->countries;
    expect($seated[0]->code ?? null)->toBe($country)
        ->and(Audience::ofAddress('https://quay.ca')->orSeatedAt($imprint)->countries[0]->code)->toBe('CA');
})->with([
    'Germany' => ['Kai GmbH, Kieler Straße 9, 24103 Kiel', 'DE'],
    'Germany, in two lines' => ["Kai GmbH\nAm Hafenplatz 9\n24103 Kiel", 'DE'],
    'Germany, by telephone' => ['Tel. +49 431 5550', 'DE'],
    'Austria' => ['Kai GmbH, Ring 1, A-1010 Wien', 'AT'],
    'Canada' => ['Quay Inc., 1 Water Street, Halifax NS B3J 1A1', 'CA'],
    'France, whose codes have five digits too' => ['Quai SAS, 9 rue du Port, 29200 Brest', null],
    'Sweden' => ['Kaj AB, Hamngatan 9, 111 47 Stockholm', null],
    'numbers that are no address' => ['Bestellung 24103 Kissen', null],
]);

/** @return list<string> what was found on forms, told so that two readings can be compared */
function told(string ...$pages): array
{
    $told = [];
    foreach ($pages as $html) {
        foreach (HtmlReader::read($html) as $reading) {
            $told[$html][] = $reading->kind->value.' '.$reading->language?->value.' '.implode('; ', array_map(
                static fn (Result $r): string => "{$r->requirement->id()} {$r->verdict->value} {$r->says} {$r->words?->from} {$r->words?->words}",
                Requirements::judge($reading)
            ));
        }
    }
    ksort($told);

    return array_merge([], ...array_values($told));
}

test('what was read before changes nothing of what is read now, in whatever order pages come', function (): void {
    $pages = array_map(static fn (FoundFormCase $f): string => $f->html, FoundForms::in('open-wild', 'once-closed-street', 'once-closed-deeds')->forms);
    $first = told(...$pages);
    expect(told(...array_reverse($pages)))->toBe($first);
    shuffle($pages);
    expect(told(...$pages, ...$pages))->toHaveCount(2 * count($first))->and(array_values(array_unique(told(...$pages, ...$pages))))
        ->toEqualCanonicalizing(array_values(array_unique($first)));
});

test('a meaning is the same whether it is asked for first, last or alone', function (Language $language): void {
    $sections = LanguageFiles::sentences($language);
    $lines = array_merge(...array_map($sections->lines(...), $sections->names()));
    foreach (array_slice($lines, 0, 120) as $line) {
        $passage = Passage::read(trim(substr($line, 1)), Vocabulary::of($language));
        $meanings = Meaning::cases();
        shuffle($meanings);
        $all = Understanding::read($passage);
        foreach ($meanings as $meaning) {
            expect($all->all($meaning))->toEqual(Understanding::read($passage)->all($meaning), "$line: $meaning->value");
        }
    }
})->with(Language::cases());

const PETITION = '<!doctype html><html lang="en"><head><title>Quay</title></head><body><form action="/p" method="post"><h2>Sign the petition</h2>'
    .'<p><label>Email <input type="email" name="e" required></label></p><p>By signing you agree to our weekly emails, and we share your email with'
    .' trusted brands so that they can contact you.</p><p><label><input type="checkbox" name="t"> I accept the terms</label></p><button>Sign</button>'
    .'</form></body></html>';

test('words that something was found of stand among the parts of a form where a visitor meets them, each once', function (): void {
    $reading = HtmlReader::read(PETITION)[0];
    $results = Requirements::judge($reading);
    $parts = array_map(static fn (object $p): string => match (true) {
        $p instanceof FoundWords => 'words: '.mb_substr($p->label, 0, 10), $p instanceof PageButton => 'button', $p instanceof Control => 'box',
        default => 'field'
    }, $reading->partsWith([...$results, ...$results]));
    expect($parts)->toBe(['field', 'words: By signing', 'words: share your', 'box', 'button'])
        ->and(count($reading->partsWith([])))->toBe(count($reading->parts()));
});

test('a field that nobody sees stands among the parts where something was found of it, before the buttons', function (): void {
    $reading = HtmlReader::read('<form><h2>Checkout</h2><label>Email <input type="email" name="e"></label><textarea name="m"></textarea>'
        .'<input name="optin" value="yes" style="left:-9999px"><input type="hidden" name="cart" value="1"><button>Pay</button></form>')[0];
    $parts = $reading->partsWith(Requirements::judge($reading));
    expect(array_slice(array_map(static fn ($part): string => $part->label, $parts), -2))->toBe(['optin', 'Pay'])
        ->and($parts[count($parts) - 2])->toBeInstanceOf(OtherInput::class);
});

test('a drawing is kept and comes back as it was, also one of before words were drawn', function (): void {
    $reading = HtmlReader::read(PETITION)[0];
    $drawn = DrawnPart::of($reading, Requirements::judge($reading));
    $back = array_map(static fn (DrawnPart $p): DrawnPart => DrawnPart::from(Document::from($p->toArray())), $drawn);
    expect($back)->toEqual($drawn)->and(array_filter($drawn, static fn (DrawnPart $p): bool => $p->isWords))->toHaveCount(2);
    $old = DrawnPart::from(Document::from(['words' => 'Email', 'where' => 'form > input', 'required' => true, 'response' => '']));
    expect($old->isWords)->toBeFalse()->and($old->isButton)->toBeFalse()->and($old->required)->toBeTrue();
});

test('a pop-up is accused where nothing closes it, wherever in it that stands', function (string $open, string $close, bool $accused): void {
    $form = '<form method="post" action="/n"><label>Email <input type="email" autocomplete="email" required></label><p>Weekly tips on knots by email.</p>'
        .'<button>Subscribe</button></form>';
    $html = '<!doctype html><html lang="en"><title>Knot Supply Ltd</title><body>'.sprintf($open, $close, $form)
        .'<footer>Knot Supply Ltd <a href="/privacy">Privacy</a></footer></body></html>';
    $found = array_map(static fn (Result $r): string => "{$r->requirement->id()} {$r->verdict->value}", Requirements::judge(HtmlReader::read($html)[0]));
    expect(in_array('no-as-easy-as-yes weakness', $found, true))->toBe($accused);
})->with([
    'nothing' => ['<div class="modal">%s<div class="modal-body">%s</div></div>', '', true],
    'nothing, and a role' => ['<div role="dialog">%s %s</div>', '<h2>News</h2>', true],
    'a sign above the part with the form' => ['<div class="modal"><div>%s</div><div class="modal-body">%s</div></div>', '<button>×</button>', false],
    'a word in German' => ['<div class="news-popup">%s%s</div>', '<a href="#">Nein danke</a>', false],
    'an attribute' => ['<div class="modal">%s<div class="modal-body">%s</div></div>', '<button data-dismiss="modal"><svg></svg></button>', false],
    'what a press does' => ['<div class="overlay">%s%s</div>', '<span onclick="hideOverlay()"></span>', false],
    'a button for something else' => ['<div class="overlay">%s%s</div>', '<button onclick="openMore()">More</button>', true],
    'an element that a key closes' => ['<dialog open class="modal">%s<div class="modal-body">%s</div></dialog>', '', false],
    'an element that pops over' => ['<div popover class="modal">%s%s</div>', '', false],
    'no pop-up' => ['<div class="modality">%s%s</div>', '', false],
]);
