<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\EntryLinks;
use App\Actions\Account\NewPassword;
use App\Actions\Signup\CameFrom;
use App\Http\RefusedAnswer;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Canon\Refused;
use Symfony\Component\HttpFoundation\Cookie;

/** The page behind the link of an invitation or of a forgotten password. Its secret leaves the address bar at once. */
final class EntryController
{
    private const COOKIE = 'enter';

    private const SECONDS = 1800;

    public function __construct(private readonly EntryLinks $links) {}

    public function open(Request $request, string $token): RedirectResponse
    {
        return redirect()->route('enter', [], 303)->withCookie($this->cookie($request, $token, time() + self::SECONDS));
    }

    public function show(Request $request): View|Response
    {
        $link = $this->links->find(self::token($request));

        return $link === null ? response()->view('account.link-over', [], 404) : view('account.enter', ['user' => $link->user, 'kind' => $link->kind->value]);
    }

    public function set(Request $request): RedirectResponse
    {
        if (! CameFrom::ours($request, (string) config('app.url'))) {
            return redirect()->route('enter')->withErrors(['new' => 'This was not sent from our own page. Send it once more from here.']);
        }
        try {
            $new = NewPassword::typed($request->string('new')->toString(), $request->string('again')->toString());
            $this->links->enter(self::token($request), $new);
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('enter'), 'new', $e);
        }

        return redirect()->route('login')->with('said', 'Your password is set. Sign in with it.')->withCookie($this->cookie($request, '', 1));
    }

    private static function token(Request $request): string
    {
        $token = $request->cookies->get(self::COOKIE);

        return is_string($token) ? $token : '';
    }

    private function cookie(Request $request, string $token, int $until): Cookie
    {
        return Cookie::create(self::COOKIE)->withValue($token)->withExpires($until)->withPath('/enter')->withSecure($request->isSecure())
            ->withHttpOnly()->withSameSite(Cookie::SAMESITE_LAX);
    }
}
