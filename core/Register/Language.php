<?php

declare(strict_types=1);

namespace Juramen\Register;

/** A language in which a form can be shown; values are BCP 47 tags. */
enum Language: string
{
    case English = 'en';
    case German = 'de';
    case French = 'fr';
    case Swedish = 'sv';
    case Danish = 'da';

    /** The language's own name for itself. */
    public function endonym(): string
    {
        return match ($this) {
            self::English => 'English',
            self::German => 'Deutsch',
            self::French => 'Français',
            self::Swedish => 'Svenska',
            self::Danish => 'Dansk',
        };
    }

    /** All of them by their own names, in a sentence. */
    public static function list(): string
    {
        $names = array_map(static fn (self $l): string => $l->endonym(), self::cases());
        $last = array_pop($names);

        return implode(', ', $names)." and $last";
    }

    /**
     * Which of the offered languages a browser prefers.
     *
     * @param  string  $accept  an Accept-Language header (RFC 9110 section 12.5.4); may be empty or malformed
     * @param  non-empty-list<self>  $offered  the first is taken where nothing fits
     */
    public static function preferred(string $accept, array $offered): self
    {
        $best = [$offered[0], 0.0];
        foreach (explode(',', substr($accept, 0, 500)) as $part) {
            if (preg_match('/^\s*([a-zA-Z]{1,8})(?:-[a-zA-Z0-9-]+)?\s*(?:;\s*q\s*=\s*([01](?:\.\d{0,3})?))?\s*$/', $part, $m) !== 1) {
                continue;
            }
            $language = self::tryFrom(strtolower($m[1]));
            $weight = (float) ($m[2] ?? 1);
            if ($language !== null && in_array($language, $offered, true) && $weight > $best[1]) {
                $best = [$language, $weight];
            }
        }

        return $best[0];
    }
}
