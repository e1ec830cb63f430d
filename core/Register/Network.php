<?php

declare(strict_types=1);

namespace Juramen\Register;

/** Network addresses are kept truncated or not at all. Source: GDPR Art. 5(1)(c), 25. */
final class Network
{
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
}
