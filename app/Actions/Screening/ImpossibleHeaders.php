<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use Illuminate\Http\Request;

/** What in a request's headers no browser sends with a form. */
final class ImpossibleHeaders
{
    /** @return int how many such things */
    public static function count(Request $request): int
    {
        $header = static fn (string $name): string => trim((string) $request->headers->get($name, ''));
        $accept = $header('Accept');

        return count(array_filter([
            $header('User-Agent') === '',
            $header('Accept-Language') === '',
            $accept === '' || ! str_contains($accept, 'text/html'),
            // A form is sent by going to a page; where a browser says what it does, it says that.
            ! in_array($header('Sec-Fetch-Mode'), ['', 'navigate'], true),
        ]));
    }
}
