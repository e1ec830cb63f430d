<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Actions\ActLog;
use App\Actions\Signup\KeepAssessment;
use App\Actions\Signup\WithdrawConsent;
use App\Models\ActKind;
use App\Models\AssessedSubmission;
use App\Models\SignupJourney;
use App\Models\Subscriber;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/**
 * Somebody of the house finds a subscriber to be a program's after all: entries stay, permissions end, the sign-ups are counted no longer, and what
 * screening had made of them counts as decided.
 */
final class FindSpam
{
    public function __construct(private readonly WithdrawConsent $withdraw, private readonly KeepAssessment $assessed, private readonly ActLog $log) {}

    /** @return bool false where it was found before, or they never signed up */
    public function __invoke(Subscriber $subscriber, User $by): bool
    {
        return DB::transaction(function () use ($subscriber, $by): bool {
            $journeys = SignupJourney::query()->where('subscriber_id', $subscriber->id)->where('found_spam', false)->lockForUpdate()->get();
            if ($journeys->isEmpty()) {
                return false;
            }
            $this->withdraw->foundSpam($subscriber->subject, $by);
            foreach ($journeys as $journey) {
                $this->assessed->decide($journey->assessed_id, AssessedSubmission::SPAM);
            }
            SignupJourney::query()->where('subscriber_id', $subscriber->id)->update(['found_spam' => true]);
            $this->log->write($by, ActKind::FoundSpam, $subscriber->subject->hex());

            return true;
        }, 3);
    }
}
