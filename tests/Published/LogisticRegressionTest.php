<?php

declare(strict_types=1);

use Juramen\Screening\Calibration\Example;
use Juramen\Screening\Calibration\LogisticRegression;

/* Weights from decisions, against a worked example. */

// From memory: hours of study and passing an examination, twenty students, as widely printed: −4.0777 + 1.5046 × hours; 2 hours are 0.26, 3 are 0.61.
test('logistic regression finds the worked example\'s coefficients', function (): void {
    $hours = [.5, .75, 1, 1.25, 1.5, 1.75, 1.75, 2, 2.25, 2.5, 2.75, 3, 3.25, 3.5, 4, 4.25, 4.5, 4.75, 5, 5.5];
    $passed = [0, 0, 0, 0, 0, 0, 1, 0, 1, 0, 1, 0, 1, 0, 1, 1, 1, 1, 1, 1];
    $examples = array_map(static fn (float $h, int $p): Example => new Example([$h], $p === 1), $hours, $passed);
    $found = (new LogisticRegression([0.0, 0.0], [0.0, 0.0]))->fit($examples);
    expect($found[0])->toEqualWithDelta(-4.0777, 0.0001)->and($found[1])->toEqualWithDelta(1.5046, 0.0001)
        ->and(round(LogisticRegression::chance($found, [2.0]), 2))->toBe(0.26)->and(round(LogisticRegression::chance($found, [3.0]), 2))->toBe(0.61);
    // Held back as strongly as can be, it stays where it began.
    expect((new LogisticRegression([-1.0, 0.5], [1e9, 1e9]))->fit($examples))->toEqualWithDelta([-1.0, 0.5], 1e-6);
});
