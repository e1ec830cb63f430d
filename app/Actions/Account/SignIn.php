<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\ActLog;
use App\Models\ActKind;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Support\Timebox;

/**
 * Whether an address and a password fit together. Whoever asks learns nothing else: one hash is computed whether or not the address
 * is known, and the answer comes after the same time.
 */
final class SignIn
{
    private const MICROSECONDS = 300_000;

    public function __construct(
        private readonly Hasher $hasher, private readonly Timebox $timebox, private readonly ActLog $log, private readonly SystemClock $clock
    ) {}

    public function __invoke(string $email, #[\SensitiveParameter] string $password): ?User
    {
        return $this->timebox->call(function (Timebox $timebox) use ($email, $password): ?User {
            $user = User::query()->where('email', self::fold($email))->first();
            $fits = $this->hasher->check($password, $user->password ?? $this->nobody());
            if ($user === null || ! $fits || $user->hasEnded()) {
                if ($user !== null) {
                    $this->log->write(null, ActKind::SignInRefused, (string) $user->id, 'password');
                }

                return null;
            }
            $timebox->returnEarly();

            return $user;
        }, self::MICROSECONDS);
    }

    /** That somebody came in, with all that is asked of them. */
    public function entered(User $user): void
    {
        $user->update(['signed_in_at' => $this->clock->instant()]);
        $this->log->write($user, ActKind::SignedIn, detail: $user->asksForCode() ? 'with a code' : '');
    }

    /** That the password fitted and the code did not. */
    public function refused(User $user): void
    {
        $this->log->write(null, ActKind::SignInRefused, (string) $user->id, 'code');
    }

    public function left(User $user): void
    {
        $this->log->write($user, ActKind::SignedOut);
    }

    /** As addresses of accounts are kept and compared. */
    public static function fold(string $email): string
    {
        return mb_strtolower(trim($email));
    }

    /** A hash that no password has, made with the cost of all others. */
    private function nobody(): string
    {
        $set = config('hashing.bcrypt.rounds', 12);
        $rounds = sprintf('%02d', is_numeric($set) ? (int) $set : 12);

        return '$2y$'.$rounds.'$'.str_repeat('.', 21).'u'.str_repeat('.', 30).'u';
    }
}
