<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Who looks after the accounts of those who work here. */
final class UserPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role === Role::Administrator;
    }

    public function manage(User $user): bool
    {
        return $user->role === Role::Administrator;
    }
}
