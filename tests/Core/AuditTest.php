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
    $why = implode("\n", array_map(static fn (Result $r): string => "{$r->requirement->id()} {$r->verdict->value}: {$r->says} [{$r->words}]", $results));
    expect($readings[0]->kind->value)->toBe($kind, $readings[0]->kindReason)->and(verdicts($results))->toBe($expected, $why);
    // Every place is a selector that finds exactly one element.
    $page = new Crawler((string) Page::read($html)->document->saveHTML());
    foreach ($results as $result) {
        if ($result->where !== null) {
            expect($page->filter($result->where)->count())->toBe(1, $result->where);
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
    $parts = ['<form>', '</form>', '<input type=checkbox checked>', '<label for=', '"', '>', '<table>', '<td>', '&nbsp;', '&#x0;', '<!--', '-->', "\xff", '<select><option selected>yes', 'newsletter', '<div role=switch aria-checked=true>', '</div>', '<script>', '<textarea>', '<![CDATA['];
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
    ['Yes, I would like to receive your news and can stop at any time', 'en'], ['Ja, ich möchte Ihre Neuigkeiten erhalten und kann das jederzeit widerrufen', 'de'],
    ['Oui, je souhaite recevoir vos offres et je peux me désinscrire à tout moment', 'fr'], ['Newsletter', null], ['', null],
]);
