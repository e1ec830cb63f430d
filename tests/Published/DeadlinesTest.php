<?php

declare(strict_types=1);

use Juramen\Canon\Day;
use Juramen\Register\Country;
use Juramen\Upkeep\AnswerDeadline;
use Juramen\Upkeep\PublicHolidays;

/* Deadlines of requests against published examples, all from memory. */

// EDPB Guidelines 01/2022 on the right of access, paragraph 159 and after; they leave the year open.
test('the examples of the EDPB', function (string $received, string $due): void {
    expect(AnswerDeadline::of(Day::parse($received), null)->due->text)->toBe($due);
})->with([
    'received 5 March, by 5 April' => ['2024-03-05', '2024-04-05'],
    'received 31 August, by 30 September' => ['2026-08-31', '2026-09-30'],
    'a last day on a weekend gives way to the next working day' => ['2025-03-05', '2025-04-07'],
]);

// The tables of Easter in the missals; the earliest and the latest day it can fall on among them.
test('Easter Sunday', function (int $year, string $day): void {
    expect(PublicHolidays::easter($year)->text)->toBe($day);
})->with([
    [1818, '1818-03-22'], [1943, '1943-04-25'], [2000, '2000-04-23'], [2024, '2024-03-31'], [2025, '2025-04-20'], [2026, '2026-04-05'], [2027, '2027-03-28'],
    [2038, '2038-04-25'],
]);

// What governments announced as the public holidays of these days.
test('public holidays that move', function (string $country, string $day, bool $isOne): void {
    expect(PublicHolidays::in(Country::parse($country))->has(Day::parse($day)))->toBe($isOne);
})->with([
    'Ascension 2026' => ['DE', '2026-05-14', true], 'Whit Monday 2026' => ['DK', '2026-05-25', true],
    'no Great Prayer Day any more' => ['DK', '2026-05-01', false],
    'Early May 2026' => ['GB', '2026-05-04', true], 'Spring 2026' => ['GB', '2026-05-25', true], 'Boxing Day 2026, a Saturday' => ['GB', '2026-12-28', true],
    'Christmas 2027, a Saturday' => ['GB', '2027-12-27', true], 'Boxing Day 2027, a Sunday' => ['GB', '2027-12-28', true],
    'Victoria Day 2026' => ['CA', '2026-05-18', true], 'Labour Day 2026' => ['CA', '2026-09-07', true], 'National Day' => ['SE', '2026-06-06', true],
    'All Saints is not everywhere in Germany' => ['DE', '2026-11-01', false],
]);
