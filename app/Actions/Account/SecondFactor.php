<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Models\ActKind;
use App\Models\RecoveryCodeRow;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Access\OneTimeCodes;
use Juramen\Access\RecoveryCode;
use Juramen\Canon\Base32;
use Juramen\Canon\Refused;
use SensitiveParameter;

/** The code that is asked for after the password: set up, asked for, ended. */
final class SecondFactor
{
    public const RECOVERY_CODES = 10;

    public function __construct(private readonly ActLog $log, private readonly SystemClock $clock) {}

    /**
     * Takes a secret into use, once a code shows that an app knows it.
     *
     * @param  string  $secret  in Base32, as it was shown
     * @return list<string> recovery codes, shown this once
     *
     * @throws Refused where the code does not fit
     */
    public function begin(User $user, #[SensitiveParameter] string $secret, #[SensitiveParameter] string $code): array
    {
        return DB::transaction(function () use ($user, $secret, $code): array {
            $user = self::held($user);
            $step = (new OneTimeCodes(Base32::decode($secret)))->accept($code, $this->clock->instant());
            if ($step === null) {
                throw Refused::because(ActRefusal::CodeWrong);
            }
            $user->update(['code_secret' => $secret, 'code_step' => $step]);
            $this->log->write($user, ActKind::BeganSecondFactor);

            return $this->newCodes($user);
        }, 3);
    }

    /** Whether a code lets in: one of the app, or a recovery code, which is gone then. */
    public function admits(User $user, #[SensitiveParameter] string $given): bool
    {
        return DB::transaction(function () use ($user, $given): bool {
            $user = self::held($user);
            if ($user->code_secret === null) {
                return true;
            }
            $step = (new OneTimeCodes(Base32::decode($user->code_secret)))->accept($given, $this->clock->instant(), $user->code_step);
            if ($step !== null) {
                $user->update(['code_step' => $step]);

                return true;
            }
            $recovery = RecoveryCode::typed($given);
            $used = $recovery !== null
                && RecoveryCodeRow::query()->where('user_id', $user->id)->where('digest', $recovery->digest()->bytes)->delete() === 1;
            if ($used) {
                $this->log->write($user, ActKind::UsedRecoveryCode, detail: $this->left($user).' left');
            }

            return $used;
        }, 3);
    }

    /** How many recovery codes are left. */
    public function left(User $user): int
    {
        return RecoveryCodeRow::query()->where('user_id', $user->id)->count();
    }

    /**
     * New recovery codes in place of all there were.
     *
     * @return list<string> shown this once; none where no code is asked for
     */
    public function renew(User $user): array
    {
        return DB::transaction(function () use ($user): array {
            $user = self::held($user);
            if (! $user->asksForCode()) {
                return [];
            }
            $this->log->write($user, ActKind::RenewedCodes);

            return $this->newCodes($user);
        }, 3);
    }

    public function end(User $user): void
    {
        DB::transaction(function () use ($user): void {
            $user = self::held($user);
            $user->update(['code_secret' => null, 'code_step' => null]);
            RecoveryCodeRow::query()->where('user_id', $user->id)->delete();
            $this->log->write($user, ActKind::EndedSecondFactor);
        }, 3);
    }

    /** @return list<string> in place of all there were */
    private function newCodes(User $user): array
    {
        RecoveryCodeRow::query()->where('user_id', $user->id)->delete();
        $codes = array_map(static fn (): RecoveryCode => RecoveryCode::random(), range(1, self::RECOVERY_CODES));
        foreach ($codes as $code) {
            RecoveryCodeRow::query()->create(['user_id' => $user->id, 'digest' => $code->digest()]);
        }

        return array_map(static fn (RecoveryCode $code): string => $code->text(), $codes);
    }

    private static function held(User $user): User
    {
        return User::query()->whereKey($user->id)->lockForUpdate()->firstOrFail();
    }
}
