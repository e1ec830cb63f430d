<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Point;
use App\Models\Role;
use App\Models\User;

/** Who may see signup points, change their sheets, and publish them. Editors change those of the controllers that are theirs. */
final class PointPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role !== Role::Administrator;
    }

    /** @param  Point|null  $point  which; any, where none is named */
    public function change(User $user, ?Point $point = null): bool
    {
        return in_array($user->role, [Role::Officer, Role::Editor], true) && ($point === null || $user->worksFor($point->controller_id));
    }

    public function publish(User $user): bool
    {
        return $user->role === Role::Officer;
    }
}
