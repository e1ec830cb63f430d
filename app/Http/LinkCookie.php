<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * Carries the secret of a mail's link from the address that was opened to the page without it: for half an hour, to that page only, out of
 * reach of scripts. A page that is loaded anew, as phones do with tabs, still knows what it is about.
 */
enum LinkCookie: string
{
    case Confirm = 'confirm';
    case Withdraw = 'withdraw';

    private const SECONDS = 1800;

    public function keep(string $token): RedirectResponse
    {
        $cookie = Cookie::create($this->value)->withValue($token)->withExpires(time() + self::SECONDS)->withPath("/$this->value")
            ->withSecure(request()->isSecure())->withHttpOnly()->withSameSite(Cookie::SAMESITE_LAX);

        return redirect()->route($this->value, [], 303)->withCookie($cookie);
    }

    /** The token that was kept; nothing where none was. */
    public function token(Request $request): string
    {
        $token = $request->cookies->get($this->value);

        return is_string($token) ? $token : '';
    }
}
