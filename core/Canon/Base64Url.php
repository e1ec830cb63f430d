<?php

declare(strict_types=1);

namespace Juramen\Canon;

use InvalidArgumentException;

/** Base64 with the URL-safe alphabet and no padding (RFC 4648 section 5; RFC 7515 appendix C). */
final class Base64Url
{
    public static function encode(string $bytes): string
    {
        return rtrim(strtr(base64_encode($bytes), '+/', '-_'), '=');
    }

    /** @throws InvalidArgumentException where the text is not the one encoding of its bytes */
    public static function decode(string $text): string
    {
        $bytes = base64_decode(strtr($text, '-_', '+/'), true);
        if ($bytes === false || self::encode($bytes) !== $text) {
            throw new InvalidArgumentException('This is not base64url without padding.');
        }

        return $bytes;
    }
}
