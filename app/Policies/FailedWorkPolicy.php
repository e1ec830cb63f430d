<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Who may see work that failed, and have it done again or left. */
final class FailedWorkPolicy
{
    public function viewAny(User $user): bool
    {
        return in_array($user->role, [Role::Officer, Role::Administrator], true);
    }

    public function decide(User $user): bool
    {
        return $this->viewAny($user);
    }
}
