<?php

declare(strict_types=1);

namespace App\Http\Controllers\Office;

use App\Actions\Account\SecondFactor;
use App\Actions\Account\SignIn;
use App\Actions\ActRefusal;
use App\Actions\Ledger\LedgerTables;
use App\Actions\Signup\CameFrom;
use App\Http\HalfEntry;
use App\Models\User;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

/** Signing in and out of the office. */
final class LoginController
{
    public function show(Request $request, LedgerTables $ledger): View
    {
        return view('office.login', ['to' => self::within($request->query('to')), 'checkpoint' => $ledger->newestCheckpoint()]);
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
        if ($user->asksForCode()) {
            HalfEntry::begin($request->session(), $user, $to);

            return redirect()->route('login.code');
        }

        return $this->in($request, $signIn, $user, $to);
    }

    /** The second step: the code of the app. */
    public function code(Request $request): View|RedirectResponse
    {
        return HalfEntry::of($request->session()) === null ? redirect()->route('login') : view('office.code');
    }

    public function prove(Request $request, SecondFactor $factor, SignIn $signIn): RedirectResponse
    {
        $half = HalfEntry::of($request->session());
        $user = $half?->user();
        if ($half === null || $user === null) {
            return redirect()->route('login')->withErrors(['email' => 'That took more than five minutes. Sign in once more.']);
        }
        if (! $factor->admits($user, mb_substr($request->string('code')->toString(), 0, 60))) {
            $signIn->refused($user);

            return redirect()->route('login.code')->withErrors(['code' => ActRefusal::CodeWrong->words()]);
        }
        HalfEntry::end($request->session());

        return $this->in($request, $signIn, $user, $half->to);
    }

    private function in(Request $request, SignIn $signIn, User $user, string $to): RedirectResponse
    {
        Auth::login($user);
        $request->session()->regenerate();
        $signIn->entered($user);

        return redirect($to);
    }

    public function leave(Request $request, SignIn $signIn): RedirectResponse
    {
        $signIn->left(SignedIn::user($request));
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
