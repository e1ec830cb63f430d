<?php

declare(strict_types=1);

namespace Juramen\Screening\Alike;

/** How an address or a name is built, without what it says. */
final class AddressPattern
{
    /** "jo.hn42" is "a.a0 2": letters and digits in their order, however many, and how long it is, roughly. */
    public static function of(string $local): string
    {
        return (string) preg_replace(['/\p{L}+/u', '/\d+/'], ['a', '0'], $local).' '.intdiv(mb_strlen($local), 3);
    }
}
