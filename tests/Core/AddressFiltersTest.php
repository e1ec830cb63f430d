<?php

declare(strict_types=1);

use App\Queries\Flow\FlowFilter;
use App\Queries\Lists\PeopleFilter;
use App\Support\Moments;
use Juramen\Canon\Day;
use Juramen\Canon\Instant;

/* What stands in an address filters, or it filters nothing: it breaks no page, and a filter that is kept is found again as it was. */

/** @return array<string, mixed> an address as somebody might write it, sound or not */
function writtenAddress(): array
{
    $any = ['', '0', '1', '-1', '90', '1e2', "de\n", 'de', 'DE', 'xx', '2026-02-30', '2026-11-28', 'footer-newsletter', '../etc', "' OR 1=1 --",
        str_repeat('a', 500), "a\0b", ['de'], ['x' => ['y' => '1']], null, 7, true];
    $address = [];
    foreach (['days', 'language', 'edition', 'placement', 'point', 'from', 'to', 'untold', 'sort', 'unknown'] as $name) {
        if (mt_rand(0, 2) > 0) {
            $address[$name] = $any[mt_rand(0, count($any) - 1)];
        }
    }

    return $address;
}

test('people are filtered by what makes sense alone, and what is kept by a name is the same filter again', function (): void {
    mt_srand(5);
    for ($i = 0; $i < 3000; $i++) {
        $given = writtenAddress();
        $filter = PeopleFilter::parse($given);
        parse_str($filter->query(), $kept);
        $again = PeopleFilter::parse($kept);
        expect($again->query())->toBe($filter->query(), json_encode($given))->and($again->isOpen())->toBe($filter->isOpen());
        expect($filter->from?->text)->toBeIn([null, '2026-11-28'])->and($filter->language?->value)->toBeIn([null, 'de'])
            ->and($filter->untold)->toBe(($given['untold'] ?? null) === '1');
        expect($filter->point ?? 'none')->toMatch('/^[a-z0-9-]{1,60}$/D');
    }
});

test('a flow is of some whole days that end today, whatever the address says', function (): void {
    mt_srand(6);
    $today = Day::parse('2026-11-28');
    for ($i = 0; $i < 3000; $i++) {
        $filter = FlowFilter::parse($given = writtenAddress(), $today);
        expect($filter->from->until($today))->toBe($filter->days - 1)->and($filter->days)->toBeIn(FlowFilter::DAYS)
            ->and($filter->edition ?? 1)->toBeGreaterThan(0)->and($filter->placement ?? 'none')->toMatch('/^[a-z-]{1,32}$/D')
            ->and($filter->isAnywhere())->toBe($filter->placement === null);
        if (! in_array($given['days'] ?? null, array_map(strval(...), FlowFilter::DAYS), true)) {
            expect($filter->days)->toBe(90, json_encode($given));
        }
    }
});

test('a null byte in a day or a time is no day and no time, and no error of ours', function (string $text): void {
    expect(Day::tryParse($text))->toBeNull()->and(Moments::read($text))->toBe([])
        ->and(fn () => Instant::parse($text))->toThrow(InvalidArgumentException::class);
})->with([
    'between letters' => "a\0b", 'in the day' => "2026-11-2\08", 'in the month' => "2026-11\0-28", 'before the hour' => "28.11.2026\0 10:00",
    'in a time' => "2026-11-28T02:47:33\0.000001Z",
]);
