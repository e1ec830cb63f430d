<?php

declare(strict_types=1);

use Juramen\Register\Colour;

/*
 * Contrast as WCAG 2.2 defines it (relative luminance, contrast ratio). The ratios of pairs are from memory: black on white is 21 by definition;
 * #767676 on white is the lightest grey of 4.5, #949494 of 3, as guides to the standard commonly say.
 */
test('contrast ratios are those that are commonly published', function (string $one, string $other, float $ratio): void {
    expect(round(Colour::parse($one)->contrast(Colour::parse($other)), 2))->toBe($ratio)
        ->and(round(Colour::parse($other)->contrast(Colour::parse($one)), 2))->toBe($ratio);
})->with([
    ['#000000', '#ffffff', 21.0], ['#ffffff', '#ffffff', 1.0], ['#767676', '#ffffff', 4.54], ['#777777', '#ffffff', 4.48], ['#949494', '#ffffff', 3.03],
    ['#ff0000', '#ffffff', 4.0], ['#0000ff', '#ffffff', 8.59], ['#008000', '#ffffff', 5.14],
]);
