<?php

declare(strict_types=1);

namespace Juramen\Upkeep;

use DateTimeImmutable;
use Juramen\Canon\Day;
use Juramen\Register\Country;

/**
 * Public holidays of a whole country, by its rules as they stand now (from memory). Those of single regions, and those that we are not sure
 * of, are left out: a deadline then ends a day too early, never too late. Of a country without rules here none are known.
 */
final readonly class PublicHolidays
{
    /** Days of the year; days from Easter Sunday as "E+1"; weekdays of a month; "before" a day is the Monday before it. */
    private const RULES = [
        'AT' => ['01-01', '01-06', 'E+1', '05-01', 'E+39', 'E+50', 'E+60', '08-15', '10-26', '11-01', '12-08', '12-25', '12-26'],
        'BE' => ['01-01', 'E+1', '05-01', 'E+39', 'E+50', '07-21', '08-15', '11-01', '11-11', '12-25'],
        'CA' => [
            '01-01', 'E-2', 'E+1', 'before 05-25', '07-01', 'first monday of september', '09-30', 'second monday of october', '11-11', '12-25',
        ],
        'CH' => ['01-01', 'E+39', '08-01', '12-25'],
        'DE' => ['01-01', 'E-2', 'E+1', '05-01', 'E+39', 'E+50', '10-03', '12-25', '12-26'],
        'DK' => ['01-01', 'E-3', 'E-2', 'E+1', 'E+39', 'E+50', '12-25', '12-26'],
        'FI' => ['01-01', '01-06', 'E-2', 'E+1', '05-01', 'E+39', '12-06', '12-25', '12-26'],
        'FR' => ['01-01', 'E+1', '05-01', '05-08', 'E+39', 'E+50', '07-14', '08-15', '11-01', '11-11', '12-25'],
        'GB' => ['01-01', 'E-2', 'first monday of may', 'last monday of may', '12-25', '12-26'],
        'IE' => [
            '01-01', '03-17', 'E+1', 'first monday of may', 'first monday of june', 'first monday of august', 'last monday of october', '12-25', '12-26',
        ],
        'NL' => ['01-01', 'E+1', 'E+39', 'E+50', '12-25', '12-26'],
        'NO' => ['01-01', 'E-3', 'E-2', 'E+1', '05-01', '05-17', 'E+39', 'E+50', '12-25', '12-26'],
        'SE' => ['01-01', '01-06', 'E-2', 'E+1', '05-01', 'E+39', '06-06', '12-25', '12-26'],
    ];

    /** Where a holiday on a weekend has the next working day off instead. */
    private const SUBSTITUTED = ['GB'];

    private function __construct(private string $code, private ?Country $country) {}

    /** @param  Country|null  $country  null where nobody has said which */
    public static function in(?Country $country): self
    {
        return new self($country->code ?? '', $country);
    }

    public function areKnown(): bool
    {
        return isset(self::RULES[$this->code]);
    }

    /** What is to be said where none are known; empty where they are. */
    public function remark(): string
    {
        return match (true) {
            $this->areKnown() => '',
            $this->country === null => 'No country is named, so only weekends are looked at.',
            default => "We know no public holidays of {$this->country->name()}: only weekends are looked at.",
        };
    }

    public function has(Day $day): bool
    {
        return in_array($day->text, $this->of((int) substr($day->text, 0, 4)), true);
    }

    /** @return list<string> days of a year, such as "2026-12-25" */
    private function of(int $year): array
    {
        $easter = self::easter($year);
        $days = [];
        foreach (self::RULES[$this->code] ?? [] as $rule) {
            $day = match (true) {
                $rule[0] === 'E' => $easter->plus((int) substr($rule, 1)),
                ctype_digit($rule[0]) => Day::parse("$year-$rule"),
                str_contains($rule, ' of ') => Day::parse((new DateTimeImmutable("$rule $year"))->format('Y-m-d')),
                default => self::mondayBefore(Day::parse("$year-".substr($rule, 7))),
            };
            while (in_array($this->code, self::SUBSTITUTED, true) && ($day->weekday() > 5 || in_array($day->text, $days, true))) {
                $day = $day->plus(1);
            }
            $days[] = $day->text;
        }

        return $days;
    }

    private static function mondayBefore(Day $day): Day
    {
        return $day->plus(-($day->weekday() === 1 ? 7 : $day->weekday() - 1));
    }

    /** Easter Sunday of the Gregorian calendar, after the anonymous rule printed in Nature, 20 April 1876. */
    public static function easter(int $year): Day
    {
        [$a, $b, $c] = [$year % 19, intdiv($year, 100), $year % 100];
        $h = (19 * $a + $b - intdiv($b, 4) - intdiv($b - intdiv($b + 8, 25) + 1, 3) + 15) % 30;
        $l = (32 + 2 * ($b % 4) + 2 * intdiv($c, 4) - $h - $c % 4) % 7;
        $m = intdiv($a + 11 * $h + 22 * $l, 451);
        $n = $h + $l - 7 * $m + 114;

        return Day::parse(sprintf('%04d-%02d-%02d', $year, intdiv($n, 31), $n % 31 + 1));
    }
}
