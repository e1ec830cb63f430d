<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Lang;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirement;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;

/* What a requirement's page says of it is what it does: the examples there are read and judged as any form. */

test('every requirement is explained, and its examples are judged as its page says', function (string $id): void {
    $says = (array) __("requirements.$id");
    expect(array_keys($says))->toBe(['name', 'says', 'checks', 'unseen'])->and(mb_strlen((string) $says['name']))->toBeLessThanOrEqual(24);
    $found = static fn (string $html): array => array_values(array_filter(
        Requirements::judge(HtmlReader::read($html)[0]), static fn (Result $r): bool => $r->requirement->id() === $id && $r->verdict->isFinding()
    ));
    // A form that meets it and one that misses it; where no form shows it, a case in words; never neither, and never both.
    $run = ['meets' => 'kept', 'misses' => 'missed'];
    foreach ($run as $form => $case) {
        expect(Lang::has("examples.$id.$form"))->toBe(! Lang::has("cases.$id.$case"), $form);
        $judged = Lang::has("examples.$id.$form") ? $found((string) __("examples.$id.$form")) : null;
        $judged === null ? expect((string) __("cases.$id.$case"))->toEndWith('.') : expect($judged === [])->toBe($form === 'meets');
    }
})->with(array_map(static fn (Requirement $r): string => $r->id(), Requirements::all()));

test('a requirement that is not known is not explained, and no explanation stands without one', function (): void {
    $known = array_map(static fn (Requirement $r): string => $r->id(), Requirements::all());
    expect(array_keys((array) __('requirements')))->toBe($known, 'in the order of the catalogue')
        ->and(array_diff(array_keys([...(array) __('examples'), ...(array) __('cases')]), $known))->toBe([])->and(Verdict::cases())->toHaveCount(5);
});
