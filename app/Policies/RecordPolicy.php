<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;
use Juramen\Register\RecordKind;

/** Who may see registers, statements and house rules, write in them, and approve what was written. */
final class RecordPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role !== Role::Administrator;
    }

    /** Editors draft wording; the registers and the rules are the officers'. */
    public function write(User $user, RecordKind $kind): bool
    {
        return $user->role === Role::Officer || ($user->role === Role::Editor && in_array($kind, [RecordKind::Statement, RecordKind::Mail], true));
    }

    /** Wording, at least. */
    public function draft(User $user): bool
    {
        return $this->write($user, RecordKind::Statement);
    }

    /** Whether they decide to whom people are handed over. */
    public function handOver(User $user): bool
    {
        return $this->write($user, RecordKind::Destination);
    }

    /** The key to a destination is the administrators'; it is set, and never shown. */
    public function setKey(User $user): bool
    {
        return $user->role === Role::Administrator;
    }

    public function approve(User $user): bool
    {
        return $user->role === Role::Officer;
    }
}
