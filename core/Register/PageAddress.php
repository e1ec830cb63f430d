<?php

declare(strict_types=1);

namespace Juramen\Register;

/** The address behind a link, as somebody wrote it. None is fetched. */
final class PageAddress
{
    /** The hosts are those of RFC 2606, and what people write who do not know theirs. */
    private const PLACEHOLDER =
        '~^(?:(?:javascript|about|mailto|tel|sms|file|data):|(?:undefined|null|none)$|https?:/*$|\.?/(?:#.*)?$)|%[A-Z_]{3,}%|[\[\]{}<>]|to-?do|x{3,}'
        .'|your-?(?:site|website|domain|company|link|url|privacy)|link-?here|insert|platzhalter|placeholder'
        .'|^(?:https?:)?//(?:www\.)?(?:example\.(?:com|org|net)|domain\.tld|localhost|website\.com)(?:[/:?#]|$)~i';

    /**
     * Whether it leads to a page: not empty, "#", a script, a mail, a file of somebody's own, or a placeholder that somebody forgot, as the start page
     * alone is one.
     */
    public static function leadsSomewhere(string $address): bool
    {
        $address = trim($address);

        return $address !== '' && ! str_starts_with($address, '#') && preg_match(self::PLACEHOLDER, $address) !== 1;
    }

    /** Whether it also is a whole address of the web, as a form of ours must have it. */
    public static function isWhole(string $address): bool
    {
        return self::leadsSomewhere($address) && preg_match('~^https?://[^\s"<>/.]+\.[^\s"<>]+$~D', trim($address)) === 1;
    }
}
