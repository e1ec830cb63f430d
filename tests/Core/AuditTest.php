<?php

declare(strict_types=1);

use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Html\Page;
use Juramen\Audit\Html\UnreadableHtml;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;
use Juramen\Wording\Lexicon;
use Symfony\Component\DomCrawler\Crawler;
use Tests\Core\ForeignForms;

/** The worst verdict of each of the first nine requirements, as one line. */
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

    return implode('', array_map(static fn (Verdict $v): string => $letters[$v->value], array_slice($worst, 0, 9)));
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
})->with(['nothing' => [''], 'white space' => [" \n"], 'too much' => [str_repeat('<p>x', 1_300_000)]]);

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
    expect(Lexicon::guess($text)?->value)->toBe($language);
})->with([
    ['Yes, I would like to receive your news and can stop at any time', 'en'],
    ['Ja, ich möchte Ihre Neuigkeiten erhalten und kann das jederzeit widerrufen', 'de'],
    ['Oui, je souhaite recevoir vos offres et je peux me désinscrire à tout moment', 'fr'], ['Newsletter', null], ['', null],
]);

test('a page takes time by its size, however it is made, or is refused in words', function (string $html, ?int $forms): void {
    $started = hrtime(true);
    try {
        $readings = HtmlReader::read($html);
        array_walk($readings, Requirements::judge(...));
        expect($readings)->toHaveCount((int) $forms);
    } catch (UnreadableHtml $e) {
        expect($forms)->toBeNull()->and($e->getMessage())->toMatch('/^It (?:has|is)|^Its /');
    }
    // Each took half a minute or more where every form, label or link went through the whole page again.
    expect((hrtime(true) - $started) / 1e9)->toBeLessThan(8);
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
    'too deep' => ['<form><input type=email>'.str_repeat('<div>', 5000).'</form>', null],
    'too large' => ['<form><input type=email></form>'.str_repeat('<p>Words of a page.</p>', 240_000), null],
]);
