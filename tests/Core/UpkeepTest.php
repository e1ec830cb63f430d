<?php

declare(strict_types=1);

use Juramen\Canon\Day;
use Juramen\Register\Country;
use Juramen\Upkeep\AnswerDeadline;
use Juramen\Upkeep\DeadlineLaw;
use Juramen\Upkeep\PublicHolidays;

/* How long an answer may take. */

function due(string $received, ?string $country, bool $extended = false): AnswerDeadline
{
    return AnswerDeadline::of(Day::parse($received), $country === null ? null : Country::parse($country), $extended);
}

test('a month, in words of each law', function (string $received, ?string $country, bool $extended, string $due): void {
    expect(due($received, $country, $extended)->due->text)->toBe($due);
})->with([
    'a month that has no such date ends with its last day' => ['2026-01-31', 'DE', false, '2026-03-02'],
    '29 February is there in a leap year' => ['2028-01-29', 'DE', false, '2028-02-29'],
    'over the end of a year, past New Year' => ['2026-12-01', 'DE', false, '2027-01-04'],
    'Easter Sunday, then Easter Monday' => ['2026-03-05', 'DE', false, '2026-04-07'],
    'where Easter Monday is worked on in a part of the country it counts' => ['2026-03-05', 'GB', false, '2026-04-06'],
    'three months from receipt where it was said that it takes longer' => ['2026-08-31', 'SE', true, '2026-11-30'],
    'thirty days in Canada' => ['2026-11-02', 'CA', false, '2026-12-02'],
    'a Saturday counts in Canada' => ['2026-11-05', 'CA', false, '2026-12-05'],
    'sixty days in Canada, not on Christmas' => ['2026-10-26', 'CA', true, '2026-12-26'],
    'no more than thirty in Switzerland' => ['2026-11-02', 'CH', true, '2026-12-02'],
    'a country whose law we do not know' => ['2026-11-02', 'JP', false, '2026-12-02'],
]);

test('on any day, by any law, an answer is due on a working day, no earlier than the law says and within six days of it, and never before an earlier request', function (): void {
    mt_srand(1182_71);
    foreach (['DE', 'GB', 'DK', 'SE', 'FR', 'AT', 'BE', 'FI', 'IE', 'NL', 'NO', 'CA', 'CH', 'JP', 'PL', null] as $code) {
        $country = $code === null ? null : Country::parse($code);
        foreach ([false, true] as $extended) {
            $day = Day::parse('2024-01-01')->plus(mt_rand(0, 2000));
            $before = null;
            for ($i = 0; $i < 120; $i++, $day = $day->plus(1)) {
                $deadline = AnswerDeadline::of($day, $country, $extended);
                $rest = DeadlineLaw::of($country)->restDays();
                expect(in_array($deadline->due->weekday(), $rest, true))->toBeFalse()
                    ->and(PublicHolidays::in($country)->has($deadline->due))->toBeFalse()
                    ->and($deadline->ends->isAfter($deadline->due))->toBeFalse()
                    ->and($deadline->due->isAfter($deadline->ends->plus(6)))->toBeFalse()
                    ->and($before?->isAfter($deadline->due) ?? false)->toBeFalse()
                    ->and($deadline->moved())->toBe(! $deadline->due->equals($deadline->ends));
                $before = $deadline->due;
            }
        }
    }
});
