<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** Whether a page is asked for by somebody who looks at it, as far as the request says: programs that fetch ahead or preview links are not counted. */
final class People
{
    private const PROGRAMS = '/bot|crawl|spider|preview|prefetch|scan|monitor|fetch|slurp|headless|curl|wget|python|java\/|go-http|libwww|http-client/i';

    public static function looksLikeOne(Request $request): bool
    {
        $purpose = implode(' ', array_map(
            static fn (string $header): string => (string) $request->header($header), ['Sec-Purpose', 'Purpose', 'X-Purpose', 'X-Moz']
        ));
        $agent = (string) $request->userAgent();

        return $request->isMethod('GET') && preg_match('/prefetch|prerender|preview/i', $purpose) !== 1 && $agent !== ''
            && preg_match(self::PROGRAMS, $agent) !== 1 && str_contains((string) $request->header('Accept'), 'text/html')
            && (string) $request->header('Accept-Language') !== '';
    }
}
