<?php

declare(strict_types=1);

namespace App\Http;

use App\Support\VisitorPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Juramen\Register\Language;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * Carries the secret of a mail's link from the address that was opened to the page without it: for half an hour, to that page only, out of
 * reach of scripts. A page that is loaded anew, as phones do with tabs, still knows what it is about.
 */
enum LinkCookie: string
{
    case Confirm = 'confirm';
    case Withdraw = 'withdraw';
    case NotTheirs = 'not-theirs';
    case Details = 'details';
    /** For whoever works here: an invitation, or a forgotten password. */
    case Enter = 'enter';

    private const SECONDS = 1800;

    /** Says in the address that a link led here, for whoever's browser keeps no cookie. */
    private const OPENED = 'opened';

    public function keep(string $token): RedirectResponse
    {
        return redirect()->route($this->value, [self::OPENED => '1'], 303)->withCookie($this->cookie($token, time() + self::SECONDS));
    }

    /** What makes a browser forget it. */
    public function gone(): Cookie
    {
        return $this->cookie('', 1);
    }

    private function cookie(string $token, int $until): Cookie
    {
        return Cookie::create($this->value)->withValue($token)->withExpires($until)->withPath("/$this->value")
            ->withSecure(request()->isSecure())->withHttpOnly()->withSameSite(Cookie::SAMESITE_LAX);
    }

    /** The page for whoever comes without a link that is ours. */
    public static function unknown(Request $request): Response
    {
        $lost = $request->query(self::OPENED) === '1' && $request->isMethodSafe();

        return VisitorPage::respond(
            Language::preferred((string) $request->header('Accept-Language'), Language::cases()), 'ending', ['page' => $lost ? 'no-cookie' : 'bad-link'],
            status: $lost ? 200 : 404
        );
    }

    /** The token that was kept; nothing where none was. */
    public function token(Request $request): string
    {
        $token = $request->cookies->get($this->value);

        return is_string($token) ? $token : '';
    }
}
