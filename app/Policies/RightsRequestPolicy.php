<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Who may see what people ask under Art. 15 to 21 of the GDPR, and answer. That a message is a request, whoever works on the message says. */
final class RightsRequestPolicy
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
