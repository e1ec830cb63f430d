<?php

declare(strict_types=1);

namespace App\Actions\Points;

/** A published point that is to be published again with an approval, as it was looked at. */
final readonly class ChosenPoint
{
    /** @param  string  $looked  names what it would show, see Publication::looked() */
    public function __construct(public string $slug, public string $looked) {}
}
