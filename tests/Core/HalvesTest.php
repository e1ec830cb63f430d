<?php

declare(strict_types=1);

use Database\Demo\House;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Judgement;
use Juramen\Audit\Note;
use Juramen\Audit\Reading;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;
use Juramen\Canon\Document;
use Juramen\Register\Language;
use Juramen\Wording\Frames\Frames;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Statement;
use Juramen\Wording\Words\LanguageFiles;

const HALVES = [
    'act-mentioned' => 'no-consent-by-sending', 'thing-mentioned' => 'not-a-condition', 'no-mentioned' => 'asks-yes-not-no',
    'ending-demands' => 'withdrawal-said', 'no-says-more' => 'no-as-easy-as-yes', 'papers-mentioned' => 'apart-from-terms',
];

/**
 * @param  list<Result>  $results
 * @return array<string, Verdict> by requirement, the graver where there are two
 */
function found(array $results): array
{
    $found = [];
    foreach (array_filter($results, static fn (Result $r): bool => $r->verdict->isFinding()) as $result) {
        $id = $result->requirement->id();
        $found[$id] = isset($found[$id]) && $found[$id]->urgency() <= $result->verdict->urgency() ? $found[$id] : $result->verdict;
    }

    return $found;
}

/** @return list<string> the sentences of a language that have a meaning ("+"), or only look so ("-") */
function sentencesOf(Language $language, string $meaning, string $sign): array
{
    $lines = array_filter(LanguageFiles::sentences($language)->lines($meaning), static fn (string $line): bool => $line[0] === $sign);

    return array_values(array_map(static fn (string $line): string => trim(substr($line, 1)), $lines));
}

$languages = array_map(static fn (Language $l): array => [$l], Language::cases());

test('half of a meaning is asked about, in words alone and in a statement', function (Language $language): void {
    $registers = House::registers();
    foreach (HALVES as $half => $id) {
        foreach (sentencesOf($language, $half, '+') as $text) {
            expect(found(Requirements::judge(Reading::ofWords($text, $language)))[$id] ?? null)->not->toBeNull("$half: $text");
            $statement = Statement::from(
                Document::from(['id' => 'x', 'purpose' => 'voyage-news', 'channels' => ['email'], 'texts' => [$language->value => $text]])
            );
            $notes = array_map(static fn (Note $n): Result => $n->result, Judgement::ofStatement($statement, $registers)->notes);
            expect(found($notes)[$id] ?? null)->not->toBeNull("$half, a statement: $text");
        }
    }
})->with($languages);

test('a half is a question with an answer, and never more than that', function (Language $language): void {
    foreach (HALVES as $half => $id) {
        $meaning = Meaning::from($half);
        foreach (sentencesOf($language, $half, '+') as $text) {
            foreach (Requirements::judge(Reading::ofWords($text, $language)) as $result) {
                if ($result->requirement->id() === $id && $result->verdict === Verdict::Open && $id !== 'withdrawal-said') {
                    expect($result->mend)->toContain('?')->and($result->words)->not->toBeNull();
                }
            }
            expect(Frames::of($meaning)->id())->toBe('halves');
        }
        foreach (sentencesOf($language, $half, '-') as $text) {
            $says = array_map(static fn (Result $r): string => (string) $r->mend, Requirements::judge(Reading::ofWords($text, $language)));
            expect(implode(' ', $says))->not->toContain('taken to agree who only does that')->not->toContain('everybody get that who does not agree');
        }
    }
})->with($languages);

test('where the whole is found the half is silent', function (string $text, string $id): void {
    $asked = static fn (Result $r): bool => $r->requirement->id() === $id && $r->verdict->isFinding();
    $results = array_filter(Requirements::judge(Reading::ofWords($text, Language::English)), $asked);
    expect(array_values(array_map(static fn (Result $r): Verdict => $r->verdict, $results)))->toBe([Verdict::Breach]);
})->with([
    ['By booking you agree that Tidewick Ferries emails you its offers.', 'no-consent-by-sending'],
    ['To enter the draw you must agree to emails from Tidewick Ferries.', 'not-a-condition'],
    ['Untick this box if you do not want emails about fares.', 'asks-yes-not-no'],
    ['To stop the emails you must send a registered letter.', 'withdrawal-said'],
    ['I agree to the terms and to emails about fares.', 'apart-from-terms'],
]);

test('a page is not asked about every sentence that stands on it', function (string $sentence): void {
    $html = "<html lang=\"en\"><body><p>$sentence</p><form><label>Email <input type=\"email\" name=\"e\"></label>"
        .'<label><input type="checkbox" name="c"> Yes, Tidewick Ferries may email me new sailings once a month. I can unsubscribe at any time.</label>'
        .'<button>Order the ticket</button></form></body></html>';
    foreach (HtmlReader::read($html) as $reading) {
        expect(found(Requirements::judge($reading)))->not->toHaveKeys(['no-consent-by-sending'])->not->toHaveKeys(['not-a-condition']);
    }
})->with(sentencesOf(Language::English, 'thing-mentioned', '+'));
