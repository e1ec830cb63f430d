<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\ChangePassword;
use App\Actions\Account\NewPassword;
use App\Actions\Account\SecondFactor;
use App\Actions\Account\Sessions;
use App\Actions\ActRefusal;
use App\Http\RefusedAnswer;
use App\Models\Act;
use App\Models\User;
use App\Pages\Account\ActNames;
use App\Pages\Account\ActRow;
use App\Queries\Account\ListActs;
use App\Support\SignedIn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Crypt;
use Illuminate\View\View;
use Juramen\Access\OneTimeCodes;
use Juramen\Canon\Base32;
use Juramen\Canon\Refused;

/** One's own account: password, second factor and sessions. */
final class AccountController
{
    /** Where the session keeps a secret that is not in use yet, encrypted. */
    private const SECRET = 'code-secret';

    public function __construct(private readonly Sessions $sessions) {}

    public function show(Request $request, SecondFactor $factor, ListActs $acts, ActNames $names): View
    {
        $user = SignedIn::user($request);

        return view('account.show', [
            'sessions' => $this->sessions->of($user, $request->session()->getId()), 'left' => $factor->left($user),
            'acts' => array_map(static fn (Act $act): ActRow => ActRow::of($act, $names, $user), $acts->newestOf($user)),
        ]);
    }

    public function password(Request $request, ChangePassword $change): RedirectResponse
    {
        [$current, $new, $again] = array_map(static fn (string $field): string => $request->string($field)->toString(), ['current', 'new', 'again']);
        try {
            $change(SignedIn::user($request), $current, NewPassword::typed($new, $again), $request->session()->getId());
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('account'), $e->isFor(ActRefusal::PasswordWrong) ? 'current' : 'new', $e);
        }
        $request->session()->regenerate();

        return redirect()->route('account')->with('said', 'Your password is changed. Every other session of yours is ended.');
    }

    /** A secret to be taken over by an app; it is in use only once a code shows that it was. */
    public function codes(Request $request): View|RedirectResponse
    {
        $user = SignedIn::user($request);
        if ($user->asksForCode()) {
            return redirect()->route('account');
        }
        $secret = $request->session()->get(self::SECRET);
        if (! is_string($secret)) {
            $secret = Crypt::encryptString(Base32::encode(OneTimeCodes::withNewSecret()->secret()));
            $request->session()->put(self::SECRET, $secret);
        }
        $codes = new OneTimeCodes(Base32::decode(Crypt::decryptString($secret)));

        return view('account.codes', [
            'address' => $codes->address('Juramen', $user->email), 'secret' => chunk_split(Base32::encode($codes->secret()), 4, ' '),
        ]);
    }

    public function begin(Request $request, SecondFactor $factor, ChangePassword $password): View|RedirectResponse
    {
        $user = SignedIn::user($request);
        $secret = $request->session()->get(self::SECRET);
        if ($user->asksForCode() || ! is_string($secret)) {
            return redirect()->route('account');
        }
        try {
            $password->check($user, $request->string('current')->toString());
            $recovery = $factor->begin($user, Crypt::decryptString($secret), $request->string('code')->toString());
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('account.codes'), $e->isFor(ActRefusal::PasswordWrong) ? 'current' : 'code', $e);
        }
        $request->session()->forget(self::SECRET);
        $this->sessions->endOthers($user, $request->session()->getId());

        return view('account.recovery', ['codes' => $recovery]);
    }

    public function renew(Request $request, SecondFactor $factor, ChangePassword $password): View|RedirectResponse
    {
        return $this->withPassword($request, $password, static function (User $user) use ($factor): View|RedirectResponse {
            $codes = $factor->renew($user);

            return $codes === [] ? redirect()->route('account') : view('account.recovery', ['codes' => $codes]);
        });
    }

    public function endCodes(Request $request, SecondFactor $factor, ChangePassword $password): View|RedirectResponse
    {
        return $this->withPassword($request, $password, static function (User $user) use ($factor): RedirectResponse {
            $factor->end($user);

            return redirect()->route('account')->with('said', 'No code is asked for any more when you sign in.');
        });
    }

    /** @param  callable(User): (View|RedirectResponse)  $do */
    private function withPassword(Request $request, ChangePassword $password, callable $do): View|RedirectResponse
    {
        $user = SignedIn::user($request);
        try {
            $password->check($user, $request->string('current')->toString());
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('account'), 'end-current', $e);
        }

        return $do($user);
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
