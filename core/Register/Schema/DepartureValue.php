<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\Place;
use Juramen\Register\Departure;
use Juramen\Register\Rule;

/** A rule of the point's own with its reason; a browser sends the value and the reason, who and when are added. */
final readonly class DepartureValue implements Whole
{
    public function read(mixed $sent, Place $place, Written $written): mixed
    {
        $sent = is_array($sent) ? $sent : [];
        $value = $sent['value'] ?? null;
        $number = Rule::tryFrom($place->last())?->isNumber() === true;

        return [
            'value' => $number ? (is_string($value) && ctype_digit($value) ? (int) $value : $value) : $value === '1',
            'reason' => is_string($sent['reason'] ?? null) ? trim(mb_scrub($sent['reason'], 'UTF-8')) : '',
            'by' => $written->by, 'on' => $written->on->text,
        ];
    }

    public function check(mixed $value, Place $place, string $what): void
    {
        Departure::check($place->last(), $value);
    }
}
