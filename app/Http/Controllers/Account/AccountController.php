<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\Sessions;
use App\Support\SignedIn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\View\View;

/** One's own account: password and sessions. */
final class AccountController
{
    public function __construct(private readonly Sessions $sessions) {}

    public function show(Request $request): View
    {
        return view('account.show', ['sessions' => $this->sessions->of(SignedIn::user($request), $request->session()->getId())]);
    }

    public function password(Request $request): RedirectResponse
    {
        $given = $request->validate(['current' => 'required|string|max:200', 'new' => 'required|string|min:12|max:200|different:current'], [
            'new.min' => 'A password has at least 12 characters; a sentence is a good one.', 'new.different' => 'The new password is the old one.',
        ]);
        $user = SignedIn::user($request);
        if (! Hash::check($given['current'], $user->password)) {
            return back()->withErrors(['current' => 'This is not your password.']);
        }
        $user->forceFill(['password' => $given['new']])->save();
        $this->sessions->endOthers($user, $request->session()->getId());
        $request->session()->regenerate();

        return redirect()->route('account')->with('said', 'Your password is changed. Every other session of yours is ended.');
    }

    public function end(Request $request): RedirectResponse
    {
        $ended = $this->sessions->end(SignedIn::user($request), $request->session()->getId(), $request->string('session')->toString());

        return redirect()->route('account')->with('said', $ended ? 'That session is ended.' : 'There was no such session any more.');
    }

    /** A page that outlived its session takes the new one's token from here. */
    public function token(): JsonResponse
    {
        return response()->json(['token' => csrf_token()]);
    }
}
