<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Assignment;
use App\Models\Role;
use App\Models\User;

/** Who may see the audit, bring forms from elsewhere, answer findings and take an audit. */
final class ForeignFormPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role !== Role::Administrator;
    }

    public function change(User $user): bool
    {
        return in_array($user->role, [Role::Officer, Role::Editor], true);
    }

    /** Whoever answers for the house, or checks it from outside, says that a requirement is met. */
    public function attest(User $user): bool
    {
        return in_array($user->role, [Role::Officer, Role::Auditor], true);
    }

    /** A finding is accepted by whoever answers for the house. */
    public function accept(User $user): bool
    {
        return $user->role === Role::Officer;
    }

    /** Who is to mend something is said by whoever answers for the house. */
    public function assign(User $user): bool
    {
        return $user->role === Role::Officer;
    }

    /** Whoever is to mend it says that it is mended, or whoever answers for the house. */
    public function mend(User $user, Assignment $assignment): bool
    {
        return $user->role === Role::Officer || ($user->id === $assignment->user_id && $user->role === Role::Editor);
    }

    /** What people agreed to is suspended, and that is lifted, by officers. */
    public function suspend(User $user): bool
    {
        return $user->role === Role::Officer;
    }

    public function take(User $user): bool
    {
        return in_array($user->role, [Role::Officer, Role::Auditor], true);
    }
}
