<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

/** Signing in and out of the office. */
final class LoginController
{
    public function show(): View
    {
        return view('office.login');
    }

    public function enter(Request $request): RedirectResponse
    {
        $given = $request->validate(['email' => 'required|string|max:254', 'password' => 'required|string|max:200']);
        if (! Auth::attempt($given)) {
            return back()->withInput(['email' => $given['email']])->withErrors(['email' => 'This email address and password do not fit together. Check both; capitals count in the password.']);
        }
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function leave(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('login');
    }
}
