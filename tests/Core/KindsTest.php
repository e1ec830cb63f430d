<?php

declare(strict_types=1);

use Juramen\Audit\Html\HtmlReader;
use Tests\Core\TerseForm;

/*
 * What a form is for, told by nothing but its heading, its button, a line beside it and its fields, as most forms out there are. The lines of
 * tests/Forms/kinds.txt were written before the code was changed for them.
 */

test('what a form is for is told from its heading, its button and its fields', function (): void {
    $lines = file(dirname(__DIR__).'/Forms/kinds.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
    $forms = array_map(TerseForm::from(...), array_filter($lines, static fn (string $line): bool => ! str_starts_with($line, '#')));
    [$pages, $wrong] = [0, []];
    foreach ($forms as $form) {
        foreach ($form->pages() as $page) {
            $pages++;
            $reading = HtmlReader::read($page, 'https://www.fernhill.example/x')[0];
            if (! in_array($reading->kind, $form->kinds, true)) {
                $wrong[] = "$form->line: {$reading->kind->value}, since $reading->kindReason";
            }
        }
    }
    fwrite(STDERR, sprintf("\n  %d terse forms, each in two pages: %.1f %% taken for something else\n", count($forms), 100 * count($wrong) / $pages));
    expect(count($forms))->toBeGreaterThan(400)->and(count($wrong) / $pages)->toBeLessThanOrEqual(0.04, implode("\n", $wrong));
});
