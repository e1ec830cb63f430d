<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Who may see the mails on their way, which are listed without addresses, and send an uncertain one again. */
final class MessagePolicy
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
