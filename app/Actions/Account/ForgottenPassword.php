<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\ActLog;
use App\Casts\Instants;
use App\Models\ActKind;
use App\Models\EntryLinkKind;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Timebox;

/** Somebody asks for a new password. Whoever asks learns nothing by it: neither from the answer nor from how long it takes. */
final class ForgottenPassword
{
    private const MICROSECONDS = 200_000;

    /** Seconds within which nothing more is mailed to an account whose last link was not used yet. */
    private const APART = 300;

    public function __construct(
        private readonly EntryLinks $links, private readonly ActLog $log, private readonly SystemClock $clock, private readonly Timebox $timebox
    ) {}

    public function __invoke(string $email): void
    {
        $this->timebox->call(function () use ($email): void {
            DB::transaction(function () use ($email): void {
                $user = User::query()->where('email', SignIn::fold($email))->whereNull('ended_at')->lockForUpdate()->first();
                if ($user === null || $this->wasJustSent($user)) {
                    return;
                }
                $this->log->write(null, ActKind::AskedForPassword, (string) $user->id);
                // Who was invited and never came is invited once more.
                $this->links->send($user, $user->isInvited() ? EntryLinkKind::Invitation : EntryLinkKind::Password);
            }, 3);
        }, self::MICROSECONDS);
    }

    private function wasJustSent(User $user): bool
    {
        $since = Instants::write($this->clock->instant()->plusSeconds(-self::APART));

        return $this->links->open()->where('user_id', $user->id)->where('made_at', '>', $since)->exists();
    }
}
