<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Who may read what people sent besides their consent, and delete it before its time. */
final class EnquiryPolicy
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
