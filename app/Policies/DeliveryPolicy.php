<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Who may see what is on its way out, which is listed without addresses, and send something once more. */
final class DeliveryPolicy
{
    public function viewAny(User $user): bool
    {
        return in_array($user->role, [Role::Officer, Role::Auditor, Role::Administrator], true);
    }

    public function decide(User $user): bool
    {
        return in_array($user->role, [Role::Officer, Role::Administrator], true);
    }
}
