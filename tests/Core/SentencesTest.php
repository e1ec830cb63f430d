<?php

declare(strict_types=1);

use Tests\Core\SentenceOnForm;

/*
 * Sentences as people put them on forms, in five languages, each on a form that is in order but for it: what is wrong with it is found, and what is
 * right is left alone. They were written before the code was changed for them, and what is still missed stands among them.
 */

test('what is wrong with a sentence on a form is found, and a sentence that is in order is left alone', function (): void {
    $lines = file(dirname(__DIR__).'/Forms/sentences.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
    $sentences = array_map(SentenceOnForm::from(...), array_values(array_filter($lines, static fn (string $line): bool => ! str_starts_with($line, '#'))));
    [$expected, $missed, $clear, $accused, $wrong] = [0, 0, 0, 0, []];
    foreach ($sentences as $sentence) {
        $off = $sentence->wrong();
        $sentence->expected === [] ? $clear++ : $expected += count($sentence->expected);
        $sentence->expected === [] ? $accused += (int) ($off !== []) : $missed += count($off);
        $wrong = $off === [] ? $wrong : [...$wrong, "$sentence->line: ".implode(', ', $off)];
    }
    fwrite(STDERR, sprintf(
        "\n  %d sentences: %.1f %% of %d expected findings found, %d of %d clear ones accused\n", count($sentences), 100 * (1 - $missed / $expected), $expected,
        $accused, $clear
    ));
    expect(count($sentences))->toBeGreaterThan(900)
        ->and($missed / $expected)->toBeLessThanOrEqual(0.05, implode("\n", $wrong))
        ->and($accused / $clear)->toBeLessThanOrEqual(0.01, implode("\n", $wrong));
});

test('what leads to a sentence changes nothing that is found of it', function (string $before, string $behind): void {
    $lines = file(dirname(__DIR__).'/Forms/sentences.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
    foreach ($lines as $n => $line) {
        if ($n % intdiv(400, fullSize(100)) === 1 && preg_match('~^(\w\w\|[\w-]+\|(?:line|box|req|pre)\|[^|]+\|)(.+)$~', $line, $parts) === 1) {
            expect(SentenceOnForm::from($parts[1].$before.$parts[2].$behind)->wrong())->toBe(SentenceOnForm::from($line)->wrong(), $line);
        }
    }
})->with([
    'the star of a footnote' => ['* ', ''], 'a dash' => ['– ', ''], 'brackets' => ['(', ')'], 'quotes' => ['“', '”'], 'a note' => ['Please note: ', ''],
    'a note in German' => ['Wichtiger Hinweis: ', ''], 'a note in French' => ['À noter : ', ''], 'a note in Danish' => ['Godt at vide: ', ''],
]);
