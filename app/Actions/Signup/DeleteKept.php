<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\ActLog;
use App\Actions\Upkeep\HandleRequests;
use App\Models\ActKind;
use App\Models\AssessedSubmission;
use App\Models\Enquiry;
use App\Models\HeldDecision;
use App\Models\HeldSubmission;
use App\Models\PublishedEdition;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Id;
use Juramen\Canon\Refused;

/** A person decides that what somebody sent is kept no longer. It is no consent, so no entry says so. */
final class DeleteKept
{
    public function __construct(
        private readonly ForgetEnquiries $forget, private readonly KeepAssessment $assessed, private readonly ActLog $log
    ) {}

    /** What was refused. @return bool whether it was there */
    public function held(HeldSubmission $held, User $by): bool
    {
        return DB::transaction(function () use ($held, $by): bool {
            $gone = HeldSubmission::query()->whereKey($held->id)->where('decided', HeldDecision::Refuse->value)->delete() === 1;
            if ($gone) {
                $this->assessed->decide($held->assessed_id, AssessedSubmission::SPAM);
                $this->note($by, $held->edition, 'held');
            }

            return $gone;
        }, 3);
    }

    /**
     * @return bool whether it was there
     *
     * @throws Refused while it asks for something that is not answered
     */
    public function enquiry(Id $id, User $by): bool
    {
        return DB::transaction(function () use ($id, $by): bool {
            $enquiry = Enquiry::query()->with('edition.point')->whereKey($id->bytes)->lockForUpdate()->first();
            HandleRequests::refuseWhileOpen($id);

            if ($enquiry === null) {
                return false;
            }
            ($this->forget)([$id]);
            $this->note($by, $enquiry->edition, 'enquiry');

            return true;
        }, 3);
    }

    private function note(User $by, PublishedEdition $edition, string $what): void
    {
        $this->log->write($by, ActKind::Deleted, $edition->point->slug, $what);
    }
}
