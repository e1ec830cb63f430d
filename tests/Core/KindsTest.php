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
    $wrong = [];
    foreach ($forms as $form) {
        foreach ($form->pages() as $page) {
            $reading = HtmlReader::read($page, 'https://www.fernhill.example/x')[0];
            if (! in_array($reading->kind, $form->kinds, true)) {
                $wrong[] = "$form->line: {$reading->kind->value}, since $reading->kindReason";
            }
        }
    }
    fwrite(STDERR, sprintf("\n  %d terse forms, each written in two ways: %d taken for something else\n", count($forms), count($wrong)));
    expect(count($forms))->toBeGreaterThan(300)
        ->and(count($wrong))->toBeLessThanOrEqual((int) (0.04 * count($forms)), implode("\n", $wrong));
});
