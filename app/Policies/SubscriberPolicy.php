<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Who may look at evidence: officers and auditors; never editors or administrators. */
final class SubscriberPolicy
{
    /** Who may record that somebody withdrew: whoever of the house hears of it; they learn nothing by it. */
    public function endFor(User $user): bool
    {
        return $user->role !== Role::Auditor;
    }

    /** Who may keep a filter of people by a name: it changes what others see of a list. */
    public function saveFilter(User $user): bool
    {
        return $user->role === Role::Officer;
    }

    public function viewAny(User $user): bool
    {
        return in_array($user->role, [Role::Officer, Role::Auditor], true);
    }
}
