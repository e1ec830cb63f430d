<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

function wordingCheck(string $text, string ...$options): Process
{
    $process = new Process(
        [PHP_BINARY, base_path('artisan'), 'wording:check', ...$options], '/tmp',
        ['JURAMEN_HOME' => '/nowhere', 'DB_SOCKET' => '/nowhere.sock', 'APP_ENV' => 'production'] + getenv(), $text
    );
    $process->run();

    return $process;
}

test('a sound text has figures and no problem', function (string $text, string $language): void {
    $run = wordingCheck($text, '--json');
    $said = json_decode($run->getOutput(), true, 8, JSON_THROW_ON_ERROR);
    expect($run->getExitCode())->toBe(0)->and($said['language'])->toBe($language)->and($said['problems'])->toBe([])
        ->and(array_keys($said['figures']))->toBe(['sentences', 'words', 'reading_ease', 'longest_sentence'])->and($said['figures']['sentences'])->toBe(2);
})->with([
    ['Yes, Tidewick Ferries may email me its new sailings and fares once a month. I can withdraw this at any time with the link in every email.', 'en'],
    ['Ja, Tidewick Ferries darf mir einmal im Monat neue Fahrten und Preise schicken. Ich kann das jederzeit widerrufen.', 'de'],
    ['Oui, Tidewick Ferries peut m’envoyer chaque mois les nouvelles traversées et les tarifs. Je peux me désinscrire à tout moment.', 'fr'],
]);

test('problems name their words by place, counted in characters', function (): void {
    $text = 'Ünser Schiff: Hiermit willige ich ein, Neuigkeiten zu erhalten.';
    $run = wordingCheck($text, '--json', '--lang=de');
    $problems = json_decode($run->getOutput(), true)['problems'];
    expect($run->getExitCode())->toBe(1)->and(array_column($problems, 'requirement'))->toContain('withdrawal-said', 'plain-words');
    foreach ($problems as $problem) {
        expect(array_keys($problem))->toBe(['requirement', 'verdict', 'from', 'to', 'words', 'says', 'source', 'mend'])
            ->and(mb_substr($text, $problem['from'], $problem['to'] - $problem['from']))->toBe($problem['words']);
    }
    expect(
        array_values(array_filter($problems, fn ($p) => $p['requirement'] === 'plain-words'))[0]
    )->toMatchArray(['verdict' => 'weakness', 'words' => 'Hiermit', 'from' => 14, 'to' => 21]);
});

test('what cannot be checked is said', function (string $text, array $options, string $says): void {
    $run = wordingCheck($text, ...$options);
    expect($run->getExitCode())->toBe(2)->and($run->getErrorOutput())->toContain($says);
})->with([
    'nothing' => ['', [], 'on standard input'], 'too much' => [str_repeat('word ', 5000), [], 'at most 20000'], 'not UTF-8' => [chr(255), [], 'in UTF-8'],
    'a language that cannot be told' => ['🚢', [], 'name it with --lang'],
    'a language we do not know' => ['Hej', ['--lang=tlh'], 'languages known are en, de, fr'],
]);
