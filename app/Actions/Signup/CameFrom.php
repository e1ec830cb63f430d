<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Illuminate\Http\Request;

/**
 * From whose page a form was sent, as the browser says: pages cannot set these headers. Only what the browser says came from our own
 * origin did; where it says nothing, nobody knows. Source: Fetch Metadata Request Headers; the Fetch Standard's Origin.
 */
final class CameFrom
{
    /** @param  string  $url  the address under which we are reached */
    public static function ours(Request $request, string $url): bool
    {
        $site = $request->headers->get('Sec-Fetch-Site');

        return $site !== null ? $site === 'same-origin' : self::origin((string) $request->headers->get('Origin')) === self::origin($url);
    }

    /** Scheme, host and port; empty where it is none. */
    private static function origin(string $url): string
    {
        $parts = parse_url($url);
        if (! is_array($parts) || ! isset($parts['scheme'], $parts['host'])) {
            return '';
        }
        $port = $parts['port'] ?? ['http' => 80, 'https' => 443][$parts['scheme']] ?? 0;

        return strtolower("{$parts['scheme']}://{$parts['host']}:$port");
    }
}
