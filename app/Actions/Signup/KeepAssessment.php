<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Models\AssessedSubmission;
use App\Support\SystemClock;
use Juramen\Screening\Assessment;

/** Keeps what screening made of a submission, without anything of what it said or who sent it. */
final class KeepAssessment
{
    public function __construct(private readonly SystemClock $clock) {}

    /** What a person decided of it. @param  string  $decided  AssessedSubmission::HAM or SPAM */
    public function decide(?int $assessed, string $decided): void
    {
        if ($assessed !== null) {
            AssessedSubmission::query()->whereKey($assessed)->update(['decided' => $decided]);
        }
    }

    /** Inside the transaction that takes or holds it. */
    public function __invoke(int $edition, Assessment $assessment): AssessedSubmission
    {
        return AssessedSubmission::query()->create([
            'point_edition_id' => $edition, 'assessed_at' => $this->clock->instant(), 'risk' => $assessment->risk, 'band' => $assessment->band,
            'signals' => $assessment->stored(),
        ]);
    }
}
