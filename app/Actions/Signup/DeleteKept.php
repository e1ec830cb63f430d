<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\ActLog;
use App\Actions\Upkeep\HandleRequests;
use App\Models\ActKind;
use App\Models\Enquiry;
use App\Models\HeldSubmission;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Canon\Refused;

/** A person decides that what somebody sent is kept no longer. It is no consent, so no entry says so. */
final class DeleteKept
{
    public function __construct(private readonly ActLog $log) {}

    /** @return bool whether it was there */
    public function held(HeldSubmission $held, User $by): bool
    {
        return $this->delete(HeldSubmission::query()->with('edition.point')->whereKey($held->id)->first(), $by, 'held');
    }

    /**
     * @return bool whether it was there
     *
     * @throws Refused while it asks for something that is not answered
     */
    public function enquiry(Id $id, User $by): bool
    {
        return $this->delete(Enquiry::query()->with('edition.point')->whereKey($id->bytes)->first(), $by, 'enquiry');
    }

    private function delete(HeldSubmission|Enquiry|null $kept, User $by, string $what): bool
    {
        return DB::transaction(function () use ($kept, $by, $what): bool {
            if ($kept instanceof Enquiry) {
                Enquiry::query()->whereKey($kept->id->bytes)->lockForUpdate()->value('id');
                HandleRequests::refuseWhileOpen($kept->id);
            }
            if ($kept === null || $kept->newQuery()->whereKey($kept->getRawOriginal($kept->getKeyName()))->delete() !== 1) {
                return false;
            }
            $this->log->write($by, ActKind::Deleted, $kept->edition->point->slug, $what);

            return true;
        });
    }
}
