<?php

declare(strict_types=1);

use Juramen\Audit\AskedField;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Points\FieldMeaning;
use Juramen\Points\FormKind;
use Tests\Core\FoundFormCase;
use Tests\Core\FoundForms;
use Tests\Core\PlayedControls;

/* What changes nothing that a visitor sees or reads of a form changes nothing that is found on it, whichever form it is. */

/** @return array{string, array<string, string>} what the first form of a page is for, and what is found on it */
function judgedForm(string $html, string $address): array
{
    $reading = HtmlReader::read($html, $address)[0];
    $found = [];
    foreach (Requirements::judge($reading) as $result) {
        if ($result->verdict->isFinding()) {
            $found[$result->requirement->id()] = $result->verdict->value;
        }
    }
    ksort($found);

    return [$reading->kind->value, $found];
}

/** @return list<array{FoundFormCase, string}> of all forms that a change makes another page of, every so-manieth, with that page */
function fewForms(Closure $change, int $from): array
{
    $all = array_map(static fn (FoundFormCase $f): array => [$f, $change($f->html)], FoundForms::in(...FoundForms::ALL)->forms);
    $others = array_values(array_filter($all, static fn (array $each): bool => $each[1] !== $each[0]->html));
    $every = max(1, intdiv(count($others), fullSize(600)));

    return array_values(array_filter($others, static fn (int $i): bool => $i % $every === $from % $every, ARRAY_FILTER_USE_KEY));
}

/** The words of a page outside of tags, styles and scripts. */
function inWords(string $html, Closure $change): string
{
    $parts = '~(<(script|style|title|textarea|template|option|iframe|noscript)\b.*?</\2\s*>|<!--.*?-->|<[^>]*>)|([^<]+)~is';

    return (string) preg_replace_callback($parts, static fn (array $m): string => ($m[3] ?? '') !== '' ? $change($m[3]) : $m[0], $html);
}

$behind = static fn (string $what): Closure => static fn (string $h): string => (string) preg_replace(
    '~(<(?:input|button)\b[^>]*>(?:[^<]*</button>)?|</(?:label|p|h1|h2|h3|select|textarea|form|div)>)~i', "$1$what", $h
);
$around = static fn (string $before, string $after): Closure => static fn (string $h): string => (string) preg_replace(
    ['~<form\b~i', '~</form>~i'], ["$before<form", "</form>$after"], $h
);

test('whatever a form is, it is judged alike', function (Closure $change, int $from): void {
    foreach (fewForms($change, $from) as [$form, $html]) {
        expect(judgedForm($html, $form->address))->toBe(judgedForm($form->html, $form->address), $form->name);
    }
})->with([
    'with comments between its words' => [
        static fn (string $h): string => inWords($h, static fn (string $t): string => '<!-- -->'.preg_replace('~(?<=[.,!?]) ~', ' <!-- -->', $t)), 1,
    ],
    'with every text in an element of its own' => [
        static fn (string $h): string => inWords(
            $h, static fn (string $t): string => (string) preg_replace('~^(\s*)(\S.*?)(\s*)$~s', '$1<span>$2</span>$3', $t)
        ), 2,
    ],
    'with its letters as numbers' => [
        static fn (string $h): string => inWords($h, static fn (string $t): string => str_contains($t, '&') ? $t : (string) preg_replace_callback(
            '~[^\x00-\x7f]|[aeo]~u', static fn (array $m): string => '&#'.mb_ord($m[0]).';', $t
        )), 3,
    ],
    'in UTF-16' => [static fn (string $h): string => "\xff\xfe".mb_convert_encoding($h, 'UTF-16LE', 'UTF-8'), 4],
    'encoded twice' => [
        static fn (string $h): string => preg_match_all('~[À-ÿ]~u', $h) > 1 ? (string) mb_convert_encoding($h, 'UTF-8', 'Windows-1252') : $h, 15,
    ],
    'in UTF-8, whatever it says' => [static fn (string $h): string => str_replace('<head>', '<head><meta charset="iso-8859-1">', $h), 16],
    'in a tree of divs' => [$around('<div class="row"><div class="col"><div>', '</div></div></div>'), 5],
    'in elements of the page’s own' => [$around('<sign-up><sign-up-form>', '</sign-up-form></sign-up>'), 6],
    'with a script behind each part' => [$behind('<script>var a = 1</script>'), 7],
    'with an empty element behind each part' => [$behind('<span></span>'), 8],
    'with places for errors' => [$behind('<div class="error" role="alert"></div>'), 9],
    'with pictures on its buttons and labels' => [
        static fn (string $h): string => (string) preg_replace(
            '~(<(?:button|a|label|p|h1|h2)\b[^>]*>)(?=[^<\s])~i', '$1<i></i><svg aria-hidden="true"></svg>', $h
        ), 10,
    ],
    'with inputs for buttons' => [
        static fn (string $h): string => (string) preg_replace('~<button>([^<"]+)</button>~', '<input type="submit" value="$1">', $h), 11,
    ],
    'with a token and a page to return to' => [
        static fn (string $h): string => (string) preg_replace(
            '~(<form\b[^>]*>)~i', '$1<input type=hidden name=_token value=k3jd><input type=hidden name=to value=/>', $h
        ), 12,
    ],
    'with boxes that are drawn' => [PlayedControls::boxes('checkbox', 'span', 'checkbox'), 13],
    'with switches for boxes' => [PlayedControls::boxes('checkbox', 'button', 'switch'), 14],
    'with choices that are drawn' => [PlayedControls::boxes('radio', 'div', 'radio'), 0],
    'with lists that are drawn' => [PlayedControls::lists(), 0],
    'with an element for its button' => [PlayedControls::button('<div role="button" tabindex="0">', '</div>'), 15],
    'with a link for its button' => [PlayedControls::button('<a href="#" class="btn btn-wide">', '</a>'), 16],
]);

test('a page whose template says another language is read in the one that it is written in', function (string $written, string $said): void {
    $change = static fn (string $h): string => (string) preg_replace("~(<html[^>]*\slang=\"?)$written\b~", "\$1$said", $h);
    foreach (fewForms($change, 17) as [$form, $html]) {
        [[$kind, $found], [$as, $other]] = [judgedForm($form->html, $form->address), judgedForm($html, $form->address)];
        // What is in two languages may be read in either.
        if (isset($found['language-offered'])) {
            continue;
        }
        // Which language it says it is in is a finding by itself, and a country's words a law's.
        $without = ['language-offered' => 1, 'ca-identified' => 1];
        expect([$as, array_diff_key($other, $without)])->toBe([$kind, array_diff_key($found, $without)], $form->name);
    }
})->with([['de', 'en'], ['fr', 'en'], ['sv', 'en'], ['da', 'en'], ['en', 'de']]);

test('a heading and a button in capitals say what they say in small letters, and name nobody', function (): void {
    $page = static fn (string $heading, string $button): string => '<!doctype html><html lang=en><head><title>Sign up</title></head><body>'
        ."<h2>$heading</h2><form method=post action=/s><label>Email <input type=email name=e autocomplete=email required></label>"
        ."<p>New walks each week. Unsubscribe in every email.</p><button>$button</button></form><a href=/privacy>Privacy notice</a></body></html>";

    expect(judgedForm($page('LAKE WALKS BY EMAIL', 'SIGN ME UP'), ''))->toBe(judgedForm($page('Lake walks by email', 'Sign me up'), ''))
        ->and(judgedForm($page('LAKE WALKS BY EMAIL', 'SIGN ME UP'), '')[1])->toHaveKey('controller-named');
});

test('a house whose title stands at the foot in capitals is named', function (): void {
    $page = static fn (string $foot): string => '<!doctype html><html lang=en><head><title>River Rescue</title></head><body><form><h1>News by email</h1>'
        ."<label>Email <input type=email name=e></label><button>Sign up</button></form><footer>$foot · <a href=/p>Privacy notice</a></footer></body></html>";

    expect(judgedForm($page('RIVER RESCUE'), '')[1])->not->toHaveKey('controller-named')
        ->and(judgedForm($page('HAVE A GOOD DAY'), '')[1])->toHaveKey('controller-named');
});

test('which language it says it is in is to be mended where the whole form is in another', function (): void {
    $page = static fn (string $words, string $box): string => "<!doctype html><html lang=en><title>Otter Kayaks</title><form><h1>$words</h1>"
        ."<label>Email <input type=email name=e></label><label><input type=checkbox name=n> $box</label><button>OK</button></form>";
    $mend = static fn (string $html): array => array_values(array_map(static fn (Result $r): string => $r->mend, array_filter(
        Requirements::judge(HtmlReader::read($html)[0]), static fn (Result $r): bool => $r->requirement->id() === 'language-offered' && $r->verdict->isFinding()
    )));
    $german = 'Ja, Otter Kayaks darf mir einmal im Monat Neuigkeiten zu den Kajaks per E-Mail senden.';

    expect($mend($page('Wir schreiben Ihnen, wenn Sie das möchten', $german))[0])->toStartWith('Write lang="de" where it begins')
        ->and($mend($page('We write to you about the kayaks that we build, if you wish and for as long as you like', $german)))
        ->toBe(['Write the consent in English.']);
});

/* Beside it stand words about something else. */

test('what a house trades in, and when it is open, says nothing of what is sent', function (string $language, string $words, string $letter): void {
    $page = static fn (string $more): string => "<!doctype html><html lang=$language><head><title>Otter Kayaks Ltd</title></head><body>"
        ."<form action=/s>$more<p>$letter</p><input type=email name=e autocomplete=email required aria-label=Email>"
        .'<button>OK</button></form><a href=/privacy>Privacy</a></body></html>';

    expect(judgedForm($page("<p>$words</p>"), 'https://www.otterkayaks.example/'))->toBe(judgedForm($page(''), 'https://www.otterkayaks.example/'))
        ->and(judgedForm($page(''), '')[1])->toHaveKeys(['rate-said', 'withdrawal-said', 'purpose-said']);
})->with([
    ['en', 'Open every day from nine to five.', 'Our newsletter by email.'],
    ['en', 'You can cancel your booking up to two days before.', 'Our newsletter by email.'],
    ['en', 'Your parcel leaves us the same day.', 'Our newsletter by email.'],
    ['de', 'Montags ist der Laden geschlossen.', 'Unser Newsletter per E-Mail.'],
    ['de', 'Bis zwei Tage vorher können Sie kostenlos stornieren.', 'Unser Newsletter per E-Mail.'],
    ['fr', 'Ouvert tous les jours de neuf heures à dix-sept heures.', 'Notre newsletter par e-mail.'],
    ['fr', 'Livraison offerte dès 40 euros.', 'Notre newsletter par e-mail.'],
    ['sv', 'Öppet varje dag från nio till fem.', 'Vårt nyhetsbrev med e-post.'],
    ['da', 'Besøg vores galleri hver første søndag.', 'Vores nyhedsbrev på e-mail.'],
]);

test('what stands under another heading as high as its own, or in another section, is none of the form’s', function (): void {
    $form = '<form action=/s><h2>Our news</h2><label>Email (required)<input type=email name=e autocomplete=email required></label>'
        .'<button>Subscribe</button></form>';
    $page = static fn (string $body): string => "<!doctype html><html lang=en><head><title>Otter Kayaks Ltd</title></head><body>$body"
        .'<a href=/privacy>Privacy</a></body></html>';
    $said = '<p>New kayaks every Friday by email, unsubscribe at any time.</p>';
    $found = static fn (string $body): array => array_keys(judgedForm($page($body), 'https://www.otterkayaks.example/')[1]);

    expect($found("<section><h2>Another letter</h2>$said</section>$form"))->toContain('rate-said', 'purpose-said')
        ->and($found("<h1>Letters from the river</h1>$said<div><div>$form</div></div>"))->not->toContain('rate-said', 'purpose-said');
});

test('a delivery over 40 pounds asks nobody’s age', function (): void {
    $page = static fn (string $more): string => '<!doctype html><html lang=en><head><title>Fishpond Games Ltd</title></head><body><h1>Join the kids’ club!</h1>'
        .'<p>Games for children from 7 to 12.</p><form><label>Email <input type=email name=e></label>'
        ."<label><input type=checkbox name=n> Email me new games</label><button>Join</button></form><p>$more</p><a href=/privacy>Privacy</a></body></html>";

    expect(judgedForm($page('Free delivery over 40 pounds.'), '')[1])->toHaveKey('children')
        ->and(judgedForm($page('I am at least 13.'), '')[1])->not->toHaveKey('children')
        ->and(judgedForm($page('I am over 18.'), '')[1])->not->toHaveKey('children');
});

test('a line to write in is a field, whatever it is made of', function (): void {
    $page = static fn (string $line, string $message): string => '<!doctype html><html lang=en><head><title>Otter Kayaks Ltd</title></head><body>'
        ."<form method=post action=/s><h1>Ask us</h1><p><span id=a>Email *</span> $line</p><p><span id=b>Your message</span> $message</p><button>Send</button></form>"
        .'<a href=/privacy>Privacy</a></body></html>';
    [$drawn] = HtmlReader::read($page(
        '<div role=textbox contenteditable=true aria-labelledby=a aria-required=true></div>', '<div contenteditable aria-multiline=true aria-labelledby=b></div>'
    ));
    [$plain] = HtmlReader::read($page('<input name=email aria-labelledby=a required>', '<textarea aria-labelledby=b></textarea>'));
    $asked = static fn (AskedField $field): array => [$field->label, $field->meaning, $field->required];

    expect($drawn->kind)->toBe(FormKind::Contact)->and($drawn->kind)->toBe($plain->kind)
        ->and(array_map($asked, $drawn->fields))->toBe([['Email *', FieldMeaning::Email, true], ['Your message', FieldMeaning::Message, false]])
        ->and(array_map($asked, $plain->fields))->toBe(array_map($asked, $drawn->fields));
});
