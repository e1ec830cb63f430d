<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What every page of the office says of itself; a response that brings a stricter policy keeps it. */
final class OfficeHeaders
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $headers = $response->headers;
        if (! $headers->has('Content-Security-Policy')) {
            $headers->set(
                'Content-Security-Policy',
                "default-src 'none'; style-src 'self'; script-src 'self'; font-src 'self'; img-src 'self' data:; connect-src 'self'; "
                ."frame-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'self'"
            );
        }
        $headers->set('Referrer-Policy', 'no-referrer');
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('Cache-Control', 'no-store');

        return $response;
    }
}
