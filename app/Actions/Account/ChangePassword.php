<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Models\ActKind;
use App\Models\User;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Refused;
use SensitiveParameter;

/** Somebody takes another password. Every other session of theirs ends. */
final class ChangePassword
{
    public function __construct(private readonly Hasher $hasher, private readonly Sessions $sessions, private readonly ActLog $log) {}

    /**
     * @param  string  $session  id of the one that stays
     *
     * @throws Refused where the password now is another, or the new one is the same
     */
    public function __invoke(User $user, #[SensitiveParameter] string $current, NewPassword $new, string $session): void
    {
        $this->check($user, $current);
        if ($new->text === $current) {
            throw Refused::because(ActRefusal::PasswordSame);
        }
        DB::transaction(function () use ($user, $new, $session): void {
            User::query()->whereKey($user->id)->lockForUpdate()->firstOrFail()->update(['password' => $new->text]);
            $this->sessions->endOthers($user, $session);
            $this->log->write($user, ActKind::SetPassword);
        }, 3);
    }

    /** @throws Refused where this is not their password */
    public function check(User $user, #[SensitiveParameter] string $current): void
    {
        if ($user->password === null || ! $this->hasher->check($current, $user->password)) {
            throw Refused::because(ActRefusal::PasswordWrong);
        }
    }
}
