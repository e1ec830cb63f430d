<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Models\ActKind;
use App\Models\EntryLinkKind;
use App\Models\RecoveryCodeRow;
use App\Models\RegisteredController;
use App\Models\Role;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Refused;
use Juramen\Register\EmailAddress;
use Juramen\Register\InvalidEmailAddress;

/** What an administrator does with the accounts of those who work here. Nobody is deleted: what they did names them. */
final class Accounts
{
    private const LONGEST_NAME = 80;

    public function __construct(
        private readonly EntryLinks $links, private readonly Sessions $sessions, private readonly ActLog $log, private readonly SystemClock $clock
    ) {}

    /**
     * A new account without a password; a mail says how to set one.
     *
     * @throws Refused
     */
    public function invite(User $by, string $name, string $email, string $role): User
    {
        return $this->changing($by, function () use ($by, $name, $email, $role): User {
            $user = User::query()->create(['name' => self::name($name), 'email' => self::address($email, null), 'role' => self::role($role)]);
            $this->links->send($user, EntryLinkKind::Invitation);
            $this->log->write($by, ActKind::Invited, (string) $user->id, $user->role->value);

            return $user;
        });
    }

    /** @throws Refused where the person came in already */
    public function inviteAgain(User $by, User $user): void
    {
        $this->changing($by, function () use ($by, $user): void {
            $user = $this->working($user);
            if (! $user->isInvited()) {
                throw Refused::because(ActRefusal::HasPassword, name: $user->name);
            }
            $this->links->send($user, EntryLinkKind::Invitation);
            $this->log->write($by, ActKind::Invited, (string) $user->id, 'again');
        });
    }

    /** @throws Refused */
    /** @param  list<string>  $controllers  short names of those for whom alone an editor works; none where for every one */
    public function change(User $by, User $user, string $name, string $email, string $role, array $controllers = []): void
    {
        $this->changing($by, function () use ($by, $user, $name, $email, $role, $controllers): void {
            $user = $this->working($user);
            $was = $user->role;
            $user->fill(['name' => self::name($name), 'email' => self::address($email, $user), 'role' => self::role($role)]);
            $moved = $user->controllers()->sync(RegisteredController::query()->whereIn('slug', $controllers)->pluck('id'));
            $elsewhere = array_filter($moved) !== [];
            if (! $user->isDirty() && ! $elsewhere) {
                return;
            }
            if ($was === Role::Administrator && $user->role !== $was) {
                $this->keepOne($user);
            }
            $what = $elsewhere ? ['controllers'] : [];
            foreach (['name', 'email', 'role'] as $each) {
                if ($user->isDirty($each)) {
                    $what[] = $each === 'role' ? "role, {$was->value} to {$user->role->value}" : $each;
                }
            }
            $user->save();
            $this->log->write($by, ActKind::ChangedAccount, (string) $user->id, implode('; ', $what));
        });
    }

    /** Ends every session of it too. @throws Refused where it is the last administrator's */
    public function end(User $by, User $user): void
    {
        $this->changing($by, function () use ($by, $user): void {
            $user = User::query()->whereKey($user->id)->lockForUpdate()->firstOrFail();
            if ($user->hasEnded()) {
                return;
            }
            if ($user->role === Role::Administrator) {
                $this->keepOne($user);
            }
            $user->update(['ended_at' => $this->clock->instant()]);
            $this->links->spend($user);
            $this->sessions->endAll($user);
            $this->log->write($by, ActKind::EndedAccount, (string) $user->id);
        });
    }

    /** As it was, but for its password: who comes back sets a new one. */
    public function reopen(User $by, User $user): void
    {
        $this->changing($by, function () use ($by, $user): void {
            $user = User::query()->whereKey($user->id)->lockForUpdate()->firstOrFail();
            if (! $user->hasEnded()) {
                return;
            }
            $user->update(['ended_at' => null, 'password' => null]);
            $this->links->send($user, EntryLinkKind::Invitation);
            $this->log->write($by, ActKind::ReopenedAccount, (string) $user->id);
        });
    }

    /** For somebody who has lost the phone and the recovery codes. */
    public function dropSecondFactor(User $by, User $user): void
    {
        $this->changing($by, function () use ($by, $user): void {
            $user = $this->working($user);
            if ($user->asksForCode()) {
                $user->update(['code_secret' => null, 'code_step' => null]);
                RecoveryCodeRow::query()->where('user_id', $user->id)->delete();
                $this->log->write($by, ActKind::DroppedSecondFactor, (string) $user->id);
            }
        });
    }

    /**
     * An administrator by the word of whoever runs commands on this machine: new, or an account that is opened again or made one. Nobody
     * needs to be administrator for it; so the first comes to be, and so one comes in where the only one cannot any more.
     *
     * @throws Refused where the address or the name is none
     */
    public function byOperator(string $email, string $name): User
    {
        return DB::transaction(function () use ($email, $name): User {
            $user = User::query()->where('email', SignIn::fold($email))->lockForUpdate()->first()
                ?? User::query()->make(['name' => self::name($name), 'email' => self::address($email, null)]);
            $user->fill(['role' => Role::Administrator, 'ended_at' => null, 'code_secret' => null, 'code_step' => null])->save();
            RecoveryCodeRow::query()->where('user_id', $user->id)->delete();
            $this->sessions->endAll($user);
            $this->links->send($user, EntryLinkKind::Invitation);
            $this->log->write(null, ActKind::Invited, (string) $user->id, 'administrator, by the operator');

            return $user;
        }, 3);
    }

    /**
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    private function changing(User $by, callable $do): mixed
    {
        return DB::transaction(function () use ($by, $do): mixed {
            // All administrators are held, so that two who end each other leave one.
            $administrators = User::query()->where('role', Role::Administrator)->whereNull('ended_at')->orderBy('id')->lockForUpdate()->pluck('id');

            return $administrators->contains($by->id) ? $do() : throw Refused::because(ActRefusal::AdministratorsOnly);
        }, 3);
    }

    private function working(User $user): User
    {
        $user = User::query()->whereKey($user->id)->lockForUpdate()->firstOrFail();

        return $user->hasEnded() ? throw Refused::because(ActRefusal::AccountEnded) : $user;
    }

    /** Somebody else who has come in already and can look after accounts. */
    private function keepOne(User $user): void
    {
        $others = User::query()->where('role', Role::Administrator)->whereNull('ended_at')->whereNotNull('password')->whereKeyNot($user->id);
        if (! $others->exists()) {
            throw Refused::because(ActRefusal::LastAdministrator, name: $user->name);
        }
    }

    private static function name(string $given): string
    {
        $name = trim((string) preg_replace('/\s+/u', ' ', $given));

        return $name === '' || mb_strlen($name) > self::LONGEST_NAME ? throw Refused::because(ActRefusal::PersonName, most: self::LONGEST_NAME) : $name;
    }

    private static function address(string $given, ?User $of): string
    {
        try {
            $email = SignIn::fold(EmailAddress::parse($given)->text);
        } catch (InvalidEmailAddress $e) {
            throw Refused::because(ActRefusal::PersonAddress, why: (string) __('visitor.email.'.$e->fault->value, [], 'en'));
        }
        $taken = User::query()->where('email', $email)->whereKeyNot($of->id ?? 0)->exists();

        return $taken ? throw Refused::because(ActRefusal::AddressTaken) : $email;
    }

    private static function role(string $given): Role
    {
        return Role::tryFrom($given) ?? throw Refused::because(ActRefusal::NoSuchRole);
    }
}
