<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\Id;
use Juramen\Canon\MacRing;

/** The address to which a mail comes back that could not be delivered: it names the journey, so that nobody else's report moves it. */
final class ReturnPath
{
    private const PURPOSE = 'return';

    private const PREFIX = 'r-';

    /** At most 63 octets to the left of the @, within RFC 5321 section 4.5.3.1.1. */
    public static function address(Id $journey, string $domain, MacRing $keys): string
    {
        return self::PREFIX.$keys->sealFolded(self::PURPOSE, $journey->bytes).'@'.$domain;
    }

    /** The journey that an address names; null where it is none of ours. */
    public static function open(string $address, MacRing $keys): ?Id
    {
        $local = substr($address, 0, (int) strrpos($address, '@'));
        $bytes = stripos($local, self::PREFIX) === 0 ? $keys->openFolded(self::PURPOSE, substr($local, strlen(self::PREFIX))) : null;

        return $bytes !== null && strlen($bytes) === 16 ? Id::fromBytes($bytes) : null;
    }
}
