<?php

declare(strict_types=1);

use Juramen\Audit\AskedField;
use Juramen\Audit\Control;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Html\LinkedStyles;
use Juramen\Audit\Html\Page;
use Juramen\Audit\Html\UnreadableHtml;
use Juramen\Audit\Reading;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;
use Juramen\Points\FormKind;
use Juramen\Register\Channel;
use Juramen\Register\Language;
use Juramen\Wording\LanguageGuess;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Core\ForeignForms;

/** The requirements that foreign forms are judged by there, in the order of their letters. */
const NINE = [
    'no-preset-answer', 'apart-from-terms', 'controller-named', 'purpose-said', 'withdrawal-said', 'notice-linked', 'language-offered', 'confirmed-address',
    'fields-needed',
];

/** The worst verdict of each of nine requirements, as one line. */
function verdicts(array $results): string
{
    $letters = ['breach' => 'B', 'weakness' => 'W', 'open' => 'O', 'met' => 'M', 'not-applicable' => '-'];
    $worst = [];
    foreach ($results as $result) {
        $id = $result->requirement->id();
        if (! isset($worst[$id]) || $result->verdict->urgency() < $worst[$id]->urgency()) {
            $worst[$id] = $result->verdict;
        }
    }

    return implode('', array_map(static fn (Verdict $v): string => $letters[$v->value], array_map(static fn (string $id): Verdict => $worst[$id], NINE)));
}

test('foreign forms are judged as an auditor would', function (string $html, string $kind, string $expected, string $address): void {
    $readings = HtmlReader::read($html, $address);
    expect($readings)->toHaveCount(1);
    $results = Requirements::judge($readings[0]);
    $why = implode(
        "\n", array_map(static fn (Result $r): string => "{$r->requirement->id()} {$r->verdict->value}: {$r->says} [{$r->words?->words}]", $results)
    );
    expect($readings[0]->kind->value)->toBe($kind, $readings[0]->kindReason)->and(verdicts($results))->toBe($expected, $why);
    // Every place is a selector that finds exactly one element.
    $page = new Crawler((string) Page::read($html)->document->saveHTML());
    foreach ($results as $result) {
        if ($result->where !== null) {
            expect($page->filter($result->where->text())->count())->toBe(1, $result->where->text());
        }
        if ($result->verdict->isFinding()) {
            expect($result->mend)->not->toBeNull()->and($result->requirement->source()->text)->not->toBe('');
        }
    }
})->with(ForeignForms::all());

test('what cannot be read is said', function (string $bytes): void {
    expect(fn () => HtmlReader::read($bytes))->toThrow(UnreadableHtml::class);
})->with(['nothing' => [''], 'white space' => [" \n"], 'too much' => [str_repeat('<p>x', 1_300_000)],
    'too many elements' => [str_repeat('<p><a>x</a></p>', 70_000)]]);

test('rubbish gives no forms and no faults', function (): void {
    mt_srand(3);
    $parts = [
        '<form>', '</form>', '<input type=checkbox checked>', '<label for=', '"', '>', '<table>', '<td>', '&nbsp;', '&#x0;', '<!--', '-->', "\xff",
        '<select><option selected>yes', 'newsletter', '<div role=switch aria-checked=true>', '</div>', '<script>', '<textarea>', '<![CDATA[',
    ];
    for ($run = 0; $run < 300; $run++) {
        $html = 'x';
        for ($i = mt_rand(1, 40); $i > 0; $i--) {
            $html .= $parts[mt_rand(0, count($parts) - 1)];
        }
        foreach (HtmlReader::read($html) as $reading) {
            expect(Requirements::judge($reading))->not->toBe([]);
        }
    }
});

test('the language of a text is told from its commonest words', function (string $text, ?string $language): void {
    expect(LanguageGuess::of($text)?->value)->toBe($language);
})->with([
    ['Yes, I would like to receive your news and can stop at any time', 'en'],
    ['Ja, ich möchte Ihre Neuigkeiten erhalten und kann das jederzeit widerrufen', 'de'],
    ['Oui, je souhaite recevoir vos offres et je peux me désinscrire à tout moment', 'fr'], ['Newsletter', null], ['', null],
]);

test('few words speak for no other language than a page says; a sentence does', function (): void {
    $words = "Väntelista\nNamn\nE-mail\nStäll mig i kö";
    expect(LanguageGuess::ofSaid($words, Language::Swedish))->toBe(Language::Swedish)->and(LanguageGuess::ofSaid($words, null))->toBe(LanguageGuess::of($words))
        ->and(LanguageGuess::ofSaid('I would like you to email me about new bikes and routes; I can stop that at any time.', Language::German))->toBe(Language::English);
});

test('a button that says no does not say what the form is for', function (string $no): void {
    $form = '<form method=post action=/l><h2>15% off your first jumper</h2><label>Email <input type=email name=e></label><button>Give me 15% off</button>'
        ."<button type=button>$no</button></form>";
    expect(HtmlReader::read($form)[0]->kind)->toBe(FormKind::Newsletter);
})->with(['No, I would rather pay the full price', 'No thanks, buy without', 'Nein danke, zur Kasse']);

test('steps that come later are read; a line that is hidden alone, like those before it, is a trap', function (): void {
    $step = static fn (string $class, string $html): string => "<div class=\"$class\" style=\"display:none\">$html</div>";
    $labels = static fn (Reading $reading): array => array_map(static fn (AskedField $field): string => $field->label, $reading->fields);
    $email = '<label>Email <input type=email name=e></label>';
    $steps = HtmlReader::read('<form method=post action=/q><h2>Your quote</h2><div class="step on"><label>Name <input name=n></label></div>'
        .$step('step', "<h3>How to reach you</h3>$email").$step('step', '<p>By asking for a quote you agree that we email you offers.</p><button>Get my quote</button>').'</form>');
    $trapped = HtmlReader::read("<form method=post action=/c><h2>Contact</h2><div class=row>$email</div>"
        .$step('row', '<label>Website <input name=w></label>').'<textarea aria-label=Message name=m></textarea><button>Send</button></form>');
    expect($labels($steps[0]))->toBe(['Name', 'Email'])
        ->and(Requirements::find('no-consent-by-sending')->judge($steps[0])[0]->verdict)->toBe(Verdict::Breach)
        ->and($labels($trapped[0]))->not->toContain('Website')->and($trapped[0]->page?->hasTrap)->toBeTrue();
});

test('"I agree" beside a box agrees to the words over it, if they ask for more than an answer', function (string $over, string $label, bool $asks): void {
    $language = ['e' => 'en', 'W' => 'de', 'B' => 'de', 'N' => 'fr', 'V' => 'sv'][$over[0]] ?? 'en';
    $box = static fn (string $label, string $state): string => "<html lang=\"$language\"><body><form method=post action=/k><h2>Kontakt</h2><label>E-Mail "
        ."<input type=email name=e></label><textarea aria-label=Message name=m></textarea><p>$over</p><label><input type=checkbox name=c $state> $label</label>"
        .'<button>OK</button></form></body></html>';
    $said = static fn (string $id, string $state): Verdict => Requirements::find($id)->judge(HtmlReader::read($box($label, $state))[0])[0]->verdict;
    expect($said('not-a-condition', 'required') === Verdict::Breach)->toBe($asks)->and($said('no-preset-answer', 'checked') === Verdict::Breach)->toBe($asks);
})->with([
    ['We would like to email you rope news once a month.', 'I agree', true], ['Wir möchten Ihnen monatlich Neues über Seile mailen.', 'Ja, gern', true],
    ['Nous aimerions vous envoyer chaque mois nos nouveautés par e-mail.', 'J’accepte', true], ['Vi vill gärna mejla dig nyheter om rep.', 'Ja tack', true],
    ['We will send you a copy of your message by email.', 'I agree', false], ['You will get a confirmation by email.', 'Yes', false],
    ['Wir verwenden Ihre Angaben, um Ihre Frage per E-Mail zu beantworten.', 'Ich stimme zu', false],
    ['Bitte lesen Sie unsere Nutzungsbedingungen.', 'Ich stimme zu', false], ['Nous vous rappelons pour répondre à votre question.', 'Oui', false],
]);

test('words that several findings speak of stand once among the parts of a form, where they stand on it', function (): void {
    $reading = HtmlReader::read('<html lang=en><body><form method=post action=/a><h2>Create an account</h2><label>Email <input type=email name=e></label>'
        .'<p style="color:#bbb">By creating an account you agree that we email you offers.</p><button>Create</button></form></body></html>')[0];
    $parts = $reading->partsWith(Requirements::judge($reading));
    expect(array_map(static fn (object $part): string => $part->label, $parts))
        ->toBe(['Email', 'By creating an account you agree that we email you offers.', 'Create']);
});

test('the answers to a question are one part of a form, whether it asks for consent or not', function (): void {
    $group = static fn (string $name, string $question): string => "<fieldset><legend>$question</legend>"
        ."<label><input type=\"radio\" name=\"$name\"> Yes</label> <label><input type=\"radio\" name=\"$name\"> No</label></fieldset>";
    $reading = HtmlReader::read(
        '<form><input type="email">'.$group('a', 'May we email you our new sailings?').$group('b', 'Do you travel with a dog?').'<button>Book</button></form>'
    )[0];
    expect($reading->controls)->toHaveCount(1)->and($reading->page?->others)->toHaveCount(1);
});

test('styles that came with a page are read with it, and nothing that lies elsewhere', function (string $link, bool $read): void {
    $asked = [];
    $page = '<html lang=en><head>'.$link.'</head><body><form method=post action=/a><h2>Create an account</h2><label>Email <input type=email name=e></label>'
        .'<p class=fine>By creating an account you agree that we email you offers.</p><button>Create</button></form></body></html>';
    $styled = LinkedStyles::put($page, static function (string $path) use (&$asked): string {
        $asked[] = $path;

        return '.fine { color: #bbb } </style><script>alert(1)</script>';
    });
    $reading = HtmlReader::read($styled)[0];
    expect($asked)->toBe($read ? ['page_files/a b.css'] : [])->and($styled)->not->toContain('</style><script>')
        ->and(Requirements::find('legible')->judge($reading)[0]->verdict)->toBe($read ? Verdict::Weakness : Verdict::Met);
})->with([
    ['<link rel="stylesheet" href="./page_files/a%20b.css?v=2">', true], ["<LINK HREF='page_files/a b.css' REL='preload stylesheet'>", true],
    ['<link rel=stylesheet href="../page_files/a.css">', false], ['<link rel=stylesheet href="page_files/../../etc/a.css">', false],
    ['<link rel=stylesheet href="/etc/a.css">', false], ['<link rel=stylesheet href="file:///etc/a.css">', false],
    ['<link rel=stylesheet href="https://letters.example/a.css">', false], ['<link rel=stylesheet media=print href="page_files/a.css">', false],
    ['<link rel=stylesheet href="page_files/a.html">', false], ['<link rel=icon href="page_files/a.css">', false],
]);

test('a library beside a page leaves room for the styles of its own', function (): void {
    $page = '<html lang=en><head><link rel=stylesheet href=lib.css><link rel=stylesheet href=own.css></head><body><form></form></body></html>';
    $styled = LinkedStyles::put($page, static fn (string $path): string => $path === 'lib.css' ? str_repeat('a{color:red}', 20_000) : '.own{color:#bbb}');
    expect($styled)->toContain('<link rel=stylesheet href=lib.css>')->toContain('<style>.own{color:#bbb}</style>');
});

test('how a consent ends is proposed by what comes of it', function (string $label, string $ends): void {
    $page = '<html lang=en><body><form method=post action=/a><h2>Create an account</h2><label>Email <input type=email name=e></label>'
        ."<label><input type=checkbox name=c> $label</label><button>Create</button></form><footer>Otter Ltd</footer></body></html>";
    expect(Requirements::find('withdrawal-said')->judge(HtmlReader::read($page)[0])[0]->mend)->toContain($ends);
})->with([
    ['Email me your rope news', 'the link in every email'], ['Text me your rope news', 'answering STOP'],
    ['Photos of me may be shown on the website', '"I can withdraw this at any time."'],
]);

test('a page takes time by its size, however it is made, or is refused in words', function (string $html, ?int $forms): void {
    $spent = spent(static function () use ($html, $forms): void {
        try {
            $readings = HtmlReader::read($html);
            array_walk($readings, Requirements::judge(...));
            expect($readings)->toHaveCount((int) $forms);
        } catch (UnreadableHtml $e) {
            expect($forms)->toBeNull()->and($e->getMessage())->toMatch('/^It (?:has|is)|^Its /');
        }
    });
    // Each took half a minute or more where every form, label or link went through the whole page again.
    expect($spent)->toBeLessThan(8_000);
})->with([
    '1,000 forms' => fn (): array => [implode('', array_map(fn (int $i): string => "<div><h3>thing $i</h3><form>Email <input type=email id=e$i><input type=checkbox id=c$i><label for=c$i>newsletter $i</label>"
        ."<a href=\"/x$i\">more $i</a><button>Sign up for the newsletter</button></form><p>".str_repeat('harbour morning timetable ', 40).'</p></div>',
        range(1, 1000))), 1000],
    '1,000 misnested tags' => ['<form><input type=email>'.str_repeat('<b><i></b></i><p><td></div>', 1000).'</form>', 1],
    '1,500 links' => [
        '<form>'.implode('', array_map(fn (int $i): string => "<a href=\"/x$i\">link $i</a> ", range(1, 1500)))
            .'<input type=email><button>Newsletter</button></form>',
        1,
    ],
    '3,000 boxes in one form' => ['<form>'.str_repeat('<input type=checkbox name=a> newsletter ', 3000).'<input type=email></form>', 1],
    'too many boxes' => ['<form>'.str_repeat('<input type=checkbox name=a> newsletter ', 5000).'</form>', null],
    'scripts that tick without end' => ['<form><input type=email></form>'.str_repeat(
        '<script>'.str_repeat("{const a=document.getElementById('a');a.checked=true;", 1500).'</script>', 50
    ), 1],
    'styles without end' => [
        '<style>'.str_repeat('@a{b{c}', 20_000).str_repeat('.x,.x .y{color:#aaa}', 7_000).'</style><form><input type=email class=x></form>', 1,
    ],
    'too deep' => ['<form><input type=email>'.str_repeat('<div>', 5000).'</form>', null],
    'too large' => ['<form><input type=email></form>'.str_repeat('<p>Words of a page.</p>', 240_000), null],
]);

/** What a fragment's controls are read as: label, answer beforehand, channels. @return list<string> */
function controls(string $html): array
{
    return array_map(
        static fn (Control $c): string => $c->role->value.': '.strtr($c->label, "\n", ' ').' ['.$c->response->value.'] '
            .implode(',', array_map(static fn (Channel $channel): string => $channel->value, $c->channels)),
        HtmlReader::read($html)[0]->controls,
    );
}

test('a question stands over nested choices, in a group\'s name, or right before them', function (string $html, string $label): void {
    $found = controls('<html lang="en"><body><form><label>Email <input type="email"></label>'.$html.'<button>Send</button></form></body></html>');
    expect($found)->toHaveCount(1)->and($found[0])->toStartWith("consent: $label")->toContain('[yes]');
})->with([
    'over nested choices' => [
        '<p>May we email you our new sailings?</p><div><ul><li><label><input type="radio" name="n" value="yes" checked> Yes</label></li>'
            .'<li><label><input type="radio" name="n" value="no"> No</label></li></ul></div>', 'May we email you our new sailings?',
    ],
    'the name of a group' => [
        '<div role="group" aria-labelledby="q"><span id="q">May we email you our new sailings?</span><div><label><input type="radio" name="n" value="yes" checked>'
            .' Yes</label> <label><input type="radio" name="n" value="no"> No</label></div></div>', 'May we email you our new sailings?',
    ],
    'a label of a group' => [
        '<div role="group" aria-label="Shall we email you our new sailings?"><input type="radio" name="n" id="y" value="1" checked><label for="y">Yes</label>'
            .'<input type="radio" name="n" id="x" value="0"><label for="x">No</label></div>', 'Shall we email you our new sailings?',
    ],
    'a yes that the server gets as 0' => [
        '<fieldset><legend>May we email you our new sailings?</legend><label><input type="radio" name="n" value="0" checked> Yes</label>'
            .'<label><input type="radio" name="n" value="1"> No</label></fieldset>', 'May we email you our new sailings?',
    ],
    'a fieldset without a legend' => [
        '<h3>May we email you our new sailings?</h3><fieldset><label><input type="radio" name="n" value="yes" checked> Yes</label>'
            .'<label><input type="radio" name="n" value="no"> No</label></fieldset>', 'May we email you our new sailings?',
    ],
]);

test('boxes that name only a channel answer what stands over them', function (): void {
    expect(controls(
        '<html lang="en"><body><form><label>Email <input type="email"></label><fieldset><legend>We may tell you of our new sailings and fares by</legend>'
        .'<label><input type="checkbox" id="a" checked> Email</label><label><input type="checkbox" id="b"> SMS</label></fieldset><button>Send</button></form></body>'
        .'</html>'
    ))->toBe([
        'consent: We may tell you of our new sailings and fares by Email [yes] email', 'consent: We may tell you of our new sailings and fares by SMS [unset] sms',
    ]);
    // A field's own "email me a copy" answers nothing of the kind.
    expect(controls('<html lang="en"><body><form><h2>Your order</h2><label><input type="checkbox" checked> Email</label><input name="street"></form></body></html>'))
        ->toBe([]);
});

test('what is promised for an address makes a form a download, whatever its button says; words right beside it are read with it', function (): void {
    $form = '<form><label>Email <input type="email"></label><label><input type="checkbox"> Yes, email me new walking routes.</label><button>Send me</button></form>';
    $read = static fn (string $html) => HtmlReader::read("<html lang=\"en\"><body>$html</body></html>")[0];
    $guide = $read("<div><h2>Walks</h2><p>Download our free guide to the island.</p>$form<p>You can unsubscribe at any time.</p></div>");
    expect($guide->kind->value)->toBe('download')->and($guide->text)->toContain('free guide to the island')->toContain('unsubscribe at any time')
        ->and($read("<div><h2>News</h2>$form<footer>Download our free guide</footer></div>")->kind->value)->toBe('newsletter');
    // What belongs to another form is not read with it.
    expect($read("<div><p>Walks</p><div>$form</div><nav>Download our free guide</nav></div>")->text)->not->toContain('guide')
        ->and(HtmlReader::read("<html lang=\"en\"><body><p>Download our free guide</p><form><input type=\"search\"></form>$form</body></html>")[1]->text)
        ->not->toContain('guide');
});

test('every form that collects details links the notice, and its terms lead somewhere', function (string $form, string $verdict): void {
    $readings = HtmlReader::read("<html lang=\"en\"><head><title>x</title></head><body>$form</body></html>");
    expect((Requirements::find('notice-linked')?->judge($readings[0]) ?? [])[0]->verdict->value)->toBe($verdict);
})->with([
    ['<form><h2>Write to us</h2><label>Email <input type="email"></label><textarea></textarea><button>Send</button></form>', 'breach'],
    ['<form><h2>Write to us</h2><label>Email <input type="email"></label><textarea></textarea><a href="/privacy">Privacy policy</a></form>', 'met'],
    ['<form><h2>Skriv till oss</h2><label>E-post <input type="email"></label><textarea></textarea><a href="/integritetspolicy">Läs mer</a></form>', 'met'],
    ['<form><h2>Order</h2><input name="street"><a href="/privacy">Privacy policy</a> <a href="#">Terms and conditions</a><button>Pay</button></form>', 'breach'],
    ['<form role="search"><input type="search"></form>', 'not-applicable'],
]);

/** A part of a page with an order, whose box asks for a no. */
const ORDER = '<form method="post" action="/order"><label>Email <input type="email" name="email" required></label>'
    .'<label><input type="checkbox" name="no"> No offers, please</label><button>Place the order</button></form>';

test('what a reader of the law found is judged rightly', function (string $html, string $requirement, string $right): void {
    $results = Requirements::judge(HtmlReader::read($html, 'https://shop.example/')[0]);
    $about = array_filter($results, static fn (Result $r): bool => $r->requirement->id() === $requirement);
    expect(array_values(array_map(static fn (Result $r): string => $r->verdict->value, $about)))->toBe([$right]);
})->with(function (): array {
    $newsletter = static fn (string $language, string $asks, string $send, string $foot): string => "<html lang=\"$language\"><body><form method=\"post\" "
        ."action=\"/news\"><label>Email <input type=\"email\" name=\"email\" required></label><label><input type=\"checkbox\" name=\"ok\"> $asks</label>"
        ."<button>$send</button></form><footer>$foot</footer></body></html>";

    return [
        'a right to return goods, in German' => [$newsletter(
            'de', 'Ja, die Tidewick Ferries darf mir einmal im Monat neue Fahrten per E-Mail schicken.', 'Anmelden', '<a href="/w">Widerrufsbelehrung</a>'
        ), 'withdrawal-said', 'breach'],
        'a right to return goods, in Danish' => [$newsletter(
            'da', 'Ja, Tidewick Ferries må sende mig nye afgange på e-mail en gang om måneden.', 'Tilmeld', '<a href="/f">Fortrydelsesret</a>'
        ), 'withdrawal-said', 'breach'],
        'collecting in a shop, in French' => [$newsletter(
            'fr', 'Oui, Tidewick Ferries peut m’envoyer ses nouvelles lignes par e-mail une fois par mois.', 'S’inscrire', 'Retrait en magasin'
        ), 'withdrawal-said', 'breach'],
        'at any time, of something else, in Swedish' => [$newsletter(
            'sv', 'Ja, Tidewick Ferries får mejla mig nya turer en gång i månaden.', 'Anmäl mig', 'Ring oss när som helst.'
        ), 'withdrawal-said', 'breach'],
        'an order in a fragment need not say that the goods are similar' => [ORDER, 'existing-customer', 'open'],
        'nor, in a fragment, how one objects' => [ORDER, 'objection-highlighted', 'open'],
    ];
});

test('what forms from elsewhere taught the reading', function (string $html, string $requirement, string $verdict): void {
    $page = '<html lang="en"><head><title>Wick Lane Pottery Ltd</title></head><body>'.$html.'<a href="/privacy">Privacy notice</a></body></html>';
    $results = array_values(array_filter(Requirements::judge(HtmlReader::read($page)[0]), static fn ($r): bool => $r->requirement->id() === $requirement));
    expect($results[0]->verdict->value)->toBe($verdict, $results[0]->says);
})->with(function (): array {
    $news = static fn (string $words, string $more = ''): string => '<form action="/n" method="post"><h2>Class dates by email</h2>'
        ."<label>Email <input type=\"email\" autocomplete=\"email\"></label><label><input type=\"checkbox\"> $words</label>$more<button>Join</button></form>";
    $account = static fn (string $inner, string $token = 'new-password'): string => '<form action="/r" method="post"><h2>Your studio</h2><label>Email '
        ."<input type=\"email\" autocomplete=\"email\"></label><label>Password <input type=\"password\" autocomplete=\"$token\"></label>$inner<button>Go on</button></form>";
    $choice = '<label>May we email you our class dates each term? You can end this at any time. <select><option selected>Yes</option><option>No</option></select></label>';

    return [
        'kept posted by email' => [$news('Keep me posted: Wick Lane Pottery can email me its class dates every term. I can stop any time.'), 'channel-choice', 'met'],
        'post and email' => [$news('Wick Lane Pottery can email and post me its class dates every term. I can stop any time.'), 'channel-choice', 'weakness'],
        'a new password makes an account' => [$account($choice), 'no-preset-answer', 'breach'],
        'the same password is a login' => [$account($choice, 'current-password'), 'no-preset-answer', 'not-applicable'],
        'a choice is no address' => [$account($choice), 'fill-help', 'met'],
        'press send and agree' => [$account('<p>When you press Send you consent to us emailing you our offers.</p>'), 'no-consent-by-sending', 'breach'],
        'press send to send' => [$account('<p>When you press Send we open your studio.</p>'), 'no-consent-by-sending', 'met'],
        'shamed on the way out' => [
            '<form action="/n" method="post"><h2>Our newsletter</h2><label>Email <input type="email"></label><button>Join</button>'
                .'<a href="#x">No thanks, I like paying full price</a></form>', 'no-as-easy-as-yes', 'weakness',
        ],
        'a plain way out' => [
            '<form action="/n" method="post"><h2>Our newsletter</h2><label>Email <input type="email"></label><button>Join</button><a href="#x">No, thank you</a></form>',
            'no-as-easy-as-yes', 'not-applicable',
        ],
        'terms of sale are terms' => [
            $account('<label><input type="checkbox" required> * I accept the terms of sale</label>'), 'apart-from-terms', 'not-applicable',
        ],
        'news of a sale is none' => [
            $account('<label><input type="checkbox" required> * I accept the terms and news of your sale by email</label>'), 'apart-from-terms', 'breach',
        ],
        'a second box says little' => [
            $news('Wick Lane Pottery can email me its class dates every term. I can stop any time.', '<label><input type="checkbox"> And your promotions</label>'),
            'purpose-said', 'weakness',
        ],
        'kept for a year is no rate' => [$account('<label><input type="checkbox"> Keep my details for a year and email me about glazes. I can stop any time.</label>'),
            'rate-said', 'weakness',
        ],
        'other classes are nobody' => [
            $account('<label><input type="checkbox"> You may email me about other classes each term. I can stop any time.</label>'), 'recipients-named', 'not-applicable',
        ],
        'other companies are somebody' => [
            $account('<label><input type="checkbox"> Other companies may email me about classes each term. I can stop any time.</label>'), 'recipients-named', 'breach',
        ],
        'out of the monthly email' => [
            $account('<label><input type="checkbox"> Tick to opt out of our monthly email about glazes</label>'), 'asks-yes-not-no', 'breach',
        ],
    ];
});
