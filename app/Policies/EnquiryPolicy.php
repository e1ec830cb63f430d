<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Enquiry;
use App\Models\Role;
use App\Models\User;

/** Who may read what people sent besides their consent, work on it, and delete it before its time. Editors see those of the points that are theirs. */
final class EnquiryPolicy
{
    public function viewAny(User $user): bool
    {
        return in_array($user->role, [Role::Officer, Role::Auditor, Role::Editor], true);
    }

    public function view(User $user, Enquiry $enquiry): bool
    {
        return $this->viewAny($user) && $user->worksFor($enquiry->controller_id);
    }

    /** To take it, hand it on and close it. */
    public function work(User $user, Enquiry $enquiry): bool
    {
        return in_array($user->role, [Role::Officer, Role::Editor], true) && $user->worksFor($enquiry->controller_id);
    }

    public function decide(User $user): bool
    {
        return $user->role === Role::Officer;
    }
}
