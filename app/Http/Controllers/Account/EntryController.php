<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\EntryLinks;
use App\Actions\Account\NewPassword;
use App\Actions\Signup\CameFrom;
use App\Http\LinkCookie;
use App\Http\RefusedAnswer;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Juramen\Canon\Refused;

/** The page behind the link of an invitation or of a forgotten password. Its secret leaves the address bar at once. */
final class EntryController
{
    public function __construct(private readonly EntryLinks $links) {}

    public function open(string $token): RedirectResponse
    {
        return LinkCookie::Enter->keep($token);
    }

    public function show(Request $request): View|Response
    {
        $link = $this->links->find(LinkCookie::Enter->token($request));

        return $link === null ? response()->view('account.link-over', [], 404) : view('account.enter', ['user' => $link->user, 'kind' => $link->kind->value]);
    }

    public function set(Request $request): RedirectResponse
    {
        if (! CameFrom::ours($request, (string) config('app.url'))) {
            return redirect()->route('enter')->withErrors(['new' => 'This was not sent from our own page. Send it once more from here.']);
        }
        try {
            $new = NewPassword::typed($request->string('new')->toString(), $request->string('again')->toString());
            $this->links->enter(LinkCookie::Enter->token($request), $new);
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('enter'), 'new', $e);
        }

        return redirect()->route('login')->with('said', 'Your password is set. Sign in with it.')->withCookie(LinkCookie::Enter->gone());
    }
}
