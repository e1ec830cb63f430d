<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;

/** Short names in a line of text, with spaces or commas between: "harbour-poster ticket-mail". Each is kept once. */
final readonly class Marks implements ValueType
{
    private const MOST = 30;

    /** @return list<string> */
    public function read(mixed $sent, Place $place, Written $written): array
    {
        $marks = preg_split('/[\s,;]+/u', is_string($sent) ? mb_strtolower(mb_scrub($sent, 'UTF-8')) : '', -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_values(array_unique($marks));
    }

    public function check(mixed $value, Place $place, string $what): void
    {
        (new Some(TextForm::Slug))->check($value, $place, $what);
        if (is_array($value) && count($value) > self::MOST) {
            throw Refused::because(DraftRefusal::TooMany, what: $what, most: self::MOST);
        }
    }
}
