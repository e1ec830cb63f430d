<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Who may see signup points, change their sheets, and publish them. */
final class PointPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role !== Role::Administrator;
    }

    public function change(User $user): bool
    {
        return in_array($user->role, [Role::Officer, Role::Editor], true);
    }

    public function publish(User $user): bool
    {
        return $user->role === Role::Officer;
    }
}
