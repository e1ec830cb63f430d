<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** A change to a sheet that mends a finding. */
final readonly class Mend
{
    /**
     * @param  string  $label  what pressing it does, such as "Remove the field"
     * @param  string  $place  a path in the sheet's document
     * @param  mixed  $value  the new value; null takes the place away
     */
    public function __construct(public string $label, public string $place, public mixed $value) {}
}
