<?php

declare(strict_types=1);

namespace App\Pages\Registers;

use Juramen\Canon\Place;
use Juramen\Register\Language;
use Juramen\Wording\MailPart;

/** Places of a register's document in words: "texts/de" is "Deutsch", "lapse-days" is "Lapse days". */
final class PlaceNames
{
    public static function of(Place $place): string
    {
        $language = Language::tryFrom($place->last());
        $what = ucfirst(strtr($place->first(), '-', ' '));

        $part = $place->first() === 'parts' ? MailPart::tryFrom($place->steps[1] ?? '') : null;

        return match (true) {
            $part !== null => $part->title().($language === null ? '' : ", {$language->endonym()}"),
            $language !== null && $place->first() === 'texts' => $language->endonym(),
            $language !== null => "$what, {$language->endonym()}",
            default => ucfirst(implode(', ', array_map(static fn (string $step): string => strtr($step, '-', ' '), $place->steps))),
        };
    }

    /** Whether what stands there is read by people who are asked. */
    public static function isWording(Place $place): bool
    {
        return in_array($place->first(), ['texts', 'parts'], true);
    }
}
