<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Account\SignIn;
use App\Actions\Signup\CameFrom;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

/** Signing in and out of the office. */
final class LoginController
{
    public function show(Request $request): View
    {
        return view('office.login', ['to' => self::within($request->query('to'))]);
    }

    public function enter(Request $request, SignIn $signIn): RedirectResponse
    {
        $to = self::within($request->post('to'));
        [$email, $password] = [$request->string('email')->toString(), $request->string('password')->toString()];
        $wrong = match (true) {
            ! CameFrom::ours($request, (string) config('app.url')) => 'This was not sent from our own page, or your browser does not say so.'
                .' Sign in once more from here.',
            $email === '' || $password === '' => 'Give both your email address and your password.',
            mb_strlen($email) > 254 || mb_strlen($password) > 200 => 'An email address has at most 254 characters, a password 200.',
            default => null,
        };
        $user = $wrong === null ? $signIn($email, $password) : null;
        if ($user === null) {
            return redirect()->route('login', $to === '/' ? [] : ['to' => $to])->withInput(['email' => mb_substr($email, 0, 254)])
                ->withErrors(['email' => $wrong ?? 'This email address and password do not fit together. Check both; capitals count in the password.']);
        }
        Auth::login($user);
        $request->session()->regenerate();

        return redirect($to);
    }

    public function leave(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('login');
    }

    /** A page of ours to go on to; the start where something else is asked for. */
    private static function within(mixed $to): string
    {
        return is_string($to) && preg_match('~^/(?![/\\\\])[A-Za-z0-9/_?=&%.\-]{0,300}$~D', $to) === 1 && $to !== '/login' ? $to : '/';
    }
}
