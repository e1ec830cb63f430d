<?php

declare(strict_types=1);

use Database\Demo\House;
use Juramen\Audit\Judgement;
use Juramen\Audit\Note;
use Juramen\Canon\Document;
use Juramen\Register\Language;
use Juramen\Wording\Statement;

/** @param  array<string, string>  $texts */
function statementIn(array $texts, string $purpose = 'voyage-news', array $channels = ['email']): Statement
{
    return Statement::from(Document::from(['id' => 'x', 'purpose' => $purpose, 'channels' => $channels, 'texts' => $texts]));
}

/**
 * @param  array<string, string>  $texts
 * @return list<string> what is found, by requirement, verdict and language
 */
function notesIn(array $texts, string $purpose = 'voyage-news'): array
{
    return array_map(
        static fn (Note $n): string => "{$n->result->requirement->id()} {$n->result->verdict->value} ".implode(',', array_column($n->languages, 'value'))
            .": {$n->result->says}",
        Judgement::ofStatement(statementIn($texts, $purpose), House::registers())->notes
    );
}

const SOUND = [
    'en' => 'Yes, {controller} may email me new sailings and fares {rate}. {withdrawal}',
    'de' => 'Ja, {controller} darf mir {rate} neue Fahrten und Preise per E-Mail schicken. {withdrawal}',
];

test('what a language of a statement says otherwise than the first is a note at it', function (array $texts, string $requirement, string $says): void {
    expect(notesIn(SOUND))->toBe([])
        ->and(implode("\n", notesIn([...SOUND, ...$texts])))->toContain($requirement)->toContain($says);
})->with([
    'another channel' => [['de' => 'Ja, {controller} darf mich {rate} zu neuen Fahrten und Preisen anrufen. {withdrawal}'], 'language-offered weakness de', 'Deutsch says phone where English says email'],
    'another rate' => [['de' => 'Ja, {controller} darf mir zweimal pro Woche neue Fahrten und Preise per E-Mail schicken. {withdrawal}'], 'language-offered weakness de', 'How often differs'],
    'details passed on in one' => [
        ['de' => SOUND['de'].' Meine Adresse darf an Hollin Hotels GmbH weitergegeben werden.'], 'language-offered weakness de', 'Only the text in Deutsch passes details on',
    ],
    'what comes said in one' => [['de' => 'Ja, {controller} darf mir {rate} den Newsletter per E-Mail schicken. {withdrawal}'], 'language-offered open de', 'Only the text in English says what comes'],
    'a thing left out in one' => [
        ['en' => 'Yes, {controller} may email me new sailings, fares and concerts {rate}. {withdrawal}'], 'language-offered open de',
        'What comes may differ: here Fahrten, Preise; in English sailings, fares, concerts.',
    ],
    'a thing more in one' => [
        ['de' => 'Ja, {controller} darf mir {rate} neue Fahrten, Preise und Konzerte per E-Mail schicken. {withdrawal}'], 'language-offered open de',
        'here Fahrten, Preise, Konzerte; in English sailings, fares',
    ],
    'much more said in one' => [
        ['de' => SOUND['de'].' Wir fahren das ganze Jahr zu allen Inseln, auch bei Sturm und Nebel, und freuen uns auf alle, die mit uns fahren wollen, ob groß oder klein.'],
        'language-offered open de', 'words, the one in English',
    ],
    'German in the English field' => [['en' => SOUND['de']], 'language-offered breach en', 'Most of it is in Deutsch'],
    'a language that is not read' => [
        ['en' => 'Tak, {controller} może wysyłać mi nowe rejsy i ceny pocztą elektroniczną raz w miesiącu, a zgodę mogę wycofać.'], 'language-offered open en', 'nothing else was judged',
    ],
    'a company that is in no register' => [['en' => 'Yes, Gullwing Travel Ltd may email me new sailings and fares {rate}. {withdrawal}'], 'controller-named open en', 'neither the controller nor in the registers'],
    'a channel that the statement does not have' => [
        ['en' => 'Yes, {controller} may text me new sailings and fares {rate}. {withdrawal}', 'de' => 'Ja, {controller} darf mir {rate} neue Fahrten und Preise per SMS schicken. {withdrawal}'],
        'language-offered weakness en', 'the statement is for email',
    ],
]);

/** The words that the mend of a requirement makes of a text; null where none is offered. */
function mendedBy(string $requirement, string $text, Language $language): ?string
{
    $statement = statementIn([$language->value => $text]);
    foreach (Judgement::ofStatement($statement, House::registers())->notes as $note) {
        if ($note->result->requirement->id() === $requirement && $note->result->change !== null) {
            return Statement::from($note->result->change->apply($statement->document()))->texts->in($language);
        }
    }

    return null;
}

test('a mend replaces the sentence that carries the fault, keeps the channel, and leaves no other fault', function (string $language, string $requirement, string $text, ?string $mended): void {
    $language = Language::from($language);
    $made = mendedBy($requirement, $text, $language);
    expect($made)->toBe($mended);
    if ($made !== null) {
        $left = Judgement::ofStatement(statementIn([$language->value => $made]), House::registers())->notes;
        expect(array_map(static fn (Note $n): string => $n->result->requirement->id(), $left))->not->toContain($requirement);
    }
})->with([
    ['en', 'asks-yes-not-no', 'Untick this box if you do not want our sailings by email. {withdrawal}', 'Yes, {controller} may tell me about new sailings and fares by email, {rate}. {withdrawal}'],
    ['de', 'withdrawal-said', 'Ja, {controller} darf mir {rate} neue Fahrten per E-Mail schicken. Ein Widerruf ist nur per Einschreiben möglich.', 'Ja, {controller} darf mir {rate} neue Fahrten per E-Mail schicken. {withdrawal}'],
    ['en', 'withdrawal-said', 'I irrevocably agree that {controller} emails me new sailings {rate}.', 'Yes, {controller} may tell me about new sailings and fares by email, {rate}. {withdrawal}'],
    ['en', 'no-as-easy-as-yes', 'Only 3 places left! Yes, {controller} may email me new sailings {rate}. {withdrawal}', 'Yes, {controller} may email me new sailings {rate}. {withdrawal}'],
    ['en', 'purpose-said', 'Yes, {controller} may send me news and offers by email {rate}. {withdrawal}', 'Yes, {controller} may send me new sailings and fares by email {rate}. {withdrawal}'],
    ['en', 'purpose-said', 'Yes, {controller} may send me its newsletter {rate}. {withdrawal}', 'Yes, {controller} may send me its new sailings and fares by email {rate}. {withdrawal}'],
    'no sentence would be left' => ['en', 'no-as-easy-as-yes', 'Hurry, only 3 cabins left!', null],
    'a partner is no purpose' => ['en', 'recipients-named', 'Yes, {controller} may pass my address to selected partners. {withdrawal}', null],
]);
