<?php

declare(strict_types=1);

use Database\Demo\House;
use Juramen\Audit\Judgement;
use Juramen\Audit\Note;
use Juramen\Audit\Reading;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Register\Language;
use Juramen\Wording\LanguageGuess;
use Juramen\Wording\Statement;
use Tests\Core\Corpus;

beforeEach(fn () => mt_srand(20261127));

/** @return list<string> what is found on a text alone, each requirement with its verdict, in order */
function findings(string $text, Language $language): array
{
    $found = array_filter(Requirements::judge(Reading::ofWords($text, $language)), static fn (Result $r): bool => $r->verdict->isFinding());
    $names = array_values(array_unique(array_map(static fn (Result $r): string => "{$r->requirement->id()} {$r->verdict->value}", $found)));
    sort($names);

    return $names;
}

/** @return list<string> every fourth text of all sets in a language, and in a long run every second */
function someTexts(Language $language): array
{
    $texts = array_merge(...array_map(
        static fn (string $set): array => array_map(static fn (Corpus $s): string => $s->text, Corpus::of($set, $language)),
        ['open', 'closed', 'second', 'third', 'fourth', 'tried']
    ));

    $of = getenv('LONG') === '1' ? 2 : 4;

    return array_values(array_filter($texts, static fn (int $n): bool => $n % $of === 0, ARRAY_FILTER_USE_KEY));
}

/** Puts something into a text behind one character in so many, but not into a word with a mark, where it could be another word. */
function strewn(string $text, string $what, int $oneIn): string
{
    return (string) preg_replace_callback('~(?<=\pL)(?=\pL)~u', static fn (): string => mt_rand(1, $oneIn) === 1 ? $what : '', $text);
}

test('what a text means hangs neither on how it is set nor on what cannot be seen', function (Language $language): void {
    $ways = [
        'soft hyphens' => static fn (string $t): string => strewn($t, "\u{AD}", 6),
        'characters of no width' => static fn (string $t): string => strewn($t, "\u{200B}", 9),
        'unbreakable spaces' => static fn (string $t): string => str_replace(' ', "\u{A0}", $t),
        'broken lines' => static fn (string $t): string => (string) preg_replace_callback(
            '~(?<=[\pL,]) (?=\p{Ll})~u', static fn (): string => mt_rand(1, 4) === 1 ? "\n" : ' ', $t
        ),
        'typographic quotes' => static fn (string $t): string => str_replace("'", '’', $t),
        'letters and marks apart' => static fn (string $t): string => (string) Normalizer::normalize($t, Normalizer::FORM_D),
        'tags around it' => static fn (string $t): string => "<p class=\"small\">$t</p>",
    ];
    $differs = [];
    foreach (someTexts($language) as $text) {
        $found = findings($text, $language);
        foreach ($ways as $way => $set) {
            $other = findings($set($text), $language);
            // Tags that visitors would see are harder to read.
            $passes = $way === 'tags around it' ? ['plain-words weakness'] : [];
            if (array_diff([...array_diff($other, $found), ...array_diff($found, $other)], $passes) !== []) {
                $differs[] = "$way: $text | ".implode(', ', $found).' | '.implode(', ', $other);
            }
        }
    }
    expect($differs)->toBe([]);
})->with(array_map(static fn (Language $l): array => [$l], Language::cases()));

test('a sentence that has nothing to do with it hides no fault and makes none', function (Language $language, string $idle): void {
    $differs = [];
    foreach (someTexts($language) as $text) {
        $ended = preg_match('~[.!?]$~u', $text) === 1 ? $text : "$text.";
        // How plain and how long a text is, changes with every sentence; what it says does not.
        $says = static fn (string $t): array => array_values(
            array_filter(findings($t, $language), static fn (string $f): bool => ! str_starts_with($f, 'plain-words'))
        );
        $found = $says($ended);
        if ($says("$ended $idle") !== $found) {
            $differs[] = "$text | ".implode(', ', $found).' | '.implode(', ', $says("$ended $idle"));
        }
    }
    expect($differs)->toBe([]);
})->with([
    [Language::English, 'The harbour is old.'], [Language::German, 'Der Hafen ist alt.'], [Language::French, 'Le port est ancien.'],
    [Language::Swedish, 'Hamnen är gammal.'], [Language::Danish, 'Havnen er gammel.'],
]);

test('whatever is found, its words stand in the text where they are said to stand', function (Language $language): void {
    foreach (someTexts($language) as $text) {
        $set = strewn($text, "\u{AD}", 5);
        foreach (Requirements::judge(Reading::ofWords($set, $language)) as $result) {
            $words = $result->words;
            if ($words !== null && $words->to > $words->from) {
                expect(mb_substr($set, $words->from, $words->to - $words->from))->toBe($words->words);
            }
        }
    }
})->with(array_map(static fn (Language $l): array => [$l], Language::cases()));

test('a mend mends, makes nothing new, and what stands there is whole and in the same language', function (Language $language): void {
    $registers = House::registers();
    $place = Place::of('texts', $language->value);
    $of = static fn (string $text): Statement => Statement::from(
        Document::from(['id' => 'x', 'purpose' => 'voyage-news', 'channels' => ['email'], 'texts' => [$language->value => $text]])
    );
    $times = static fn (Judgement $judgement): array => array_count_values(
        array_map(static fn (Note $n): string => $n->result->requirement->id(), $judgement->notes)
    );
    $mended = 0;
    foreach (someTexts($language) as $text) {
        $statement = $of($text);
        $before = Judgement::ofStatement($statement, $registers);
        foreach ($before->notes as $note) {
            $mend = $note->result->change;
            if ($mend === null) {
                continue;
            }
            $mended++;
            $made = $mend->apply($statement->document())->text($place);
            [$was, $is] = [$times($before), $times(Judgement::ofStatement($of($made), $registers))];
            $own = $note->result->requirement->id();
            $about = "$own, \"{$mend->label}\": $text | $made";
            expect($is[$own] ?? 0)->toBeLessThan($was[$own], $about)->and(array_diff_key($is, $was))->toBe([], $about)
                ->and($made)->toMatch('~^[\p{Lu}{\p{N}"„«“]~u', $about)->not->toMatch('~\s[,.]|,\s*[.!?]|\s{2}|[.!?]{2}(?<!\.\.\.)~u', $about)
                ->and(LanguageGuess::of($made) ?? $language)->toBe($language, $about);
        }
    }
    expect($mended)->toBeGreaterThan(20);
})->with(array_map(static fn (Language $l): array => [$l], Language::cases()));
