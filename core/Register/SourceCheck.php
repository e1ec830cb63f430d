<?php

declare(strict_types=1);

namespace Juramen\Register;

/** How far a legal claim can be relied on, in words that tell a reader what to do with it. All were written down from memory on one day. */
final class SourceCheck
{
    private const WRITTEN = '24 November 2026';

    /** @param  string  $doubt  what of it is least sure; empty where it is well known */
    public static function says(string $doubt = ''): string
    {
        return 'Not checked against the source since '.self::WRITTEN.($doubt === '' ? '.' : "; least sure is $doubt.");
    }
}
