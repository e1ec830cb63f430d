<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Models\Enquiry;
use App\Models\HeldSubmission;
use Juramen\Canon\Id;

/** A person decides that what somebody sent is kept no longer. It is no consent, so no entry says so. */
final class DeleteKept
{
    public function held(HeldSubmission $held): bool
    {
        return HeldSubmission::query()->whereKey($held->id)->delete() === 1;
    }

    public function enquiry(Id $id): bool
    {
        return Enquiry::query()->whereKey($id->bytes)->delete() === 1;
    }
}
