<?php

declare(strict_types=1);

namespace Juramen\Register;

/** Network addresses are kept truncated or not at all. Source: GDPR Art. 5(1)(c), 25. */
final class Network
{
    /** Networks that no address of the public internet lies in. Source: the IANA registries of special-purpose addresses, RFC 6890, RFC 9637 */
    private const SPECIAL = [
        '0.0.0.0/8', '10.0.0.0/8', '100.64.0.0/10', '127.0.0.0/8', '169.254.0.0/16', '172.16.0.0/12', '192.0.0.0/24', '192.0.2.0/24', '192.88.99.0/24',
        '192.168.0.0/16', '198.18.0.0/15', '198.51.100.0/24', '203.0.113.0/24', '224.0.0.0/3', '2001::/23', '2001:db8::/32', '2002::/16', '3fff::/20',
    ];

    /** What the public internet has of IPv6. */
    private const GLOBAL = '2000::/3';

    /** "203.0.113.77" to "203.0.113.0/24", an IPv6 address to its /48; null where it is neither. */
    public static function truncate(string $address): ?string
    {
        $bytes = @inet_pton($address);
        if ($bytes === false) {
            return null;
        }
        if (strlen($bytes) === 16 && str_starts_with($bytes, "\0\0\0\0\0\0\0\0\0\0\xff\xff")) {
            $bytes = substr($bytes, 12);
        }
        $keep = strlen($bytes) === 4 ? 3 : 6;
        $text = inet_ntop(str_pad(substr($bytes, 0, $keep), strlen($bytes), "\0"));

        return $text === false ? null : $text.'/'.($keep * 8);
    }

    /** Whether an address lies on the public internet, and so in nobody's own network. What is no address does not. */
    public static function isPublic(string $address): bool
    {
        $bytes = @inet_pton($address);
        if ($bytes === false) {
            return false;
        }
        // An IPv4 address that was written as one of IPv6 leads where the IPv4 address leads.
        $bytes = str_starts_with($bytes, "\0\0\0\0\0\0\0\0\0\0\xff\xff") && strlen($bytes) === 16 ? substr($bytes, 12) : $bytes;
        if (strlen($bytes) === 16 && ! self::liesIn($bytes, self::GLOBAL)) {
            return false;
        }

        return array_filter(self::SPECIAL, static fn (string $network): bool => self::liesIn($bytes, $network)) === [];
    }

    private static function liesIn(string $bytes, string $network): bool
    {
        [$of, $bits] = explode('/', $network);
        $base = (string) inet_pton($of);
        if (strlen($base) !== strlen($bytes)) {
            return false;
        }
        [$whole, $rest] = [intdiv((int) $bits, 8), (int) $bits % 8];
        $mask = 0xFF00 >> $rest & 0xFF;

        return substr($base, 0, $whole) === substr($bytes, 0, $whole)
            && ($rest === 0 || (ord($base[$whole]) & $mask) === (ord($bytes[$whole]) & $mask));
    }
}
