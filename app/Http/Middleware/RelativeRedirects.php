<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Redirects within the application name no scheme and no host, so that they hold whatever stands in front (RFC 9110 section 10.2.2). */
final class RelativeRedirects
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $location = (string) $response->headers->get('Location');
        foreach ([$request->getSchemeAndHttpHost(), rtrim((string) config('app.url'), '/')] as $root) {
            if ($location === $root || str_starts_with($location, $root.'/')) {
                $response->headers->set('Location', substr($location, strlen($root)) ?: '/');
            }
        }

        return $response;
    }
}
