<?php

declare(strict_types=1);

use Juramen\Audit\Html\HtmlReader;
use Juramen\Points\FormKind;
use Tests\Core\TerseForm;

/*
 * What a form is for, told by nothing but its heading, its button, a line beside it and its fields, as most forms out there are; a mistake here
 * judges a form by what does not concern it. The lines of tests/Forms/kinds.txt were written before the code was changed for them.
 */

/** @return list<TerseForm> of the lines of a file */
function terse(string $file): array
{
    $lines = file(dirname(__DIR__)."/Forms/$file.txt", FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];

    return array_map(TerseForm::from(...), array_values(array_filter($lines, static fn (string $line): bool => ! str_starts_with($line, '#'))));
}

/**
 * @param  list<TerseForm>  $forms
 * @return list<string> the pages that were taken for something else
 */
function mistaken(array $forms): array
{
    $mistaken = [];
    foreach ($forms as $form) {
        foreach ($form->pages() as $page) {
            $reading = HtmlReader::read($page, 'https://www.fernhill.example/x')[0];
            if (! in_array($reading->kind, $form->kinds, true)) {
                $mistaken[] = "$form->line: {$reading->kind->value}, since $reading->kindReason";
            }
        }
    }

    return $mistaken;
}

test('what a form is plainly for is told', function (): void {
    expect(terse('kinds-plain'))->toHaveCount(96)->and(mistaken(terse('kinds-plain')))->toBe([]);
});

test('what a form is for is told from its heading, its button and its fields', function (): void {
    $forms = terse('kinds');
    $mistaken = mistaken($forms);
    $share = count($mistaken) / count(array_merge(...array_map(static fn (TerseForm $form): array => $form->pages(), $forms)));
    fwrite(STDERR, sprintf("\n  %d terse forms, each in two pages: %.1f %% taken for something else\n", count($forms), 100 * $share));
    expect(count($forms))->toBeGreaterThan(400)->and($share)->toBeLessThanOrEqual(0.04, implode("\n", $mistaken));
});

test('who chooses a sum gives or pays, whatever news there are beside; prices of something else are no sums', function (): void {
    $kind = static fn (string $one, string $other): FormKind => HtmlReader::read('<form><h2>Help the lifeboat</h2><label>Email <input type=email name=e></label>'
        ."<label><input type=radio name=s> $one</label><label><input type=radio name=s> $other</label>"
        .'<label><input type=checkbox name=c> Email me news of the boat once a month</label><button>Send</button></form>')[0]->kind;
    expect([$kind('£10', '£ 25.50'), $kind('100 kr', '250 kr.'), $kind('10 €', '25 EUR')])->toBe([FormKind::Order, FormKind::Order, FormKind::Order])
        ->and($kind('Once a month', 'Twice a month'))->toBe(FormKind::Newsletter)->and($kind('News worth £10', 'All news'))->toBe(FormKind::Newsletter);
});
