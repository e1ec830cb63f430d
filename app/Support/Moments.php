<?php

declare(strict_types=1);

namespace App\Support;

use DateTimeImmutable;
use DateTimeZone;
use Juramen\Canon\Instant;

/** Times as the office reads and writes them: in its own zone, which always stands beside them. */
final class Moments
{
    public static function zone(): DateTimeZone
    {
        return new DateTimeZone(config('juramen.timezone'));
    }

    /** "14 May 2026, 09:12:33 CEST" */
    public static function exact(Instant $instant): string
    {
        return $instant->utc->setTimezone(self::zone())->format('j M Y, H:i:s T');
    }

    /** For an input of type datetime-local, to the second. */
    public static function input(Instant $instant): string
    {
        return $instant->utc->setTimezone(self::zone())->format('Y-m-d\TH:i:s');
    }

    /** The end of the minute or second that was given, so that what happened within it counts; null where it is no such time. */
    public static function parse(string $text): ?Instant
    {
        foreach (['Y-m-d\TH:i:s' => '.999999', 'Y-m-d\TH:i' => ':59.999999', 'Y-m-d' => 'T23:59:59.999999'] as $form => $end) {
            $time = DateTimeImmutable::createFromFormat('!'.$form, $text, self::zone());
            if ($time !== false && $time->format($form) === $text) {
                $whole = DateTimeImmutable::createFromFormat('Y-m-d\TH:i:s.u', $text.$end, self::zone());

                return $whole === false ? null : Instant::of($whole);
            }
        }

        return null;
    }
}
