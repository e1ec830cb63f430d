<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Support\LedOn;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What every public page says of itself: nothing from elsewhere, no referrer, not kept. */
final class PublicHeaders
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $headers = $response->headers;
        $origins = $request->attributes->get(LedOn::ORIGINS, []);
        $action = implode(' ', ["'self'", ...is_array($origins) ? array_filter($origins, is_string(...)) : []]);
        $headers->set(
            'Content-Security-Policy',
            "default-src 'none'; style-src 'self'; script-src 'self'; font-src 'self'; img-src 'self'; form-action $action; "
            ."base-uri 'none'; frame-ancestors 'none'"
        );
        // A form says to us from where it is sent, and to nobody else; pages behind a mail's link say nothing to anybody.
        $headers->set('Referrer-Policy', $request->is('forms/*') ? 'same-origin' : 'no-referrer');
        $headers->set('X-Content-Type-Options', 'nosniff');
        if (! $headers->hasCacheControlDirective('max-age')) {
            $headers->set('Cache-Control', 'no-store');
        }

        return $response;
    }
}
