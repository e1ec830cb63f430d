<?php

declare(strict_types=1);

namespace Juramen\Register\Schema;

use Juramen\Canon\Place;
use Juramen\Canon\Refused;

/** What may stand in a place: how it comes from a browser, and what it must be to be written. */
interface ValueType
{
    /**
     * The value that was meant by what a browser sent; not checked yet.
     *
     * @param  mixed  $sent  a text, a list of texts, or texts by name
     */
    public function read(mixed $sent, Place $place, Written $written): mixed;

    /**
     * @param  string  $what  names the place in messages: "the title"
     *
     * @throws Refused
     */
    public function check(mixed $value, Place $place, string $what): void;
}
