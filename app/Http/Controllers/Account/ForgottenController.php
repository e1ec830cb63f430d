<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\ForgottenPassword;
use App\Actions\Signup\CameFrom;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** A forgotten password: whoever asks gets the same answer. */
final class ForgottenController
{
    public function show(Request $request): View
    {
        return view('account.forgotten', ['asked' => $request->query('asked') === '1']);
    }

    public function ask(Request $request, ForgottenPassword $forgotten): RedirectResponse
    {
        $email = $request->string('email')->toString();
        $wrong = match (true) {
            ! CameFrom::ours($request, (string) config('app.url')) => 'This was not sent from our own page, or your browser does not say so.'
                .' Send it once more from here.',
            trim($email) === '' => 'Give the email address with which you sign in.',
            mb_strlen($email) > 254 => 'An email address has at most 254 characters.',
            default => null,
        };
        if ($wrong !== null) {
            return redirect()->route('forgotten')->withInput(['email' => mb_substr($email, 0, 254)])->withErrors(['email' => $wrong]);
        }
        $forgotten($email);

        return redirect()->route('forgotten', ['asked' => '1']);
    }
}
