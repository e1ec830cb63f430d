<?php

declare(strict_types=1);

namespace App\Support;

use DateTimeImmutable;
use DateTimeZone;
use IntlDateFormatter;
use Juramen\Canon\Day;
use Juramen\Canon\Instant;
use Juramen\Register\Language;

/** Times as the office reads and writes them: in its own zone, which always stands beside them. */
final class Moments
{
    /** Ways of writing a moment, and how to get from its beginning to its last microsecond. */
    private const FORMS = [
        'j M Y, H:i:s' => '+999999 microseconds', 'Y-m-d\TH:i:s' => '+999999 microseconds', 'Y-m-d H:i:s' => '+999999 microseconds',
        'j M Y, H:i' => '+59999999 microseconds', 'Y-m-d\TH:i' => '+59999999 microseconds', 'Y-m-d H:i' => '+59999999 microseconds',
        'j M Y, G:i' => '+59999999 microseconds', 'j F Y, H:i' => '+59999999 microseconds', 'j F Y, H:i:s' => '+999999 microseconds',
        'j.n.Y, H:i:s' => '+999999 microseconds', 'j.n.Y H:i:s' => '+999999 microseconds', 'j.n.Y, H:i' => '+59999999 microseconds',
        'j.n.Y H:i' => '+59999999 microseconds',
        'j M Y' => '+1 day -1 microsecond', 'j F Y' => '+1 day -1 microsecond', 'j.n.Y' => '+1 day -1 microsecond', 'Y-m-d' => '+1 day -1 microsecond',
    ];

    /** A day as visitors of a language read it; empty where there is none. */
    public static function dayIn(?Day $day, Language $language): string
    {
        $format = new IntlDateFormatter($language->value, IntlDateFormatter::LONG, IntlDateFormatter::NONE, 'UTC');

        return $day === null ? '' : (string) $format->format(new DateTimeImmutable("{$day->text} 12:00", new DateTimeZone('UTC')));
    }

    /** The day of a moment in the office, like 2026-05-14. */
    public static function isoDay(Instant $instant): string
    {
        return $instant->utc->setTimezone(self::zone())->format('Y-m-d');
    }

    public static function zone(): DateTimeZone
    {
        return new DateTimeZone(config('juramen.timezone'));
    }

    /** "14 May 2026, 09:12:33 CEST" */
    public static function exact(Instant $instant): string
    {
        return $instant->utc->setTimezone(self::zone())->format('j M Y, H:i:s T');
    }

    /** "14 May 2026" */
    public static function date(Instant $instant): string
    {
        return $instant->utc->setTimezone(self::zone())->format('j M Y');
    }

    /** "14 May" */
    public static function day(Instant $instant): string
    {
        return $instant->utc->setTimezone(self::zone())->format('j M');
    }

    /** "14 May, 09:12" */
    public static function minute(Instant $instant): string
    {
        return $instant->utc->setTimezone(self::zone())->format('j M, H:i');
    }

    /** A day like 2026-11-25 as "25 Nov 2026"; as it is where it is no day. */
    public static function plain(string $day): string
    {
        $date = DateTimeImmutable::createFromFormat('!Y-m-d', $day);

        return $date === false ? $day : $date->format('j M Y');
    }

    /** A day like 2026-11-25 as "25 Nov". */
    public static function shortDay(string $day): string
    {
        $date = DateTimeImmutable::createFromFormat('!Y-m-d', $day);

        return $date === false ? $day : $date->format('j M');
    }

    /** The zone's short name at that moment: "CEST". */
    public static function zoneOf(Instant $instant): string
    {
        return $instant->utc->setTimezone(self::zone())->format('T');
    }

    /** As it is typed: "14 May 2026, 09:12:33", in the office's zone, with the zone's name where the hour comes twice. */
    public static function input(Instant $instant): string
    {
        $text = $instant->utc->setTimezone(self::zone())->format('j M Y, H:i:s');

        return count(self::read($text)) > 1 ? $text.' '.self::zoneOf($instant) : $text;
    }

    /**
     * The last microsecond of the day, minute or second that was given, so that what happened within it counts. An hour that comes
     * twice, when clocks are put back, gives both, unless the zone's short name behind it chooses; one that is left out gives
     * none, as does what is no such time.
     *
     * Read are days and times as people write them ("14 May 2026, 09:12", "14.05.2026", "14.5.2026 09:12") and as machines do
     * ("2026-05-14T09:12+02:00", "2026-05-14T07:12:33Z").
     *
     * @return list<Instant> in order
     */
    public static function read(string $text): array
    {
        $absolute = self::absolute(trim($text));
        if ($absolute !== null) {
            return [$absolute];
        }
        $zone = preg_match('/^(.*\S)\s+([A-Z]{2,5})$/uD', trim($text), $m) === 1 ? $m[2] : null;
        $wall = self::wall($zone === null ? trim($text) : $m[1]);
        if ($wall === null) {
            return [];
        }
        $found = [];
        $near = self::zone()->getTransitions($wall->getTimestamp() - 172_800, $wall->getTimestamp() + 172_800) ?: [];
        foreach (array_unique(array_column($near, 'offset')) as $offset) {
            $time = $wall->modify(sprintf('%+d seconds', -$offset))->setTimezone(self::zone());
            if ($time->getOffset() === $offset && ($zone === null || $time->format('T') === $zone)) {
                $found[] = $time;
            }
        }
        sort($found);

        return array_map(Instant::of(...), $found);
    }

    /** A time that says its own distance from UTC (ISO 8601); null where it does not. */
    private static function absolute(string $text): ?Instant
    {
        if (preg_match('/^\d{4}-\d\d-\d\d[T ]\d\d:\d\d(?<seconds>:\d\d)?(?:\.\d{1,6})?(?:Z|[+-]\d\d:?\d\d)$/D', $text, $m) !== 1) {
            return null;
        }
        $form = 'Y-m-d\TH:i'.(($m['seconds'] ?? '') === '' ? '' : ':s').(str_contains($text, '.') ? '.u' : '').'P';
        $time = DateTimeImmutable::createFromFormat("!$form", str_replace(' ', 'T', $text));
        $faults = DateTimeImmutable::getLastErrors();
        if ($time === false || ($faults !== false && $faults['warning_count'] > 0)) {
            return null;
        }

        return Instant::of(match (true) {
            str_contains($text, '.') => $time,
            ($m['seconds'] ?? '') !== '' => $time->modify('+999999 microseconds'),
            default => $time->modify('+59999999 microseconds'),
        });
    }

    /** As it stands on a clock, written as if in UTC; null where it is no such time. */
    private static function wall(string $text): ?DateTimeImmutable
    {
        foreach (str_contains($text, "\0") ? [] : self::FORMS as $form => $last) {
            $time = DateTimeImmutable::createFromFormat('!'.$form, $text, new DateTimeZone('UTC'));
            $faults = DateTimeImmutable::getLastErrors();
            if ($time !== false && ($faults === false || $faults['warning_count'] === 0)) {
                return $time->modify($last);
            }
        }

        return null;
    }
}
