<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Actions\ActLog;
use App\Actions\ActRefusal;
use App\Actions\Ledger\Append;
use App\Actions\Ledger\HeldChain;
use App\Casts\Instants;
use App\Jobs\CarryOutSuspensions;
use App\Models\ActKind;
use App\Models\Point;
use App\Models\Suspension;
use App\Models\User;
use App\Support\SystemClock;
use Illuminate\Support\Facades\DB;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\Verdict;
use Juramen\Canon\Id;
use Juramen\Canon\Refused;
use Juramen\Consent\Acts\SuspensionOrdered;
use Juramen\Consent\Reason;

/**
 * Suspends what people agreed to at a point whose form is at fault. The officer's entry binds at once: from then on "may we?" says no, and lists are
 * read without these people; the entry of each person follows in batches. Mending the form lifts nothing: people agree anew, or a second officer
 * lifts it with a reason.
 */
final class SuspendConsents
{
    private const SHORTEST_REASON = 15;

    private const LONGEST_REASON = 1000;

    public function __construct(private readonly Append $append, private readonly ActLog $log, private readonly SystemClock $clock) {}

    /** @throws Refused where the finding is no fault, no reason is given, or it is suspended for this already */
    public function __invoke(Point $point, AuditedFinding $finding, string $reason, User $by): Suspension
    {
        if (! in_array($finding->verdict, [Verdict::Breach, Verdict::Weakness], true)) {
            throw Refused::because(ActRefusal::NoFaultToSuspend);
        }

        return DB::transaction(function () use ($point, $finding, $reason, $by): Suspension {
            $chain = $this->append->hold($point->subject);
            if (Suspension::query()->where('point_id', $point->id)->where('requirement', $finding->requirement)->whereNull('lifted_at')->exists()) {
                throw Refused::because(ActRefusal::SuspendedAlready);
            }
            $suspension = Suspension::query()->create([
                'suspension' => Id::random(), 'point_id' => $point->id, 'requirement' => $finding->requirement, 'finding' => $finding->digest(),
                'reason' => self::reason($reason), 'user_id' => $by->id, 'made_at' => $this->clock->instant(),
            ]);
            $this->enter($chain, $suspension, $point, false, $suspension->reason, $by);
            // What reads quickly is told at once; whose entry is still to be written keeps the point's name beside it.
            DB::table('permissions')->where('point', $point->slug)->where('allowed', true)->update([
                'allowed' => false, 'reason' => Reason::Suspended->value, 'since' => Instants::write($suspension->made_at),
            ]);
            $this->log->write($by, ActKind::SuspendedConsents, $point->slug, $finding->requirement);
            DB::afterCommit(static fn () => CarryOutSuspensions::dispatch());

            return $suspension;
        }, 3);
    }

    /** @throws Refused where it is lifted already, the same officer ordered it, or no reason is given */
    public function lift(Suspension $suspension, string $reason, User $by): void
    {
        DB::transaction(function () use ($suspension, $reason, $by): void {
            $point = $suspension->point;
            $chain = $this->append->hold($point->subject);
            $held = Suspension::query()->whereKey($suspension->id)->lockForUpdate()->firstOrFail();
            $refusal = match (true) {
                $held->lifted_at !== null => ActRefusal::LiftedAlready,
                $held->user_id === $by->id => ActRefusal::AnotherLifts,
                default => null,
            };
            if ($refusal !== null) {
                throw Refused::because($refusal);
            }
            $held->update(['lifted_at' => $this->clock->instant(), 'lifted_by' => $by->id, 'lift_reason' => self::reason($reason)]);
            $this->enter($chain, $held, $point, true, $held->lift_reason, $by);
            $this->log->write($by, ActKind::LiftedSuspension, $point->slug, $held->requirement);
            DB::afterCommit(static fn () => CarryOutSuspensions::dispatch());
        }, 3);
    }

    private function enter(HeldChain $chain, Suspension $suspension, Point $point, bool $lifts, string $reason, User $by): void
    {
        ($this->append)($chain, new SuspensionOrdered(
            $this->clock->instant(), $point->slug, $suspension->suspension, $suspension->requirement, $suspension->finding, $lifts, $reason, $by->named()
        ));
    }

    private static function reason(string $reason): string
    {
        $reason = trim($reason);
        $length = mb_strlen($reason);

        return $length >= self::SHORTEST_REASON && $length <= self::LONGEST_REASON ? $reason : throw Refused::because(ActRefusal::AnswerReason);
    }
}
