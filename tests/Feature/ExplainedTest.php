<?php

declare(strict_types=1);

use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirement;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;

/* What a requirement's page says of it is what it does: the examples there are read and judged as any form. */

test('every requirement is explained, and its examples are judged as its page says', function (string $id): void {
    $says = (array) __("requirements.$id");
    expect($says)->toHaveKeys(['name', 'says', 'checks', 'unseen', 'meets', 'misses'])->and(mb_strlen((string) $says['name']))->toBeLessThanOrEqual(24);
    $found = static fn (string $html): array => array_values(array_filter(
        Requirements::judge(HtmlReader::read($html)[0]), static fn (Result $r): bool => $r->requirement->id() === $id && $r->verdict->isFinding()
    ));
    if ($says['meets'] !== '') {
        expect($found((string) $says['meets']))->toBe([]);
    }
    if ($says['misses'] !== '') {
        expect($found((string) $says['misses']))->not->toBe([]);
    }
})->with(array_map(static fn (Requirement $r): string => $r->id(), Requirements::all()));

test('a requirement that is not known is not explained, and no explanation stands without one', function (): void {
    $known = array_map(static fn (Requirement $r): string => $r->id(), Requirements::all());
    expect(array_keys((array) __('requirements')))->toEqualCanonicalizing($known)->and(Verdict::cases())->toHaveCount(5);
});
