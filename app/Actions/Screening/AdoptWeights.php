<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Models\ActKind;
use App\Models\AdoptedWeights;
use App\Models\AssessedSubmission;
use App\Models\User;
use App\Queries\Screening\ReadDecisions;
use App\Queries\Screening\WeightsInForce;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Refused;
use Juramen\Screening\Assessment;
use Juramen\Screening\Calibration\Estimate;
use Juramen\Screening\Lines;
use Juramen\Screening\Weights;

/**
 * Puts other weights in force: by an officer, with a reason, from now on. What came before keeps what was done with it; its risk is counted anew,
 * so that lines are drawn by what counts now.
 */
final class AdoptWeights
{
    public function __construct(
        private readonly WeightsInForce $inForce, private readonly ReadDecisions $decisions, private readonly ActLog $log, private readonly SystemClock $clock
    ) {}

    /**
     * Those that follow from what was decided.
     *
     * @param  string  $seen  mark() of those that the officer saw
     *
     * @throws Refused where they are others by now, are too little founded, or no reason is given
     */
    public function estimated(string $seen, string $reason, User $by): void
    {
        $decided = ($this->decisions)();
        $estimate = Estimate::of($decided, $this->inForce->weights()) ?? throw Refused::because(ActRefusal::TooFewDecisions, least: Estimate::LEAST);
        if (! hash_equals(self::mark($estimate->weights), $seen)) {
            throw Refused::because(ActRefusal::OtherDecisionsSince);
        }
        $this->adopt($estimate->weights, count($decided), $reason, $by);
    }

    /** Ours again. @throws Refused where they are in force, or no reason is given */
    public function ours(string $reason, User $by): void
    {
        $this->adopt(Weights::ours(), 0, $reason, $by);
    }

    /** By which it is told whether weights are still those that somebody saw. */
    public static function mark(Weights $weights): string
    {
        return hash('xxh128', (string) json_encode($weights->toArray()));
    }

    private function adopt(Weights $weights, int $decided, string $reason, User $by): void
    {
        $reason = OfficersReason::of($reason, $by, ActRefusal::WeightsWithoutReason);
        DB::transaction(function () use ($weights, $decided, $reason, $by): void {
            if (self::mark($weights) === self::mark($this->inForce->weights())) {
                throw Refused::because(ActRefusal::SameWeights);
            }
            AdoptedWeights::query()->create([
                'weights' => (string) json_encode($weights->toArray()), 'decided' => $decided, 'reason' => $reason, 'user_id' => $by->id,
                'adopted_at' => $this->clock->instant(),
            ]);
            foreach (AssessedSubmission::query()->toBase()->distinct()->pluck('signals') as $signals) {
                $signals = is_string($signals) ? $signals : '';
                AssessedSubmission::query()->where('signals', $signals)->update(['risk' => Assessment::again($signals, Lines::ours(), $weights)->risk]);
            }
            $this->log->write($by, ActKind::AdoptedWeights, '', $decided === 0 ? 'ours' : "$decided decisions");
        }, 3);
    }
}
