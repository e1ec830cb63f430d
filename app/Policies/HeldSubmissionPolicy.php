<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Who may see what screening held, and decide about it. */
final class HeldSubmissionPolicy
{
    public function viewAny(User $user): bool
    {
        return in_array($user->role, [Role::Officer, Role::Auditor], true);
    }

    public function decide(User $user): bool
    {
        return $user->role === Role::Officer;
    }
}
